import { layLoops } from './cut-loops';
import type { Cut } from './types';
import { usableHeightMm } from './usable-height';
import { defaults } from '../defaults';
import { within } from '../domain-error';
import type { Bag } from '../bag/measure-bag';

export type BandKind = 'trim-bottom' | 'strip' | 'short-strip' | 'offcut' | 'trim-top';

/** One horizontal band of the flat bag. Heights in mm above the bottom seam: up is towards the handles. */
export interface BagBand {
	readonly kind: BandKind;
	readonly fromMm: number;
	readonly toMm: number;
	/** Which ring or turn it becomes, from the bottom, counted from one; null for what is neither. */
	readonly ring: number | null;
}

/** A cut on the flat bag, from point to point: mm from the left edge, mm above the bottom seam. */
export interface CutLine {
	readonly kind: 'across' | 'slit' | 'slant' | 'down';
	readonly from: readonly [number, number];
	readonly to: readonly [number, number];
}

/** What to draw of a bag lying flat: its bands from the bottom seam up, and the lines to cut. */
export interface BagSketch {
	readonly widthMm: number;
	readonly bodyMm: number;
	readonly handleMm: number;
	readonly gussetMm: number;
	/** Whether the handles go into the strand. */
	readonly areHandlesUsed: boolean;
	readonly bands: readonly BagBand[];
	readonly lines: readonly CutLine[];
}

/**
 * Lays a cut out on the flat bag. The bands fill the body from seam to handles without gap or
 * overlap.
 *
 * @throws DomainError where the cut does not fit the bag
 * @example sketchBag(bagPresets[0].bag, startingPlan.cut).bands.length // 6
 */
export function sketchBag(bag: Bag, cut: Cut): BagSketch {
	const bands = bandsOf(bag, cut);
	const areHandlesUsed =
		cut.style === 'half-bag' || (cut.style === 'whole-tube' && cut.handles === 'kept');
	return {
		widthMm: bag.flatWidthMm,
		bodyMm: bag.bodyMm,
		handleMm: bag.handleMm,
		gussetMm: bag.gussetMm,
		areHandlesUsed,
		bands,
		lines: linesOf(bag, cut, bands, areHandlesUsed)
	};
}

function bandsOf(bag: Bag, cut: Cut): BagBand[] {
	const bands: BagBand[] = [];
	let at = 0;
	const add = (kind: BandKind, heightMm: number, ring: number | null = null) => {
		if (heightMm > 1e-9) bands.push({ kind, fromMm: at, toMm: at + heightMm, ring });
		at += heightMm;
	};
	switch (cut.style) {
		case 'half-bag':
			add('strip', bag.bodyMm, 1);
			return bands;
		case 'whole-tube':
			add('trim-bottom', cut.trimBottomMm);
			if (cut.handles === 'kept') {
				add('strip', bag.bodyMm - cut.trimBottomMm, 1);
			} else {
				add('strip', usableHeightMm(bag, cut), 1);
				add('trim-top', cut.trimTopMm);
			}
			return bands;
		case 'spiral': {
			const usableMm = usableHeightMm(bag, cut);
			const turns = Math.floor(
				usableMm / within('stripWidthMm', cut.stripWidthMm, { moreThan: 0 }) + 1e-9
			);
			add('trim-bottom', cut.trimBottomMm);
			for (let turn = 1; turn <= turns; turn++) add('strip', cut.stripWidthMm, turn);
			add('offcut', usableMm - turns * cut.stripWidthMm);
			add('trim-top', cut.trimTopMm);
			return bands;
		}
		case 'loops': {
			const laid = layLoops(usableHeightMm(bag, cut), cut);
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
			return bands;
		}
	}
}

/** Between bands the cut goes across; a spiral is slit up to its margin there, then slanted over to the next slit. */
function linesOf(
	bag: Bag,
	cut: Cut,
	bands: readonly BagBand[],
	areHandlesUsed: boolean
): CutLine[] {
	const { flatWidthMm: width, bodyMm, handleMm } = bag;
	if (cut.style === 'half-bag') {
		return [{ kind: 'down', from: [width / 2, bodyMm], to: [width / 2, 0] }];
	}
	const lines: CutLine[] = [];
	const across = (y: number) => lines.push({ kind: 'across', from: [0, y], to: [width, y] });
	const marginMm =
		cut.style === 'spiral' ? Math.min(cut.marginMm ?? defaults.spiralMargin.value, width / 2) : 0;
	for (const [index, band] of bands.entries()) {
		if (index === 0) continue;
		const before = bands[index - 1];
		const isBetweenTurns = cut.style === 'spiral' && band.ring !== null && before?.ring !== null;
		if (!isBetweenTurns) {
			across(band.fromMm);
			continue;
		}
		const edge = width - marginMm;
		lines.push({ kind: 'slit', from: [0, band.fromMm], to: [edge, band.fromMm] });
		lines.push({ kind: 'slant', from: [edge, band.fromMm], to: [width, band.toMm] });
	}
	if (handleMm > 0 && !areHandlesUsed && bands.at(-1)?.kind !== 'trim-top') across(bodyMm);
	return lines;
}
