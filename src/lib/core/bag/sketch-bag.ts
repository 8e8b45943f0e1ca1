import { layLoops } from '../cut/cut-loops';
import type { LoopsCut } from '../cut/types';
import type { Bag } from './measure-bag';

export type BandKind = 'trim-bottom' | 'strip' | 'short-strip' | 'offcut' | 'trim-top';

/** One horizontal band of the flat bag. Heights in mm above the bottom seam: up is towards the handles. */
export interface Band {
	readonly kind: BandKind;
	readonly fromMm: number;
	readonly toMm: number;
	/** Which ring it becomes, from the bottom, counted from one; null for what is not a ring. */
	readonly ring: number | null;
}

/** What to draw of a bag lying flat: its bands from the bottom seam up. Every height is a cut line. */
export interface BagSketch {
	readonly widthMm: number;
	readonly bodyMm: number;
	readonly handleMm: number;
	readonly gussetMm: number;
	readonly bands: readonly Band[];
}

/**
 * Lays a loops cut out on the flat bag. The bands fill the body from seam to handles without gap or
 * overlap.
 *
 * @throws DomainError where the cut does not fit the bag
 */
export function sketchBag(bag: Bag, cut: LoopsCut): BagSketch {
	const usableMm = bag.bodyMm - cut.trimBottomMm - cut.trimTopMm;
	const laid = layLoops(usableMm, cut);
	const bands: Band[] = [];
	let at = 0;
	const add = (kind: BandKind, heightMm: number, ring: number | null = null) => {
		if (heightMm > 1e-9) bands.push({ kind, fromMm: at, toMm: at + heightMm, ring });
		at += heightMm;
	};
	add('trim-bottom', cut.trimBottomMm);
	for (let ring = 1; ring <= laid.pieces; ring++) {
		const isShort = ring === laid.pieces && laid.shortStripMm !== null;
		add(
			isShort ? 'short-strip' : 'strip',
			isShort ? (laid.shortStripMm ?? 0) : laid.stripWidthMm,
			ring
		);
	}
	add('offcut', laid.offcutMm);
	add('trim-top', cut.trimTopMm);
	return {
		widthMm: bag.flatWidthMm,
		bodyMm: bag.bodyMm,
		handleMm: bag.handleMm,
		gussetMm: bag.gussetMm,
		bands
	};
}
