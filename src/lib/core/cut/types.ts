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

export type Cut = LoopsCut;
export type CutStyle = Cut['style'];
