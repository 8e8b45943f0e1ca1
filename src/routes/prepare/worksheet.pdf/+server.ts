import { papers } from '$lib/ui/reader';
import { answerPdf } from '$lib/server/web/answer-file';
import { whileReached } from '$lib/server/db/away';
import { heavily } from '$lib/server/heavy/heavy-work';
import { workList } from '$lib/server/prepare/work-list';
import { readerOf } from '$lib/server/web/reader';
import type { RequestHandler } from '@sveltejs/kit';
import { z } from 'zod';

const shape = z.object({
	paper: z.enum(papers).nullable().catch(null),
	large: z.literal('yes').optional().catch(undefined)
});

/** What to cut and join next, for the wall. */
export const GET: RequestHandler = async ({ url, locals, cookies }) => {
	const asked = shape.parse({ paper: null, ...Object.fromEntries(url.searchParams) });
	const [reader, plans] = await whileReached(
		Promise.all([readerOf({ locals, cookies }), workList(locals.groupId)])
	);
	const bytes = await heavily('work', {
		groupName: reader.name,
		plans,
		system: reader.lengthSystem,
		paper: asked.paper ?? reader.paper,
		isLarge: asked.large === 'yes',
		date: new Date(),
		locale: reader.locale,
		timeZone: reader.timeZone
	});
	return answerPdf(bytes, 'To cut and join');
};
