import { within } from '../../domain-error';

export interface LoomSeat {
	readonly seat: 1 | 2 | 3 | 4;
	readonly end: 'near' | 'far';
	readonly side: 'left' | 'right';
	/** Strands this seat weaves through, counted from the near left corner. */
	readonly firstStrand: number;
	readonly lastStrand: number;
	readonly rows: number;
	readonly crossings: number;
}

/**
 * Four weavers, two at each end, who hand the weft over half way across.
 *
 * @param strands a whole number from 2
 * @param rows rows in all, a whole number from 2
 * @throws DomainError
 * @example fourSeats(33, 41).map(({ crossings }) => crossings) // [357, 336, 340, 320]
 */
export function fourSeats(strands: number, rows: number): LoomSeat[] {
	within('strands', strands, { atLeast: 2, isWhole: true });
	within('rows', rows, { atLeast: 2, isWhole: true });
	const half = Math.ceil(strands / 2);
	const sides = [
		{ side: 'left', firstStrand: 1, lastStrand: half },
		{ side: 'right', firstStrand: half + 1, lastStrand: strands }
	] as const;
	const ends = [
		{ end: 'near', rows: Math.ceil(rows / 2) },
		{ end: 'far', rows: Math.floor(rows / 2) }
	] as const;
	return ends.flatMap((end, e) =>
		sides.map((side, s) => ({
			seat: (2 * e + s + 1) as LoomSeat['seat'],
			...end,
			...side,
			crossings: end.rows * (side.lastStrand - side.firstStrand + 1)
		}))
	);
}
