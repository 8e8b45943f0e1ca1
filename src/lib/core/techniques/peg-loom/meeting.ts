import { within } from '../../domain-error';

export type FirstPass = 'over' | 'under';

/** One end of the loom: rows woven there, and how its first pass met the strand at the weaver's own left hand. */
export interface WovenEnd {
	readonly rows: number;
	readonly firstPass: FirstPass;
}

export type Meeting =
	| { readonly verdict: 'fine' }
	/** Two neighbouring rows are alike where the ends meet: one row more, or one less, mends it. */
	| { readonly verdict: 'add-row' | 'drop-row'; readonly rows: 1 };

/** Whether row `i` (from one) of an end passes over strand `j` (from one at the weaver's own left). */
const passesOver = (end: WovenEnd, row: number, strand: number): boolean =>
	((row - 1 + strand - 1) % 2 === 0) === (end.firstPass === 'over');

/**
 * Whether the rows are opposites where two weavers meet, who sit at opposite ends and so count the
 * strands from opposite sides.
 *
 * @param strands strands of warp that the weft passes, doubled edges as one; a whole number from 2
 * @param spaceRows room left between the two last rows, in rows; decides between adding and dropping
 * @throws DomainError
 * @example meetingCheck({ rows: 20, firstPass: 'over' }, { rows: 20, firstPass: 'under' }, 33) // { verdict: 'fine' }
 */
export function meetingCheck(
	near: WovenEnd,
	far: WovenEnd,
	strands: number,
	spaceRows = 0
): Meeting {
	within('near.rows', near.rows, { atLeast: 1, isWhole: true });
	within('far.rows', far.rows, { atLeast: 1, isWhole: true });
	within('strands', strands, { atLeast: 2, isWhole: true });
	const nearOver = passesOver(near, near.rows, 1);
	const farOver = passesOver(far, far.rows, strands);
	if (nearOver !== farOver) return { verdict: 'fine' };
	return { verdict: spaceRows >= 0.5 ? 'add-row' : 'drop-row', rows: 1 };
}

/**
 * Both ends of a mat woven from both: the near weaver has the odd row and passes over first.
 *
 * @example endsOf(41, 'under') // [{ rows: 21, firstPass: 'over' }, { rows: 20, firstPass: 'under' }]
 */
export const endsOf = (rows: number, farFirstPass: FirstPass): [WovenEnd, WovenEnd] => [
	{ rows: Math.ceil(rows / 2), firstPass: 'over' },
	{ rows: Math.floor(rows / 2), firstPass: farFirstPass }
];
