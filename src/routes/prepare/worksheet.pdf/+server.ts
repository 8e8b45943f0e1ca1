import { PrepareWorksheetPdfDoor as say } from '$lib/words/prepare';
import { answerPdf } from '$lib/server/web/answer-file';
import { runInWorker } from '$lib/server/heavy/heavy-work';
import { workList } from '$lib/server/prepare/work-list';
import { paperAsked } from '$lib/server/web/paper-asked';
import { readerOf } from '$lib/server/web/reader';
import type { RequestHandler } from '@sveltejs/kit';

/** What to cut and join next, for the wall. */
export const GET: RequestHandler = async ({ url, locals, cookies }) => {
	const [reader, plans] = await Promise.all([readerOf({ locals, cookies }), workList(locals.db)]);
	const bytes = await runInWorker('work', {
		groupName: reader.name,
		plans,
		system: reader.lengthSystem,
		...paperAsked(url, reader),
		date: new Date()
	});
	return answerPdf(bytes, say.toCutAndJoin());
};
