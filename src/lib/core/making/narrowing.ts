import { within } from '../domain-error';
import { studentT90 } from '../statistics/student-t';

/** The width of a mat, measured across at a row. */
export interface WidthAt {
	/** The row it was measured at, from 1. */
	readonly row: number;
	readonly widthMm: number;
}

/** What the widths of a mat say: it keeps straight, or stitches get lost or added along it. */
export interface WidthCourse {
	readonly verdict: 'straight' | 'narrows' | 'widens';
	/** Slope by least squares, mm a row, with its 80 % interval. */
	readonly slopeMm: number;
	readonly lowMm: number;
	readonly highMm: number;
	/** Stitches lost or added since, whole; 0 where it keeps straight. */
	readonly stitches: number;
	/** The last row measured at which it still had its width. */
	readonly sinceRow: number;
}

/** By how much of its width a mat may be off at its end before it is said. */
const mostOff = 0.03;

/**
 * Whether a mat narrows or widens. Called where the 80 % interval of the slope leaves zero and the end
 * would be off by more than 3 % of the width.
 *
 * @param widths in any order
 * @param stitchWidthMm width of one stitch, above 0
 * @param rows rows of the whole mat, 1 or more
 * @returns null where fewer than three rows were measured
 * @throws DomainError
 * @example widthCourse([{ row: 10, widthMm: 850 }, { row: 60, widthMm: 848 }, { row: 140, widthMm: 851 }, { row: 155, widthMm: 838 }, { row: 171, widthMm: 826 }], 11.9, 204)?.verdict // 'straight'
 */
export function widthCourse(
	widths: readonly WidthAt[],
	stitchWidthMm: number,
	rows: number
): WidthCourse | null {
	within('stitchWidthMm', stitchWidthMm, { moreThan: 0 });
	within('rows', rows, { atLeast: 1 });
	const sorted = widths.toSorted((one, other) => one.row - other.row);
	for (const { widthMm } of sorted) within('widthMm', widthMm, { moreThan: 0 });
	const [first, last] = [sorted[0], sorted.at(-1)];
	if (!first || !last || new Set(sorted.map(({ row }) => row)).size < 3) return null;
	const count = sorted.length;
	const mean = (of: (one: WidthAt) => number) =>
		sorted.reduce((sum, one) => sum + of(one), 0) / count;
	const [row, width] = [mean((one) => one.row), mean(({ widthMm }) => widthMm)];
	const sumOfSquares = sorted.reduce((sum, one) => sum + (one.row - row) ** 2, 0);
	const slopeMm =
		sorted.reduce((sum, one) => sum + (one.row - row) * (one.widthMm - width), 0) / sumOfSquares;
	const rest = sorted.reduce(
		(sum, one) => sum + (one.widthMm - width - slopeMm * (one.row - row)) ** 2,
		0
	);
	const reach = studentT90(count - 2) * Math.sqrt(rest / (count - 2) / sumOfSquares);
	const [lowMm, highMm] = [slopeMm - reach, slopeMm + reach];
	const begin = width + slopeMm * (first.row - row);
	const isOff = Math.abs(slopeMm * (rows - first.row)) > mostOff * begin;
	const verdict = !isOff ? 'straight' : highMm < 0 ? 'narrows' : lowMm > 0 ? 'widens' : 'straight';
	const still = (one: WidthAt) => Math.abs(one.widthMm - first.widthMm) < stitchWidthMm / 2;
	return {
		verdict,
		slopeMm,
		lowMm,
		highMm,
		stitches:
			verdict === 'straight'
				? 0
				: Math.max(1, Math.round(Math.abs(slopeMm * (last.row - first.row)) / stitchWidthMm)),
		sinceRow: (sorted.findLast(still) ?? first).row
	};
}
