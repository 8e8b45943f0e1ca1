import { defaults } from '../defaults';

export interface Finish {
	/** How ties and strap are made, or none. */
	readonly ties: 'chain' | 'braid' | 'none';
	/** Whether a carrying strap goes with the two ties. */
	readonly hasStrap: boolean;
}

/**
 * Strand a tie takes over its own length: a crochet chain 3.5, a three-strand braid 3 × 1.15.
 *
 * @example [takeUpOfTies('chain'), takeUpOfTies('braid')] // [3.5, 3.45]
 */
export const takeUpOfTies = (how: 'chain' | 'braid'): number =>
	how === 'chain' ? defaults.chainTakeUp.value : defaults.braidTakeUp.value;

/**
 * Strand for two ties of 1.2 m and, if wanted, a strap of 1.5 m, in mm: a crochet chain takes
 * 3.5 times its length, a three-strand braid 3 × 1.15.
 *
 * @source bench default
 * @example tieStrandMm({ ties: 'chain', hasStrap: true }) // 13650
 */
export function tieStrandMm(finish: Finish): number {
	if (finish.ties === 'none') return 0;
	const strap = finish.hasStrap ? defaults.strapLength.value : 0;
	return takeUpOfTies(finish.ties) * (defaults.tieCount.value * defaults.tieLength.value + strap);
}
