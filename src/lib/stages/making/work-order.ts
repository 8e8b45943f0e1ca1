import type { ColourRows } from '$lib/core/making/strand-left';
import type { Made } from './mat-view';

/** The first rows of some stripes, and those after them. */
function splitAt(stripes: readonly ColourRows[], at: number): [ColourRows[], ColourRows[]] {
	const [first, rest]: [ColourRows[], ColourRows[]] = [[], []];
	let from = 0;
	for (const { colour, rows } of stripes) {
		const before = Math.min(rows, Math.max(0, at - from));
		if (before > 0) first.push({ colour, rows: before });
		if (rows > before) rest.push({ colour, rows: rows - before });
		from += rows;
	}
	return [first, rest];
}

/**
 * The stripes of a mat with those first that are made, from either end: what is left comes after them,
 * from the near end on.
 */
export function workOrder(stripes: readonly ColourRows[], { near, far }: Made): ColourRows[] {
	if (far === 0) return [...stripes];
	const total = stripes.reduce((sum, { rows }) => sum + rows, 0);
	const [made, rest] = splitAt(stripes, near);
	const [open, others] = splitAt(rest, Math.max(0, total - far - near));
	return [...made, ...others.toReversed(), ...open];
}
