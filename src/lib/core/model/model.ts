import type { Bag, BagMeasures } from '../bag/measure-bag';
import { measureBag } from '../bag/measure-bag';
import { bandsMat } from '../techniques/bands/bands-mat';
import { crochetMat } from '../techniques/crochet/crochet-mat';
import { cutBag } from '../cut/cut-bag';
import type { Cut } from '../cut/types';
import type { CutYield } from '../cut/yield';
import { defaults } from '../defaults';
import type { SecondsByStation } from '../effort/stations';
import { cuttingSecondsPerBag } from '../effort/stations';
import { tieStrandMm } from '../finish/ties';
import type { Join } from '../joint/joints';
import { joints as jointTable } from '../joint/joints';
import type { LikeCut } from '../kinds/like-cut';
import { asItIs, likeCut } from '../kinds/like-cut';
import type { KindOfYield } from '../kinds/mixed-yield';
import { mixedYield, strandShares } from '../kinds/mixed-yield';
import { usualJoint } from '../cut/joint-for-cut';
import type { PracticePoint } from '../practice/practice';
import type { Rounding } from '../factors/rounding';
import { whole } from '../factors/rounding';
import type { Mat } from '../techniques/technique';
import { pegLoomMat } from '../techniques/peg-loom/peg-loom-mat';
import { twinedMat } from '../techniques/twined/twined-mat';
import type { MaterialUse } from './material-use';
import { workRelations as relations } from './work-relations';
import { materialUsesOf, sumOf } from './material-use';
import type { MassBalance } from './mass-balance';
import { massBalance } from './mass-balance';
import type { Plan, PlanMix } from './types';
import { usualFinish, usualWorkSetup } from './types';

/** One mat computed once, without spreads. Bags are exact quotients, not rounded up. */
export interface Model {
	readonly filmThicknessMm: number;
	/** What a bag gives under the plan's cut: the whole mat's strand, or a loom's warp. */
	readonly yield: CutYield;
	/** What a bag gives cut for weft, where warp and weft differ; else null. */
	readonly weftYield: CutYield | null;
	readonly mat: Mat;
	/** The kinds of bag in it, the plan's own first, where there are several; else null. */
	readonly kinds: readonly KindInModel[] | null;
	/** What each part of the mat takes from the bags. */
	readonly draws: readonly MaterialUse[];
	/** Bags whose strand lies in the mat; short pieces of warp not counted. */
	readonly bags: number;
	/** Bags for the short piece each strand of warp needs where whole pieces do not reach. */
	readonly shortPieceBags: number;
	/** Bags whose strand goes into ties and strap. */
	readonly tieBags: number;
	/** Bags to flatten and cut, the ones spoiled in work among them. */
	readonly toPrepare: number;
	/** Bags to ask for, the ones rejected at sorting among them. */
	readonly toCollect: number;
	readonly tieStrandMm: number;
	/** Joints in mat and ties. */
	readonly joints: number;
	readonly balls: number;
	/** Spinning, at the craft's own pace: a part of joining, s. */
	readonly spinSeconds: number;
	readonly seconds: SecondsByStation;
	readonly mass: MassBalance;
	/** What the mat weighs ready to hand over, ties and any cloth with it, g. */
	readonly matMassG: number;
}

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

/** The mat a plan makes of given strands. */
function makeMat(
	plan: Plan,
	cut: CutYield,
	weft: CutYield | null,
	middle: PracticePoint,
	round: Rounding
): Mat {
	const { target, technique } = plan;
	switch (technique.kind) {
		case 'crochet':
			return crochetMat(target, technique, cut.bulkDiameterMm, middle.factors, round);
		case 'peg-loom':
			return pegLoomMat(target, technique, cut, weft ?? cut, middle.factors, round);
		case 'twined':
			return twinedMat(target, technique, cut.bulkDiameterMm, middle.factors, round);
		case 'finger-bands':
			return bandsMat(target, technique, cut.solidSectionMm2, middle.factors, round);
	}
}

/** A plan's bag as the group finds it, and what it gives under the plan's cuts. */
export interface Yields {
	readonly bag: Bag;
	readonly measures: BagMeasures;
	readonly cut: CutYield;
	readonly weft: CutYield | null;
	/** Where there are several kinds, each under its own cut; `cut` and `weft` are then what all of them give. */
	readonly kinds: {
		readonly cut: readonly KindOfYield[];
		readonly cutBags: readonly number[];
		readonly weft: readonly KindOfYield[] | null;
		readonly weftBags: readonly number[];
	} | null;
}

