import { SeasonSheetPdfDoor as say } from '$lib/words/season';
import { runInWorker } from '$lib/server/heavy/heavy-work';
import { forecastFor } from '$lib/server/season/forecasts';
import { listForetold } from '$lib/server/season/foretold';
import { seasonAsked } from '$lib/server/season/season-asked';
import { seasonNow } from '$lib/server/season/season-now';
import { answerPdf } from '$lib/server/web/answer-file';
import { paperAsked } from '$lib/server/web/paper-asked';
import { readerOf } from '$lib/server/web/reader';
import { changedWords } from '$lib/stages/season/season-words';
import { error } from '@sveltejs/kit';
import type { RequestHandler } from './$types';

/** The season on one page for the wall, with what is changed of it as the address says. */
export const GET: RequestHandler = async ({ url, locals, cookies }) => {
	const { db } = locals;
	const reader = await readerOf({ locals, cookies });
	const [basis, foretold] = await Promise.all([seasonNow(db, reader), listForetold(db, reader)]);
	const { goal, asked } = seasonAsked(url, basis);
	if (!goal) error(404, { message: say.noPlaceAsksForMats() });
	const bytes = await runInWorker('seasonPaper', {
		groupName: reader.name,
		basis,
		goal,
		said: await forecastFor(basis, goal, asked),
		changed: changedWords(asked, basis),
		foretold,
		...paperAsked(url, reader),
		date: new Date()
	});
	return answerPdf(bytes, say.theSeason());
};
