import type { LabelSize } from '$lib/stages/prepare/label-sizes';
import { labelGrids, placeOfLabel } from '$lib/stages/prepare/label-sizes';
import type { Paper } from '$lib/ui/reader';
import type { Label } from './label-scene';
import { drawLabel } from './label-scene';
import { Sheet } from './sheet';

export interface LabelSheetOrder {
	readonly title: string;
	readonly labels: readonly Label[];
	readonly paper: Paper;
	readonly size: LabelSize;
	/** Labels of the first sheet that are used already. */
	readonly begin: number;
}

/** Sheets of labels as a PDF, true to scale: nothing but the labels stands on them. */
export async function labelSheet({
	title,
	labels,
	paper,
	size,
	begin
}: LabelSheetOrder): Promise<Uint8Array> {
	const grid = labelGrids[paper][size];
	const sheet = await Sheet.bare(title, paper);
	let onPage = 0;
	for (const [nth, label] of labels.entries()) {
		const place = placeOfLabel(grid, begin, nth);
		for (; onPage < place.sheet; onPage++) sheet.newPage();
		const { square, words } = drawLabel(label, grid.widthMm, grid.heightMm);
		sheet.sceneAt(square, 3, place.xMm + square.xMm, place.yMm + square.yMm);
		for (const { words: line, xMm, yMm, sizeMm, isBold } of words)
			sheet.label(line, place.xMm + xMm, place.yMm + yMm, { sizePt: (sizeMm * 72) / 25.4, isBold });
	}
	return sheet.save();
}
