import { defaults } from '../defaults';

/** What a place has brought and had sorted before. */
export interface PlaceSoFar {
	/** Bags of all drop-offs, and how many drop-offs they were. */
	readonly bags: number;
	readonly dropOffs: number;
	readonly sorted: number;
}

/** Why a count is asked about before it counts, with the numbers a sentence needs. */
export type OddCount =
	| { readonly code: 'far-more-than-usual'; readonly bags: number; readonly usual: number }
	| { readonly code: 'more-than-a-hall'; readonly bags: number }
	| { readonly code: 'more-than-a-day'; readonly pieces: number }
	| { readonly code: 'more-scrap-than-sacks'; readonly scrapG: number }
	| { readonly code: 'more-than-sacks-hold'; readonly bags: number; readonly sacks: number }
	| { readonly code: 'bag-too-light' | 'bag-too-heavy'; readonly meanG: number }
	| { readonly code: 'more-than-came'; readonly all: number; readonly came: number };

/**
 * What a place usually brings at once, bags: the mean of its drop-offs; 0 where it brought nothing yet.
 *
 * @source the mean of what was counted
 * @example usualDropOff({ bags: 240, dropOffs: 2 }) // 120
 */
export const usualDropOff = ({ bags, dropOffs }: Pick<PlaceSoFar, 'bags' | 'dropOffs'>): number =>
	dropOffs > 0 ? bags / dropOffs : 0;

/**
 * Whether bags that came in should be asked about: a hall-full at once, ten times what the place
 * brings, more than its sacks hold, or bags that weigh as none does, which a unit left out explains.
 *
 * @param meanG mass of one bag as its handfuls have it, g; null where nothing was weighed
 * @source assumed limits, all in the table of defaults
 * @example oddDropOff({ bags: 1201, sacks: 2, meanG: null }, { bags: 0, dropOffs: 0, sorted: 0 }) // { code: 'more-than-sacks-hold', bags: 1201, sacks: 2 }
 */
export function oddDropOff(
	{
		bags,
		sacks,
		meanG
	}: { readonly bags: number; readonly sacks: number; readonly meanG: number | null },
	before: PlaceSoFar
): OddCount | null {
	if (meanG !== null && meanG < defaults.lightestBag.value) return { code: 'bag-too-light', meanG };
	if (meanG !== null && meanG > defaults.heaviestBag.value) return { code: 'bag-too-heavy', meanG };
	if (sacks > 0 && bags / sacks > defaults.bagsInSack.value)
		return { code: 'more-than-sacks-hold', bags, sacks };
	const usual = usualDropOff(before);
	if (before.dropOffs > 1 && bags > 100 && bags > 10 * usual)
		return { code: 'far-more-than-usual', bags, usual };
	return bags > defaults.bagsAtOnce.value ? { code: 'more-than-a-hall', bags } : null;
}

/**
 * Whether a sorting should be asked about: more bags sorted of a place than ever came from it, by
 * more than counts may be off. A place that nothing is known to have come from is not asked about.
 * @example oddSorting(200, { bags: 150, dropOffs: 2, sorted: 0 }) // { code: 'more-than-came', all: 200, came: 150 }
 */
export function oddSorting(all: number, { bags, dropOffs, sorted }: PlaceSoFar): OddCount | null {
	if (dropOffs === 0) return null;
	const over = sorted + all - bags;
	return over > Math.max(20, 0.1 * bags)
		? { code: 'more-than-came', all: sorted + all, came: bags }
		: null;
}

/**
 * Whether a movement of the store should be asked about: more than any table cuts, joins or counts
 * in a day, or more scrap than it could carry out.
 *
 * @param amount pieces, or g where it is scrap; below zero is out
 * @source assumed limits, in the table of defaults
 * @example oddMovement(-30000, false) // { code: 'more-than-a-day', pieces: 30000 }
 */
export function oddMovement(amount: number, isScrap: boolean): OddCount | null {
	const moved = Math.abs(amount);
	if (isScrap)
		return moved > defaults.scrapMovedAtOnce.value
			? { code: 'more-scrap-than-sacks', scrapG: moved }
			: null;
	return moved > defaults.piecesMovedAtOnce.value
		? { code: 'more-than-a-day', pieces: moved }
		: null;
}
