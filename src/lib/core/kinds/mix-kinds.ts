import type { Bag } from '../bag/measure-bag';
import { cutBag } from '../cut/cut-bag';
import type { Cut } from '../cut/types';
import type { CutYield } from '../cut/yield';
import { defaults } from '../defaults';
import { positive, within } from '../domain-error';
import type { Join } from '../joint/joints';
import type { KindVerdict } from './like-cut';
import { likeCut, worstVerdict } from './like-cut';
import type { KindOfYield } from './mixed-yield';
import { mixedYield, thicknessCv } from './mixed-yield';

/** A kind of bag in a mat: its share of the strand, or the bags of it on hand, which go first. */
export interface KindInMat {
	readonly bag: Bag;
	/** Share of the strand that counts on hand leave; shares stand to each other, whatever they add up to. */
	readonly share?: number | undefined;
	/** Bags on hand, whole or not, 0 or more. */
	readonly bags?: number | undefined;
}

export interface MixedKind extends KindOfYield {
	readonly strandMm: number;
	readonly bags: number;
}

export interface MixedKinds {
	readonly referenceMm2: number;
	readonly kinds: readonly MixedKind[];
	readonly meanSectionMm2: number;
	/** Bulk diameter of the mean strand, mm. */
	readonly bulkDiameterMm: number;
	/** Spread of thickness over the strand, a coefficient of variation. */
	readonly thicknessCv: number;
	/** Spread of the strand a bag gives, of all kinds together. */
	readonly strandCv: number;
	readonly worst: KindVerdict;
	/** Strand of all kinds, and what it lacks, mm. */
	readonly strandMm: number;
	readonly shortMm: number;
}

/** What may be typed of the kinds in one mat. */
export const kindLimits = {
	kinds: { atLeast: 1, atMost: 6, isWhole: true },
	share: { atLeast: 0, atMost: 1 },
	bags: { atLeast: 0, atMost: 1_000_000 },
	strandMm: { moreThan: 0, atMost: 100_000_000 }
} as const;

/**
 * Several kinds of bag in one mat: for each the cut that makes its strand like the reference's, its
 * bags, what difference stays, and what the strand of all of them is.
 *
 * @param reference the bag and cut the strand is to be like
 * @param strandMm the mat takes
 * @throws DomainError
 * @source bench default
 * @example mixKinds({ bag: bagPresets[0].bag, cut: startingPlan.cut }, [{ bag: bagPresets[0].bag, share: 0.5 }, { bag: bagPresets[1].bag, share: 0.5 }], 880000).kinds.map(({ bags }) => bags) // [250.41, 83.381]
 */
export function mixKinds(
	reference: { readonly bag: Bag; readonly cut: Cut },
	kinds: readonly KindInMat[],
	strandMm: number,
	join?: Join
): MixedKinds {
	within('kinds', kinds.length, kindLimits.kinds);
	within('strandMm', strandMm, kindLimits.strandMm);
	const referenceMm2 = cutBag(reference.bag, reference.cut).solidSectionMm2;
	const cuts = kinds.map(({ bag }) => likeCut(bag, reference.cut, referenceMm2, join));
	const strands = strandsOf(kinds, cuts, strandMm);
	const total = strands.reduce((sum, mm) => sum + mm, 0);
	const mixed = cuts.map((cut, at): MixedKind => {
		const mm = strands[at] ?? 0;
		return {
			...cut,
			bag: kinds[at]?.bag ?? reference.bag,
			share: total > 0 ? mm / total : 0,
			strandMm: mm,
			bags: mm / cut.yield.strandPerBagMm
		};
	});
	const all = total > 0 ? mixedYield(mixed).yield : null;
	return {
		referenceMm2,
		kinds: mixed,
		meanSectionMm2: all?.solidSectionMm2 ?? 0,
		bulkDiameterMm: all?.bulkDiameterMm ?? 0,
		thicknessCv: all
			? thicknessCv(
					mixed.map(({ share, yield: made }) => ({ share, sectionMm2: made.solidSectionMm2 })),
					all.solidSectionMm2
				)
			: 0,
		strandCv:
			Math.hypot(defaults.bagMass.cv, defaults.pieceLength.cv) *
			Math.sqrt(mixed.reduce((sum, { share }) => sum + share ** 2, 0)),
		worst: worstVerdict(mixed.map(({ verdict }) => verdict)),
		strandMm: total,
		shortMm: Math.max(0, strandMm - total)
	};
}

/** Strand of each kind: the bags on hand give theirs, and what they leave is shared out. */
function strandsOf(
	kinds: readonly KindInMat[],
	cuts: readonly { readonly yield: CutYield }[],
	strandMm: number
): number[] {
	const onHand = kinds.map(({ bags }, at) =>
		bags === undefined
			? null
			: within(`kinds.${at}.bags`, bags, kindLimits.bags) * (cuts[at]?.yield.strandPerBagMm ?? 0)
	);
	const left = Math.max(0, strandMm - onHand.reduce<number>((sum, mm) => sum + (mm ?? 0), 0));
	const shares = kinds.map(({ bags, share }, at) =>
		bags === undefined ? within(`kinds.${at}.share`, share ?? NaN, kindLimits.share) : 0
	);
	const all = shares.reduce((sum, share) => sum + share, 0);
	if (onHand.includes(null)) positive('kinds.share', all);
	return kinds.map((_, at) => onHand[at] ?? (left * (shares[at] ?? 0)) / all);
}
