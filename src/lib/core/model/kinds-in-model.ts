import type { Bag } from '../bag/measure-bag';
import type { CutYield } from '../cut/yield';
import type { LikeCut } from '../kinds/like-cut';
import { toldOrder } from '../kinds/piece-order';
import type { KindOfYield } from '../kinds/mixed-yield';
import type { MaterialUse } from './material-use';
import { sumOf } from './material-use';
import type { Plan } from './types';
import type { Yields } from './yields';

/** A kind of bag in a mat of several. */
export interface KindInModel {
	readonly bag: Bag;
	readonly name: string | null;
	/** Share of the strand. */
	readonly share: number;
	/** How its bags are cut so that their strand is like the others', and what they give. */
	readonly like: LikeCut;
	/** The same for a loom's weft; null where warp and weft are one. */
	readonly weft: LikeCut | null;
	/** Bags to prepare, the ones spoiled in work among them. */
	readonly toPrepare: number;
	/** Bags on hand of it that the mat wants beside them; 0 where there are enough, or where none were counted. */
	readonly short: number;
}

/**
 * The first pieces of a mat's strand in the order they are joined, as indexes of its kinds.
 *
 * @example orderOfKinds([400, 200].map((pieceLengthMm) => ({ share: 0.5, like: { yield: { pieceLengthMm } } }))).slice(0, 3) // [1, 0, 1]
 */
export const orderOfKinds = (kinds: readonly KindInModel[]): number[] =>
	toldOrder(kinds.map(({ share, like }) => ({ share, yield: like.yield })));

/**
 * What a bag of the plan's own gives, in a strand as thick as all kinds make it.
 *
 * @example shown(yieldsOf(startingPlan, 1).cut, null).pieces // 4
 */
export function shown(mixed: CutYield, kinds: readonly KindOfYield[] | null | undefined): CutYield {
	const own = kinds?.[0]?.yield;
	if (!own) return mixed;
	const { solidSectionMm2, bulkDiameterMm } = mixed;
	return { ...own, solidSectionMm2, bulkDiameterMm };
}

/**
 * The bags of each kind over all parts of the mat; null where it is of one kind.
 *
 * @param spoiling bags to prepare for one whose strand is used, 1 or more
 * @example kindsOf(startingPlan, yieldsOf(startingPlan, 1), [], 1) // null
 */
export function kindsOf(
	{ mix }: Plan,
	{ kinds, weft }: Yields,
	draws: readonly MaterialUse[],
	spoiling: number
): KindInModel[] | null {
	if (!mix || !kinds) return null;
	return kinds.cut.map((kind, at): KindInModel => {
		const bags = sumOf(
			draws,
			(draw) => draw.bags * ((weft && draw.cut === weft ? kinds.weftBags : kinds.cutBags)[at] ?? 0)
		);
		const { bag, share, ...like } = kind;
		const toPrepare = bags * spoiling;
		const counted = at === 0 ? mix.amount : (mix.also[at - 1]?.amount ?? 0);
		return {
			bag,
			name: mix.also[at - 1]?.name ?? null,
			share,
			like,
			weft: kinds.weft?.[at] ?? null,
			toPrepare,
			short: mix.by === 'count' ? Math.max(0, toPrepare - counted) : 0
		};
	});
}
