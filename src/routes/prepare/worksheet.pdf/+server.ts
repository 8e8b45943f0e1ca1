import { PrepareWorksheetPdfDoor as say } from '$lib/words/prepare';
import { answerPdf } from '$lib/server/web/answer-file';
import { runInWorker } from '$lib/server/heavy/heavy-work';
import { matsToBegin } from '$lib/server/need/need';
import { workList } from '$lib/server/prepare/work-list';
import { paperAsked } from '$lib/server/web/paper-asked';
import { readerOf } from '$lib/server/web/reader';
import type { RequestHandler } from '@sveltejs/kit';

/** What to cut and join next, for the wall. */
export const GET: RequestHandler = async ({ url, locals, cookies }) => {
	const reader = await readerOf({ locals, cookies });
	const plans = await workList(locals.db, matsToBegin(locals.db, reader));
	const bytes = await runInWorker('work', {
		groupName: reader.name,
		plans,
		system: reader.lengthSystem,
		...paperAsked(url, reader),
		date: new Date()
	});
	return answerPdf(bytes, say.toCutAndJoin());
};
