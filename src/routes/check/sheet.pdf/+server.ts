import { CheckSheetPdfDoor as say } from '$lib/words/check';
import { checkOverview } from '$lib/server/check/made-mats';
import { runInWorker } from '$lib/server/heavy/heavy-work';
import { answerPdf } from '$lib/server/web/answer-file';
import { paperAsked } from '$lib/server/web/paper-asked';
import { readerOf } from '$lib/server/web/reader';
import { error } from '@sveltejs/kit';
import type { RequestHandler } from './$types';

/** The mats that wait to be checked, on paper. */
export const GET: RequestHandler = async ({ url, locals, cookies }) => {
	const [reader, overview] = await Promise.all([
		readerOf({ locals, cookies }),
		checkOverview(locals.db)
	]);
	const mats = overview.mats.filter(({ state }) => state !== 'to-mend');
	if (mats.length === 0) error(404, { message: say.noMatsToCheck() });
	const bytes = await runInWorker('toCheck', {
		groupName: reader.name,
		mats: mats.map(({ code, planName, look }) => ({ code, planName, look })),
		...paperAsked(url, reader),
		date: new Date()
	});
	return answerPdf(bytes, say.matsToCheck());
};
