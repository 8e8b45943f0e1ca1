/** What is cut off below and above before the cut itself; the top trim is counted down from the base of the handles. */
export interface Trims {
	readonly trimBottomMm: number;
	readonly trimTopMm: number;
}

/** Straight across the tube into rings: so many equal folds, or strips of a measured width. Exactly one of the two is given. */
export interface LoopsCut extends Trims {
	readonly style: 'loops';
	readonly equalStrips?: number | undefined;
	readonly stripWidthMm?: number | undefined;
}

/** One continuous strip: slit through the fold up to a margin, then each slit cut across to its neighbour on a slant. */
export interface SpiralCut extends Trims {
	readonly style: 'spiral';
	readonly stripWidthMm: number;
	/** What stays uncut at one edge while the slits are made, mm; drawn, and no part of the sums. */
	readonly marginMm?: number | undefined;
}

/** No trimming: cut between the handles, each half opened at its folded corner into one very wide ring. */
export interface HalfBagCut {
	readonly style: 'half-bag';
}

/** Bottom off, handles off or kept: one ring of the whole tube. */
export interface WholeTubeCut extends Trims {
	readonly style: 'whole-tube';
	/** Off if not given. Kept handles ride along: the top trim is then not cut. */
	readonly handles?: 'cut' | 'kept' | undefined;
}

export type Cut = LoopsCut | SpiralCut | HalfBagCut | WholeTubeCut;
export type CutStyle = Cut['style'];
export const cutStyles = ['loops', 'spiral', 'half-bag', 'whole-tube'] as const;

/**
 * The trims of a cut; none for a half bag.
 *
 * @example trimsOf({ style: 'half-bag' }) // { trimBottomMm: 0, trimTopMm: 0 }
 */
export const trimsOf = (cut: Cut): Trims =>
	cut.style === 'half-bag' ? { trimBottomMm: 0, trimTopMm: 0 } : cut;
