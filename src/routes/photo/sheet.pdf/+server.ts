import { measuringSheet as say } from '$lib/words/sheets';
import { boardNumbers } from '$lib/core/photo/board';
import { runInWorker } from '$lib/server/heavy/heavy-work';
import { answerPdf } from '$lib/server/web/answer-file';
import { paperAsked } from '$lib/server/web/paper-asked';
import { readerOf } from '$lib/server/web/reader';
import type { RequestHandler } from './$types';

/** The measuring sheet: all four boards, or one, on the paper asked for. */
export const GET: RequestHandler = async ({ url, locals, cookies }) => {
	const reader = await readerOf({ locals, cookies });
	const one = boardNumbers.find((board) => String(board) === url.searchParams.get('board'));
	const bytes = await runInWorker('measuringBoards', {
		boards: one === undefined ? boardNumbers : [one],
		date: new Date(),
		...paperAsked(url, reader)
	});
	return answerPdf(bytes, say.title());
};
