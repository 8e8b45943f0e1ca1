import { PrepareDaysIdSheetPdfDoor as say } from '$lib/words/table-day';
import { listToMend } from '$lib/server/check/made-mats';
import { askedDay, workThere } from '$lib/server/table-day/day-now';
import { runInWorker } from '$lib/server/heavy/heavy-work';
import { drawnCut, workOfDay } from '$lib/server/prepare/day-work';
import { daySheets } from '$lib/server/sheets/day-sheet';
import { answerPdf } from '$lib/server/web/answer-file';
import { paperAsked } from '$lib/server/web/paper-asked';
import { readerOf } from '$lib/server/web/reader';
import { error } from '@sveltejs/kit';
import type { RequestHandler } from './$types';

/** A table day on paper: its seats, its stations, or the sheet for the door. */
export const GET: RequestHandler = async ({ params, url, locals, cookies }) => {
	const { db } = locals;
	const sheet = daySheets.find((name) => name === params.sheet);
	if (!sheet) error(404, say.thereIsNoSuchSheet());
	const day = await askedDay(db, params.id);
	const [reader, work, toMend] = await Promise.all([
		readerOf({ locals, cookies }),
		workOfDay(db, day),
		sheet === 'seats' ? listToMend(db) : []
	]);
	if (!work.by) error(404, say.thisDayHasNoPlan());
	const bytes = await runInWorker('onPaper', {
		sheet,
		groupName: reader.name,
		system: reader.lengthSystem,
		day,
		work: workThere(work),
		toMend,
		cut: drawnCut(work.by),
		address: `${url.origin}/prepare/days/${day.id}`,
		...paperAsked(url, reader)
	});
	return answerPdf(bytes, say.tableDay({ day: day.day, sheet }));
};
