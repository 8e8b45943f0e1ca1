import { measureBag } from '../bag/measure-bag';
import type { CrochetMat } from '../crochet/crochet-mat';
import { crochetMat } from '../crochet/crochet-mat';
import { stitches } from '../crochet/stitches';
import { cutLoops } from '../cut/cut-loops';
import type { CutYield } from '../cut/yield';
import { defaults } from '../defaults';
import type { SecondsByStation } from '../effort/stations';
import { cuttingSecondsPerBag } from '../effort/stations';
import { tieStrandMm } from '../finish/ties';
import type { Factors } from './factors';
import { noFactors } from './factors';
import type { Rounding } from './rounding';
import { whole } from './rounding';
import type { Plan } from './types';
import { usualFinish, usualWork } from './types';

/** Where the film of the prepared bags goes, g. `in = mat + ties + scrap + spoiled`. */
export interface MassBooks {
	readonly inG: number;
	readonly matG: number;
	readonly tiesG: number;
	readonly scrapG: number;
	readonly spoiledG: number;
}

/** One mat computed once, without spreads. Bags are exact quotients, not rounded up. */
export interface Model {
	readonly filmThicknessMm: number;
	readonly yield: CutYield;
	readonly mat: CrochetMat;
	/** Bags whose strand lies in the mat. */
	readonly bags: number;
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
	readonly seconds: SecondsByStation;
	readonly mass: MassBooks;
}

/**
 * The whole chain of one plan: bag → cut → strand → mat → bags, joints, balls, seconds and grams.
 *
 * @param factors what is measured of the group's bags and hands, as multipliers
 * @param round whole counts for a mat; smooth while spreads are propagated
 * @throws DomainError where the plan cannot be made; `planProblems` says so beforehand
 */
export function modelPlan(
	plan: Plan,
	factors: Factors = noFactors,
	round: Rounding = whole
): Model {
	const bag =
		factors.bagMass === 1 ? plan.bag : { ...plan.bag, massG: plan.bag.massG * factors.bagMass };
	const measures = measureBag(bag);
	const cut = cutLoops(bag, plan.cut, measures);
	const strandPerBagMm = cut.strandPerBagMm * factors.pieceLength;
	const mat = crochetMat(plan.target, plan.technique, cut.bulkDiameterMm, factors, round);

	const work = plan.work ?? usualWork;
	const ties = tieStrandMm(plan.finish ?? usualFinish);
	const bags = mat.strandMm / strandPerBagMm;
	const tieBags = ties / strandPerBagMm;
	const used = bags + tieBags;
	const toPrepare = used / (1 - defaults.spoiledShare.value);
	const joints = used * cut.pieces;
	const balls = used / work.bagsPerBall;
	return {
		filmThicknessMm: measures.filmThicknessMm,
		yield: cut,
		mat,
		bags,
		tieBags,
		toPrepare,
		toCollect: toPrepare / (1 - defaults.rejectedShare.value),
		tieStrandMm: ties,
		joints,
		balls,
		seconds: {
			flatten: toPrepare * defaults.flatten.value,
			cut: toPrepare * cuttingSecondsPerBag(work.cuttingTool),
			join: joints * defaults.loopJoint.value,
			ball: balls * defaults.ball.value,
			make: mat.stitches * mat.rows * stitches[plan.technique.stitch].seconds,
			finish: defaults.finishMat.value,
			check: defaults.checkMat.value,
			roll: defaults.rollMat.value
		},
		mass: {
			inG: toPrepare * bag.massG,
			matG: bags * cut.filmUsedG,
			tiesG: tieBags * cut.filmUsedG,
			scrapG: used * (bag.massG - cut.filmUsedG),
			spoiledG: (toPrepare - used) * bag.massG
		}
	};
}
