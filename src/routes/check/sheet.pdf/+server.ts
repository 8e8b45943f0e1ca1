import { papers } from '$lib/ui/reader';
import { checkOverview } from '$lib/server/check/made-mats';
import { whileReached } from '$lib/server/db/away';
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

/** The mats that wait to be checked, on paper. */
export const GET: RequestHandler = async ({ url, locals, cookies }) => {
	const asked = shape.parse({ paper: null, ...Object.fromEntries(url.searchParams) });
	const [reader, overview] = await whileReached(
		Promise.all([readerOf({ locals, cookies }), checkOverview(locals.groupId)])
	);
	const mats = overview.mats.filter(({ state }) => state !== 'to-mend');
	if (mats.length === 0) error(404, { message: 'No mat waits to be checked.' });
	const bytes = await heavily('toCheck', {
		groupName: reader.name,
		mats: mats.map(({ code, planName, look }) => ({ code, planName, look })),
		paper: asked.paper ?? reader.paper,
		isLarge: asked.large === 'yes',
		date: new Date(),
		locale: reader.locale,
		timeZone: reader.timeZone
	});
	return answerPdf(bytes, 'Mats to check');
};
