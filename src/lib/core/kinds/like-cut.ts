import type { Bag, BagMeasures } from '../bag/measure-bag';
import { measureBag } from '../bag/measure-bag';
import { cutBag } from '../cut/cut-bag';
import type { Cut, SpiralCut } from '../cut/types';
import { usableHeightMm } from '../cut/usable-height';
import type { CutYield } from '../cut/yield';
import { defaults } from '../defaults';
import { positive } from '../domain-error';
import type { Join } from '../joint/joints';

/** Whether two strands work as one, want their pieces in turn, or belong apart. */
export const kindVerdicts = ['as-one', 'alternate', 'keep-apart'] as const;
export type KindVerdict = (typeof kindVerdicts)[number];

/**
 * The gravest of some verdicts.
 *
 * @example worstVerdict(['as-one', 'keep-apart', 'alternate']) // 'keep-apart'
 */
export const worstVerdict = (verdicts: readonly KindVerdict[]): KindVerdict =>
	kindVerdicts.findLast((verdict) => verdicts.includes(verdict)) ?? 'as-one';

export interface LikeCut {
	readonly cut: Cut;
	readonly yield: CutYield;
	readonly measures: BagMeasures;
	/** Strip width whose strand would be the very same, mm. */
	readonly exactWidthMm: number;
	/** Section over the reference's, and thickness, less one. */
	readonly sectionOff: number;
	readonly thicknessOff: number;
	readonly verdict: KindVerdict;
}

/**
 * Whether a strand of one section goes with another.
 *
 * @throws DomainError where either is not above 0
 * @source bench default: up to 8 % of thickness as gauge does anyway, up to 22 % in turn
 * @example [kindVerdict(1.9, 1.87), kindVerdict(2.5, 1.87), kindVerdict(3.7, 1.87)] // ['as-one', 'alternate', 'keep-apart']
 */
export function kindVerdict(sectionMm2: number, referenceMm2: number): KindVerdict {
	const off = Math.abs(
		Math.log(positive('sectionMm2', sectionMm2) / positive('referenceMm2', referenceMm2))
	);
	if (off <= defaults.mixAsOne.value + 1e-9) return 'as-one';
	return off <= defaults.mixAlternate.value + 1e-9 ? 'alternate' : 'keep-apart';
}

/**
 * The whole number of loops of a bag whose strand comes nearest to a section: least |ln of their
 * ratio|, fewer on a tie; 1 to 40, and no strip under 12 mm.
 *
 * @param usableMm height between the trims, above 0
 * @throws DomainError
 * @example loopsLike(285, 0.0131484, 1.87365) // 4
 */
export function loopsLike(usableMm: number, filmThicknessMm: number, sectionMm2: number): number {
	positive('usableMm', usableMm);
	const wanted =
		(2 * usableMm * positive('filmThicknessMm', filmThicknessMm)) /
		positive('sectionMm2', sectionMm2);
	const most = Math.max(
		1,
		Math.min(
			defaults.mixMostLoops.value,
			Math.floor(usableMm / defaults.mixLeastStrip.value + 1e-9)
		)
	);
	// |ln(wanted / n)| is least at one of the two whole numbers beside it.
	const below = Math.min(most, Math.max(1, Math.floor(wanted)));
	const above = Math.min(most, below + 1);
	const off = (loops: number) => Math.abs(Math.log(wanted / loops));
	return off(above) < off(below) - 1e-12 ? above : below;
}

/**
 * A bag cut so that its strand is like a reference's: loops snapped to a whole number, a spiral exact
 * but never under 20 mm; half bags and whole tubes are what they are.
 *
 * @throws DomainError where the bag cannot be cut so
 * @source same section is same mass a metre, same bulk, same strength
 * @example likeCut(bagPresets[1].bag, startingPlan.cut, 1.87365).yield.pieces // 11
 */
export function likeCut(
	bag: Bag,
	reference: Cut,
	sectionMm2: number,
	join?: Join,
	measures: BagMeasures = measureBag(bag)
): LikeCut {
	const thickness = measures.filmThicknessMm;
	const plies = reference.style === 'spiral' ? 1 : 2;
	const exactWidthMm = positive('sectionMm2', sectionMm2) / (plies * thickness);
	const cut = cutLike(bag, reference, exactWidthMm, thickness, sectionMm2);
	const made = cutBag(bag, cut, measures, join);
	// Spinning thickens all alike, so strands are compared as they are cut.
	const { solidSectionMm2 } = join ? cutBag(bag, cut, measures) : made;
	const ratio = solidSectionMm2 / sectionMm2;
	return {
		cut,
		yield: made,
		measures,
		exactWidthMm,
		sectionOff: ratio - 1,
		thicknessOff: Math.sqrt(ratio) - 1,
		verdict: kindVerdict(solidSectionMm2, sectionMm2)
	};
}

/**
 * The kind that the others are to be like, under the cut it has.
 *
 * @throws DomainError where the bag cannot be cut so
 * @example asItIs(bagPresets[0].bag, startingPlan.cut, measureBag(bagPresets[0].bag)).verdict // 'as-one'
 */
export function asItIs(bag: Bag, cut: Cut, measures: BagMeasures, join?: Join): LikeCut {
	const made = cutBag(bag, cut, measures, join);
	return {
		cut,
		yield: made,
		measures,
		exactWidthMm: made.stripWidthMm,
		sectionOff: 0,
		thicknessOff: 0,
		verdict: 'as-one'
	};
}

function cutLike(
	bag: Bag,
	reference: Cut,
	exactWidthMm: number,
	thicknessMm: number,
	sectionMm2: number
): Cut {
	if (reference.style === 'spiral') {
		const stripWidthMm = Math.max(defaults.spiralLeastWidth.value, exactWidthMm);
		return { ...reference, stripWidthMm } satisfies SpiralCut;
	}
	if (reference.style !== 'loops') return reference;
	const { trimBottomMm, trimTopMm } = reference;
	const equalStrips = loopsLike(usableHeightMm(bag, reference), thicknessMm, sectionMm2);
	return { style: 'loops', equalStrips, trimBottomMm, trimTopMm };
}
