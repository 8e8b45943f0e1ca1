import { papers } from '$lib/ui/reader';
import { whileReached } from '$lib/server/db/away';
import { accountIn } from '$lib/server/hand-over/account';
import { periodIn } from '$lib/server/hand-over/period-in';
import { heavily } from '$lib/server/heavy/heavy-work';
import { answerPdf } from '$lib/server/web/answer-file';
import { readerOf } from '$lib/server/web/reader';
import { error } from '@sveltejs/kit';
import { z } from 'zod';
import type { RequestHandler } from './$types';

const shape = z.object({
	paper: z.enum(papers).nullable().catch(null),
	large: z.literal('yes').optional().catch(undefined)
});

/** What it came to, on one page. */
export const GET: RequestHandler = async ({ url, locals, cookies }) => {
	const asked = shape.parse({ paper: null, ...Object.fromEntries(url.searchParams) });
	const [reader, account] = await whileReached(
		Promise.all([readerOf({ locals, cookies }), accountIn(locals.groupId, periodIn(url))])
	);
	if (account.account.deliveries === 0) error(404, { message: 'Nothing was handed over then.' });
	const bytes = await heavily('account', {
		groupName: reader.name,
		account,
		system: reader.lengthSystem,
		paper: asked.paper ?? reader.paper,
		isLarge: asked.large === 'yes',
		date: new Date(),
		locale: reader.locale,
		timeZone: reader.timeZone
	});
	return answerPdf(bytes, 'What it came to');
};
