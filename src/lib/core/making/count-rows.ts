import { within } from '../domain-error';

/** A row of a mat, tapped: one more, or one taken back. */
export interface RowTap {
	readonly kind: 'tap';
	readonly step: 1 | -1;
	/** The device it was tapped on, and the how-manieth entry of that device it is; null where there is none. */
	readonly device: string | null;
	readonly sequence: number | null;
}

/** Rows said as a number: so many there are, by somebody who had seen some of the taps. */
export interface RowSet {
	readonly kind: 'set';
	readonly to: number;
	/** Of each device, the last entry that was seen. */
	readonly seen: Readonly<Record<string, number>>;
}

export type RowMark = RowTap | RowSet;

/** Whether whoever said a number had seen a tap. A tap of no device was seen if it came before. */
const wasSeen = (
	{ seen }: RowSet,
	{ device, sequence }: RowTap,
	hasComeBefore: boolean
): boolean =>
	device === null || sequence === null
		? hasComeBefore
		: sequence <= (seen[device] ?? Number.NEGATIVE_INFINITY);

/**
 * Rows of one end of a mat: the latest number that was said, and all taps it has not seen. Never below
 * The rows there are: the last number that was said, and every tap that whoever said it had not seen; never
 * fewer than none.
 *
 * @param marks each once, in the order the server has them
 * @throws DomainError where a number of rows is below 0
 * @example countRows([{ kind: 'tap', step: 1, device: 'a', sequence: 1 }, { kind: 'set', to: 40, seen: { a: 1 } }, { kind: 'tap', step: 1, device: 'b', sequence: 9 }]) // 41
 */
export function countRows(marks: readonly RowMark[]): number {
	const last = marks.findLastIndex(({ kind }) => kind === 'set');
	const set = marks[last];
	let count = set?.kind === 'set' ? within('to', set.to, { atLeast: 0 }) : 0;
	for (const [at, mark] of marks.entries()) {
		if (mark.kind !== 'tap') continue;
		if (set?.kind === 'set' && wasSeen(set, mark, at < last)) continue;
		count += mark.step;
	}
	return Math.max(0, count);
}
