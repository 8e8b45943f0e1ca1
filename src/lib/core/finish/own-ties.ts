import { defaults } from '../defaults';
import { within } from '../domain-error';
import { wholeIn } from '../factors/rounding';
import { rollMat } from './roll';
import { takeUpOfTies } from './ties';

/** Whether a tie goes round its roll and can be tied, or trips who walks. */
export type TieVerdict = 'too-short' | 'scant' | 'goes-round' | 'long';

export interface OwnTies {
	readonly strandMm: number;
	readonly rollMm: number;
	readonly rollLengthMm: number;
	/** Once round with a bow, and twice, mm. */
	readonly leastMm: number;
	readonly roundTwiceMm: number;
	readonly verdict: TieVerdict;
	/** Times it goes round and can still be tied. */
	readonly turns: number;
	/** Length of the strap in lengths of the roll; 0 without one. Below two it is a handle, three to four a sling. */
	readonly strapInRolls: number;
}

/** What may be typed of ties. */
export const tieLimits = {
	lengthMm: { atLeast: 300, atMost: 4000 },
	count: { atLeast: 0, atMost: 6, isWhole: true }
} as const;

/**
 * Ties of the group's own number and length, and whether they go round the rolled mat.
 *
 * @param strapMm 0 for none
 * @param isFolded the mat is folded in half lengthwise before it is rolled
 * @throws DomainError
 * @source bench default for the bow and for what trips
 * @example ownTies('braid', { count: 1, lengthMm: 1830, strapMm: 0 }, { widthMm: 711, lengthMm: 1880, thicknessMm: 7.8 }).turns // 2
 */
export function ownTies(
	how: 'chain' | 'braid',
	tie: { readonly count: number; readonly lengthMm: number; readonly strapMm: number },
	mat: { readonly widthMm: number; readonly lengthMm: number; readonly thicknessMm: number },
	isFolded = true
): OwnTies {
	const count = within('count', tie.count, tieLimits.count);
	const lengthMm = within('tieMm', tie.lengthMm, tieLimits.lengthMm);
	const strapMm = within('strapMm', tie.strapMm, { atLeast: 0 });
	const roll = rollMat(mat, { isFolded });
	const roundMm = Math.PI * roll.diameterMm;
	const leastMm = roundMm + defaults.tieBow.value;
	const verdict: TieVerdict =
		lengthMm < roundMm + defaults.tieLeastRound.value
			? 'too-short'
			: lengthMm < leastMm
				? 'scant'
				: lengthMm > defaults.tieLong.value
					? 'long'
					: 'goes-round';
	return {
		strandMm: takeUpOfTies(how) * (count * lengthMm + strapMm),
		rollMm: roll.diameterMm,
		rollLengthMm: roll.lengthMm,
		leastMm,
		roundTwiceMm: 2 * roundMm + defaults.tieBow.value,
		verdict,
		turns: Math.max(0, wholeIn((lengthMm - defaults.tieBow.value) / roundMm)),
		strapInRolls: strapMm / roll.lengthMm
	};
}
