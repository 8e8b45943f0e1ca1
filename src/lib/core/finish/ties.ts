import { defaults } from '../defaults';

export interface Finish {
	/** How ties and strap are made, or none. */
	readonly ties: 'chain' | 'braid' | 'none';
	/** Whether a carrying strap goes with the two ties. */
	readonly hasStrap: boolean;
	/** The group's own number of ties and their lengths, mm; two of 1.2 m and a strap of 1.5 m if not given. */
	readonly tieCount?: number | undefined;
	readonly tieLengthMm?: number | undefined;
	readonly strapLengthMm?: number | undefined;
}

/**
 * Strand a tie takes over its own length: a crochet chain 3.5, a three-strand braid 3 × 1.15.
 *
 * @example [takeUpOfTies('chain'), takeUpOfTies('braid')] // [3.5, 3.45]
 */
export const takeUpOfTies = (how: 'chain' | 'braid'): number =>
	how === 'chain' ? defaults.chainTakeUp.value : defaults.braidTakeUp.value;

/**
 * Strand for ties and, if wanted, a strap, mm; two of 1.2 m and 1.5 m if not said: a crochet chain takes
 * 3.5 times its length, a three-strand braid 3 × 1.15.
 *
 * @source bench default
 * @example tieStrandMm({ ties: 'chain', hasStrap: true }) // 13650
 */
export function tieStrandMm(finish: Finish): number {
	if (finish.ties === 'none') return 0;
	const strap = finish.hasStrap ? (finish.strapLengthMm ?? defaults.strapLength.value) : 0;
	const count = finish.tieCount ?? defaults.tieCount.value;
	const lengthMm = finish.tieLengthMm ?? defaults.tieLength.value;
	return takeUpOfTies(finish.ties) * (count * lengthMm + strap);
}
