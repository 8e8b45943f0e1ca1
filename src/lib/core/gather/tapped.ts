import type { BagFindings, Grade, GradeReason } from './grade';
import { gradeBag } from './grade';

/** The piles of a sorting table, each with what a hand finds on its bags. */
export const piles = {
	sound: {},
	'hole-at-edge': { isHoledAtEdge: true },
	'hole-in-body': { isHoledInBody: true },
	damp: { isDamp: true },
	brittle: { isBrittle: true },
	soiled: { isSoiledOrMouldy: true }
} as const satisfies Partial<Record<GradeReason, BagFindings>>;
export type PileName = keyof typeof piles;
export const pileNames = Object.keys(piles) as PileName[];

/** So many bags put on a pile at once. */
export interface Tap {
	readonly pile: PileName;
	/** A whole number above 0. */
	readonly bags: number;
}

/**
 * What the bags of a pile are good for.
 *
 * @example gradeOfPile('damp') // 'drying'
 */
export const gradeOfPile = (pile: PileName): Grade => gradeBag(piles[pile]).grade;

/**
 * The bags of some taps by what they are good for.
 *
 * @example countTaps([{ pile: 'sound', bags: 20 }, { pile: 'hole-at-edge', bags: 1 }]) // { strand: 21, stuffing: 0, drying: 0, reject: 0 }
 */
export function countTaps(taps: readonly Tap[]): Record<Grade, number> {
	const counts: Record<Grade, number> = { strand: 0, stuffing: 0, drying: 0, reject: 0 };
	for (const { pile, bags } of taps) counts[gradeOfPile(pile)] += bags;
	return counts;
}