/**
 * What the bags of a plan give: the first half of the chain, which only the bag's mass moves.
 *
 * @throws DomainError where the plan cannot be made
 * @param alsoMass the same of the further kinds of bag, in their order
 * @example yieldsOf(startingPlan, 1.1).bag.massG // 5.72
 */
export function yieldsOf(
	plan: Plan,
	bagMassFactor: number,
	alsoMass: readonly number[] = []
): Yields {
	const bag =
		bagMassFactor === 1 ? plan.bag : { ...plan.bag, massG: plan.bag.massG * bagMassFactor };
	const measures = measureBag(bag);
	const weftCut = plan.technique.kind === 'peg-loom' ? plan.technique.weftCut : null;
	if (plan.mix)
		return mixedYields(plan, plan.mix, { bag, measures }, weftCut, (at) => alsoMass[at] ?? 1);
	return {
		bag,
		measures,
		cut: cutBag(bag, plan.cut, measures, plan.join),
		weft: weftCut && cutBag(bag, weftCut, measures),
		kinds: null
	};
}

/**
 * The same where the bags of one kind weigh more than was thought: they are cut as they were planned.
 *
 * @param nth which kind, the plan's own being 0
 * @param times its mass over what it was
 * @example withHeavier(startingPlan, yieldsOf(startingPlan, 1), 0, 1.1).bag.massG // 5.72
 */
export function withHeavier(plan: Plan, yields: Yields, nth: number, times: number): Yields {
	const { kinds, bag } = yields;
	if (!kinds) return yieldsOf(plan, (bag.massG * times) / plan.bag.massG);
	const heavier = (likes: readonly KindOfYield[], join: Join | undefined) =>
		likes.map((kind, at): KindOfYield => {
			if (at !== nth) return kind;
			const heavy = { ...kind.bag, massG: kind.bag.massG * times };
			const measures = measureBag(heavy);
			return { ...kind, bag: heavy, measures, yield: cutBag(heavy, kind.cut, measures, join) };
		});
	return together(
		yields,
		heavier(kinds.cut, plan.join),
		kinds.weft && heavier(kinds.weft, undefined)
	);
}

/** What several kinds of bag give together, each cut so that its strand is like that of the plan's own. */
function mixedYields(
	plan: Plan,
	{ by, amount, also }: PlanMix,
	own: { readonly bag: Bag; readonly measures: BagMeasures },
	weftCut: Cut | null,
	massOf: (at: number) => number
): Yields {
	const bags = [
		own.bag,
		...also.map(({ bag }, at) => {
			const over = massOf(at);
			return over === 1 ? bag : { ...bag, massG: bag.massG * over };
		})
	];
	const amounts = [amount, ...also.map((kind) => kind.amount)];
	const likesOf = (cut: Cut, join: Join | undefined): LikeCut[] => {
		// The plan's own bag is cut as the plan says, whatever it weighs, and the others like it.
		const { solidSectionMm2: section } = cutBag(own.bag, cut, own.measures);
		return bags.map((bag, at) =>
			at === 0 ? asItIs(bag, cut, own.measures, join) : likeCut(bag, cut, section, join)
		);
	};
	const cuts = likesOf(plan.cut, plan.join);
	const shares = strandShares(
		by,
		amounts,
		cuts.map(({ yield: made }) => made.strandPerBagMm)
	);
	const withShares = (likes: readonly LikeCut[]): KindOfYield[] =>
		likes.map((like, at) => ({ ...like, bag: bags[at] ?? own.bag, share: shares[at] ?? 0 }));
	return together(own, withShares(cuts), weftCut && withShares(likesOf(weftCut, undefined)));
}

/** Kinds of bag as one. */
function together(
	own: { readonly bag: Bag; readonly measures: BagMeasures },
	cutKinds: readonly KindOfYield[],
	weftKinds: readonly KindOfYield[] | null
): Yields {
	const cut = mixedYield(cutKinds);
	const weft = weftKinds && mixedYield(weftKinds);
	return {
		bag: own.bag,
		measures: own.measures,
		cut: cut.yield,
		weft: weft?.yield ?? null,
		kinds: {
			cut: cutKinds,
			cutBags: cut.bagShares,
			weft: weftKinds,
			weftBags: weft?.bagShares ?? cut.bagShares
		}
	};
}

