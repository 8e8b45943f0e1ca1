import type { Paper } from '$lib/ui/reader';

export const labelSizes = ['small', 'middle', 'large'] as const;
export type LabelSize = (typeof labelSizes)[number];

/** How labels lie on a sheet: so many across and down, each so large, mm. */
export interface LabelGrid {
	readonly columns: number;
	readonly rows: number;
	readonly widthMm: number;
	readonly heightMm: number;
	/** From the edge of the paper to the first label, and between two side by side. */
	readonly leftMm: number;
	readonly topMm: number;
	readonly gapMm: number;
}

const grid = (
	columns: number,
	rows: number,
	widthMm: number,
	heightMm: number,
	leftMm: number,
	topMm: number,
	gapMm = 0
): LabelGrid => ({ columns, rows, widthMm, heightMm, leftMm, topMm, gapMm });

/** Sheets of labels as they are sold for either paper. */
export const labelGrids: Readonly<Record<Paper, Readonly<Record<LabelSize, LabelGrid>>>> = {
	a4: {
		small: grid(4, 10, 48.5, 25.4, 8, 21.5),
		middle: grid(3, 8, 70, 35, 0, 8.5),
		large: grid(2, 7, 99.1, 38.1, 4.65, 15.15, 2.5)
	},
	letter: {
		small: grid(3, 10, 66.675, 25.4, 4.76, 12.7, 3.175),
		middle: grid(2, 7, 101.6, 33.87, 4.76, 21.2, 3.175),
		large: grid(2, 5, 101.6, 50.8, 4.76, 12.7, 3.175)
	}
};

/** Labels on one sheet. */
export const labelsOn = ({ columns, rows }: LabelGrid): number => columns * rows;

/** A label of the small printer. */
export const printerLabel = { widthMm: 62, heightMm: 29 } as const;

/** Where the nth label of a run lies, from 0, begun at a place of the first sheet: which sheet, and its corner, mm. */
export function placeOfLabel(of: LabelGrid, begin: number, nth: number) {
	const at = begin + nth;
	const onSheet = at % labelsOn(of);
	return {
		sheet: Math.floor(at / labelsOn(of)),
		xMm: of.leftMm + (onSheet % of.columns) * (of.widthMm + of.gapMm),
		yMm: of.topMm + Math.floor(onSheet / of.columns) * of.heightMm
	};
}
