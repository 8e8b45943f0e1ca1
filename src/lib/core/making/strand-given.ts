import type { ColourName } from '../colour/colours';
import { within } from '../domain-error';
import type { ColourRows } from './strand-left';
import { strandLeft } from './strand-left';

/** Strand of one colour that was given for a mat, m, and when. */
export interface Given {
	readonly colour: ColourName;
	readonly metres: number;
	/** The order in which it was said. */
	readonly at: number;
}

/** What was left of a colour when it was weighed, m, and the rows that were made then. */
export interface Weighed {
	readonly colour: ColourName;
	readonly leftM: number;
	readonly made: number;
	readonly at: number;
}

/**
 * The strand that was given for a mat by colour, m, as what was weighed has it: a colour that was weighed
 * is what its rows had taken by then and what was left, and what was given since.
 *
 * @param stripes the colours of its rows
 * @param rowM strand a row, m, above 0
 * @throws DomainError
 * @example strandGiven([{ colour: 'blue', rows: 20 }], 2, [{ colour: 'blue', metres: 40, at: 1 }], [{ colour: 'blue', leftM: 12, made: 10, at: 2 }]) // { blue: 32 }
 */
export function strandGiven(
	stripes: readonly ColourRows[],
	rowM: number,
	given: readonly Given[],
	weighed: readonly Weighed[]
): Partial<Record<ColourName, number>> {
	within('rowM', rowM, { moreThan: 0 });
	const sum: Partial<Record<ColourName, number>> = {};
	const latest = new Map<ColourName, Weighed>();
	for (const one of weighed) {
		const before = latest.get(one.colour);
		if (!before || before.at < one.at) latest.set(one.colour, one);
	}
	for (const { colour, leftM, made } of latest.values())
		sum[colour] = within('leftM', leftM, { atLeast: 0 }) + takenBy(stripes, made, rowM, colour);
	for (const { colour, metres, at } of given)
		if (at > (latest.get(colour)?.at ?? Number.NEGATIVE_INFINITY))
			sum[colour] = (sum[colour] ?? 0) + metres;
	return sum;
}

/** Strand that the rows made have taken of a colour, m. */
function takenBy(
	stripes: readonly ColourRows[],
	made: number,
	rowM: number,
	colour: ColourName
): number {
	const own = stripes.reduce((sum, one) => sum + (one.colour === colour ? one.rows : 0), 0) * rowM;
	const open = strandLeft(stripes, made, rowM, {}).find((one) => one.colour === colour);
	return own - (open?.neededM ?? 0);
}
