import { measuringSheet as say } from '$lib/words/sheets';
import { boardMm, greyPatches, isWhite, markerPlace, markersOfBoard } from '$lib/core/photo/board';
import { longDayWords } from '$lib/ui/day-words';
import type { OnPaper } from '$lib/ui/reader';
import { writeAs } from '$lib/words/writing';
import { Sheet } from './sheet';

/** The measuring sheet: the boards asked for, a page each, true to scale. */
export interface MeasuringSheetOrder extends OnPaper {
	readonly boards: readonly number[];
	readonly date: Date;
}

/** Runs of black in a row of a marker: from a column, so many. */
function blackRuns(id: number, row: number): { from: number; count: number }[] {
	const runs: { from: number; count: number }[] = [];
	for (let column = 0; column < 6; column++) {
		if (isWhite(id, column, row)) continue;
		const last = runs.at(-1);
		if (last && last.from + last.count === column) last.count++;
		else runs.push({ from: column, count: 1 });
	}
	return runs;
}

function drawBoard(sheet: Sheet, board: number): void {
	const left = (sheet.widthMm - boardMm.width) / 2;
	const top = (sheet.heightMm - boardMm.height) / 2;
	const { module, line } = boardMm;
	for (let nth = 0; nth < markersOfBoard; nth++) {
		const [x, y] = markerPlace(nth);
		for (let row = 0; row < 6; row++)
			for (const { from, count } of blackRuns(markersOfBoard * board + nth, row))
				sheet.fill(
					left + x + from * module,
					top + y + row * module,
					count * module,
					// Rows that touch are one: no hair of white is left between them in print.
					row < 5 ? module + 0.05 : module
				);
	}
	for (const patch of greyPatches)
		sheet.fill(
			left + patch.left,
			top + boardMm.patchTop,
			boardMm.patch,
			boardMm.patch,
			patch.grey / 255
		);
	const [from, to] = [left + line.from, left + line.to];
	const y = top + line.y;
	sheet.line(from, y, to, y, line.thick);
	for (const x of [from, to]) sheet.line(x, y - line.tick, x, y + line.tick, line.thick);
	// Words stand above the board and below it: its inside is free for small things.
	const words = top - 5;
	sheet.label(say.board({ number: board + 1 }), left, words, { sizePt: 11, isBold: true });
	sheet.label(say.atFullSize(), left + boardMm.width, words, { sizePt: 9.5, align: 'right' });
	const below = top + boardMm.height + 5;
	sheet.label(say.measureTheLine(), left, below, { sizePt: 9.5 });
	sheet.label(say.layItFlat(), left, below + 5, { sizePt: 9.5 });
}

/** The measuring sheet as a PDF. */
export async function measuringSheet(order: MeasuringSheetOrder): Promise<Uint8Array> {
	writeAs(order);
	const sheet = await Sheet.bare(`${say.title()}, ${longDayWords(order.date)}`, order.paper);
	writeAs(order);
	order.boards.forEach((board, nth) => {
		if (nth > 0) sheet.newPage();
		drawBoard(sheet, board);
	});
	return sheet.save();
}
