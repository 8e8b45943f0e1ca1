import type { Bag } from '../bag/measure-bag';
import type { CutYield } from '../cut/yield';
import { positive } from '../domain-error';
import { bulkDiameterMm } from '../strand/bulk-diameter';
import type { LikeCut } from './like-cut';

/** One kind of bag in a mixed strand. */
export interface KindOfYield extends LikeCut {
	readonly bag: Bag;
	/** Share of the strand, 0 to 1; all of them sum to 1. */
	readonly share: number;
}

/** What the bags of several kinds give together, as one bag of them all would. */
export interface MixedYield {
	/** A mean bag of the mix: lengths, pieces and film are what all kinds come to. */
	readonly yield: CutYield;
	/** Of a hundred bags those of each kind, as shares of the bags. */
	readonly bagShares: readonly number[];
}

/**
 * Shares of the strand from what there is of each kind: shares stand to each other, bags give what
 * they give.
 *
 * @param amounts shares, or bags; 0 or more, and not all 0
 * @throws DomainError where they come to nothing
 * @example strandShares('count', [160, 40], [3110.35, 4628.71]) // [0.72884, 0.27116]
 */
export function strandShares(
	by: 'share' | 'count',
	amounts: readonly number[],
	strandPerBagMm: readonly number[]
): number[] {
	const strands = amounts.map((amount, at) =>
		by === 'share' ? amount : amount * (strandPerBagMm[at] ?? 0)
	);
	const all = positive(
		'mix.amount',
		strands.reduce((sum, one) => sum + one, 0)
	);
	return strands.map((one) => one / all);
}

/**
 * The strand of several kinds as one: its section is the mean over the strand, its pieces and bags are
 * those of all kinds.
 *
 * @throws DomainError where there is no kind
 * @example mixedYield([{ ...likeCut(bagPresets[0].bag, startingPlan.cut, 1.87365), bag: bagPresets[0].bag, share: 1 }]).yield.strandPerBagMm // 1757.1
 */
export function mixedYield(kinds: readonly KindOfYield[]): MixedYield {
	let [section, bags, pieces, film] = [0, 0, 0, 0];
	const bagsOf: number[] = [];
	for (const { share, yield: made } of kinds) {
		const own = share / made.strandPerBagMm;
		bagsOf.push(own);
		bags += own;
		pieces += share / made.pieceLengthMm;
		section += share * made.solidSectionMm2;
		film += own * made.filmUsedG;
	}
	const [first] = kinds;
	positive('kinds', kinds.length);
	const packing = first?.yield.packing ?? 1;
	return {
		yield: {
			...(first as KindOfYield).yield,
			solidSectionMm2: section,
			bulkDiameterMm: bulkDiameterMm(section, packing),
			pieces: pieces / bags,
			pieceLengthMm: 1 / pieces,
			strandPerBagMm: 1 / bags,
			filmUsedG: film / bags
		},
		bagShares: bagsOf.map((own) => own / bags)
	};
}

/**
 * How unevenly thick the strand of several kinds is, as a coefficient of variation: half of what their
 * sections spread about the mean of all of it.
 *
 * @example thicknessCv([{ share: 0.5, sectionMm2: 1 }, { share: 0.5, sectionMm2: 3 }], 2) // 0.25
 */
export function thicknessCv(
	kinds: readonly { readonly share: number; readonly sectionMm2: number }[],
	meanSectionMm2: number
): number {
	let variance = 0;
	for (const { share, sectionMm2 } of kinds)
		variance += share * (sectionMm2 / meanSectionMm2 - 1) ** 2;
	return Math.sqrt(variance) / 2;
}
