import { bandsMat } from '../techniques/bands/bands-mat';
import { crochetMat } from '../techniques/crochet/crochet-mat';
import type { CutYield } from '../cut/yield';
import { defaults } from '../defaults';
import type { SecondsByStation } from '../effort/stations';
import { cuttingSecondsPerBag } from '../effort/stations';
import { tieStrandMm } from '../finish/ties';
import { joints as jointTable } from '../joint/joints';
import { usualJoint } from '../cut/joint-for-cut';
import type { PracticePoint } from '../practice/practice';
import type { Rounding } from '../factors/rounding';
import { whole } from '../factors/rounding';
import type { Mat } from '../techniques/technique';
import { pegLoomMat } from '../techniques/peg-loom/peg-loom-mat';
import { twinedMat } from '../techniques/twined/twined-mat';
import type { KindInModel } from './kinds-in-model';
import { kindsOf, shown } from './kinds-in-model';
import type { MaterialUse } from './material-use';
import { workRelations as relations } from './work-relations';
import { materialUsesOf, sumOf } from './material-use';
import type { MassBalance } from './mass-balance';
import { massBalance } from './mass-balance';
import type { Plan } from './types';
import { usualFinish, usualWorkSetup } from './types';
import type { Yields } from './yields';
import { yieldsOf } from './yields';

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

/** Cloth in a twined warp, g: the strips worked, not the bolt. */
const clothMassG = (mat: Mat): number =>
	mat.kind === 'twined' && mat.clothM > 0
		? mat.warpMm * defaults.clothStrip.value * defaults.clothWeight.value
		: 0;