/**
 * The whole chain of one plan: bag → cut → strand → mat → bags, joints, balls, seconds and grams.
 *
 * @param middle what is known of the bags and hands: `pointFor(plan, practice)`, or `barePoint` for the craft's own
 * @param round whole counts for a mat; smooth while spreads are propagated
 * @param yields what the bags give, where the caller has it already
 * @throws DomainError where the plan cannot be made; `planProblems` says so beforehand
 * @example modelPlan(startingPlan, barePoint).mat.rows // 211
 */
export function modelPlan(
	plan: Plan,
	middle: PracticePoint,
	round: Rounding = whole,
	yields: Yields = yieldsOf(plan, middle.factors.bagMass, middle.alsoMass)
): Model {
	const { factors, hands } = middle;
	const { bag, measures, cut, weft } = yields;
	const mat = makeMat(plan, cut, weft, middle, round);

	const work = plan.work ?? usualWorkSetup;
	const ties = tieStrandMm(plan.finish ?? usualFinish);
	const draws = materialUsesOf(mat, cut, weft, ties, factors.pieceLength);
	let used = 0;
	let tieBags = 0;
	let shortPieceBags = 0;
	let joints = 0;
	let balled = 0;
	let cutSeconds = 0;
	for (const draw of draws) {
		used += draw.bags;
		joints += draw.joints;
		if (draw.role === 'ties') tieBags += draw.bags;
		if (draw.role === 'short-piece') shortPieceBags += draw.bags;
		if (draw.isBalled) balled += draw.bags;
		cutSeconds += relations.cutSeconds(
			draw.bags,
			cuttingSecondsPerBag(draw.cut.style, work.cuttingTool, work.stackBags)
		);
	}
	const toPrepare = relations.toPrepare(used, middle.spoiledShare);
	const balls = relations.balls(balled, work.bagsPerBall);
	const jointSeconds = jointTable[plan.join?.kind ?? usualJoint(plan.cut.style)].seconds;
	const isSpun = plan.join?.spin !== undefined && plan.join.spin !== 'none';
	const spinSeconds = isSpun ? relations.spinSeconds(sumOf(draws, (draw) => draw.strandMm)) : 0;
	const kinds = kindsOf(plan, yields, draws, toPrepare / used);
	const massG = kinds
		? sumOf(kinds, (kind) => kind.toPrepare * kind.bag.massG) / toPrepare
		: bag.massG;
	const mass = massBalance(draws, massG, toPrepare);
	return {
		filmThicknessMm: measures.filmThicknessMm,
		yield: shown(cut, yields.kinds?.cut),
		weftYield: weft && shown(weft, yields.kinds?.weft),
		mat,
		kinds,
		draws,
		bags: used - tieBags - shortPieceBags,
		shortPieceBags,
		tieBags,
		toPrepare,
		toCollect: relations.toCollect(toPrepare, middle.rejectedShare),
		tieStrandMm: ties,
		joints,
		balls,
		spinSeconds,
		seconds: {
			flatten: relations.flatten(toPrepare, hands.flatten),
			cut: relations.cut(cutSeconds, middle.spoiledShare, hands.cut),
			join: relations.join(joints, jointSeconds, spinSeconds, hands.join),
			ball: relations.ball(balls, hands.ball),
			make: relations.make(mat.makeSeconds, hands[mat.kind]),
			finish: relations.finish(hands.finish),
			check: relations.check(hands.check),
			roll: relations.roll(hands.roll)
		},
		mass,
		matMassG: mass.matG + mass.tiesG + clothMassG(mat)
	};
}

/** What a bag of the plan's own gives, in a strand as thick as all kinds make it. */
function shown(mixed: CutYield, kinds: readonly KindOfYield[] | null | undefined): CutYield {
	const own = kinds?.[0]?.yield;
	if (!own) return mixed;
	const { solidSectionMm2, bulkDiameterMm } = mixed;
	return { ...own, solidSectionMm2, bulkDiameterMm };
}

/** The bags of each kind over all parts of the mat. */
function kindsOf(
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

/** Cloth in a twined warp, g: the strips worked, not the bolt. */
const clothMassG = (mat: Mat): number =>
	mat.kind === 'twined' && mat.clothM > 0
		? mat.warpMm * defaults.clothStrip.value * defaults.clothWeight.value
		: 0;
