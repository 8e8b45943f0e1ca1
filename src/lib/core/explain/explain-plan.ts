import type { Station } from '../effort/stations';
import { cuttingSecondsPerBag, stations, totalSeconds } from '../effort/stations';
import { taskOf } from '../effort/tasks';
import { joints as jointTable } from '../joint/joints';
import { usualJoint } from '../cut/joint-for-cut';
import type { PracticePoint } from '../practice/practice';
import type { TallyName } from '../estimate/estimate';
import { modelPlan, type Model } from '../model/model';
import type { Plan } from '../model/types';
import { pegLoomRelations } from '../techniques/peg-loom/peg-loom-relations';
import { usualWorkSetup } from '../model/types';
import { explainBag, explainCut, given, derived } from './explain-cut';
import { explainMat } from './explain-mat';
import type { Step } from './trail';
import { stepsTo } from './trail';
import { written } from './written';

/** The step each figure of the tally ends in. */
export const stepOfFigure: Readonly<Record<TallyName, string>> = {
	toPrepare: 'to_prepare',
	toCollect: 'to_collect',
	strandM: 'strand_m',
	balls: 'balls',
	joints: 'joints',
	hours: 'hours',
	matKg: 'mat_g',
	cover: 'cover'
};

/** Which symbols the draws of a mat take their strand from, and whose cut they are. */
const drawSymbols = {
	body: { strand: 'strand', suffix: '' },
	warp: { strand: 'warp', suffix: '' },
	weft: { strand: 'weft', suffix: '_weft' },
	'short-piece': { strand: 'short', suffix: '' },
	ties: { strand: 'ties', suffix: '_weft' }
} as const;

/**
 * How every figure of a plan is reached: the whole chain, each step after what it follows from, with
 * values and units. Each relation holds for the values beside it.
 *
 * @throws DomainError where the plan cannot be made
 * @example explainPlan(startingPlan, barePoint).length // 58
 */
export function explainPlan(plan: Plan, middle: PracticePoint): Step[] {
	const bag = { ...plan.bag, massG: plan.bag.massG * middle.factors.bagMass };
	const model = modelPlan(plan, middle);
	const { technique } = plan;
	const piece = middle.factors.pieceLength;
	const steps = [
		...explainBag(bag),
		given('π', 'halfTurnsOfACircle', Math.PI, ''),
		...explainCut(bag, plan.cut, model.yield, '', plan.join, piece)
	];
	if (technique.kind === 'peg-loom' && model.weftYield) {
		steps.push(...explainCut(bag, technique.weftCut, model.weftYield, '_weft', undefined, piece));
	}
	steps.push(...explainMat(plan, model, middle.factors));
	steps.push(...bagSteps(model, middle), ...workSteps(plan, model, middle));
	return steps;
}

/**
 * The steps to one figure of the tally.
 *
 * @example explainFigure(startingPlan, 'strandM', barePoint).at(-1)?.symbol // 'strand_m'
 */
export const explainFigure = (plan: Plan, figure: TallyName, middle: PracticePoint): Step[] =>
	stepsTo(explainPlan(plan, middle), stepOfFigure[figure]);

function bagSteps(model: Model, middle: PracticePoint): Step[] {
	const { mat, draws } = model;
	const steps: Step[] = [
		derived('strand_m', 'strandInTheMat', mat.strandMm / 1000, 'm', 'strand / 1000'),
		given('ties', 'strandInTiesAndStrap', model.tieStrandMm, 'mm')
	];
	if (mat.kind === 'peg-loom' && mat.shortPieceMm > 0) {
		const short = pegLoomRelations.shortStrandMm(mat.warpStrands, mat.shortPieceMm);
		steps.push(
			derived(
				'short',
				'strandInShortPieces',
				short,
				'mm',
				written.pegLoom.shortStrandMm('Nw', written.pegLoom.shortPieceMm('Lp', 'nl', 'L'))
			)
		);
	}
	const bagsOf: string[] = [];
	const booked: string[] = [];
	for (const { role, bags, cut, keptShare } of draws) {
		const { strand, suffix } = drawSymbols[role];
		const from = suffix && model.weftYield ? suffix : '';
		const symbol = `bags_${role.replace('-', '_')}`;
		steps.push(
			derived(symbol, bagsFor[role], bags, 'bags', written.work.bagsFor(strand, `L_bag${from}`)),
			given(`film_${symbol}`, keptIn[role], cut.filmUsedG * keptShare, 'g')
		);
		bagsOf.push(symbol);
		booked.push(written.work.keptG(symbol, `film_${symbol}`));
	}
	const clothG = model.matMassG - model.mass.matG - model.mass.tiesG;
	steps.push(
		given('spoiled', 'shareSpoiledInWork', middle.spoiledShare, ''),
		given('rejected', 'shareRejectedAtSorting', middle.rejectedShare, ''),
		derived(
			'to_prepare',
			'bagsToPrepare',
			model.toPrepare,
			'bags',
			written.work.toPrepare(bagsOf.join(' + '), 'spoiled')
		),
		derived(
			'to_collect',
			'bagsToCollect',
			model.toCollect,
			'bags',
			written.work.toCollect('to_prepare', 'rejected')
		),
		given('cloth', 'clothInTheWarp', clothG, 'g'),
		derived('mat_g', 'weightOfTheMat', model.matMassG, 'g', `${booked.join(' + ')} + cloth`)
	);
	return steps;
}

/** What the steps of a draw are called. */
const bagsFor = {
	body: 'bagsForTheMat',
	warp: 'bagsForTheWarp',
	weft: 'bagsForTheWeft',
	'short-piece': 'bagsForShortPieces',
	ties: 'bagsForTies'
} as const;
const keptIn = {
	body: 'keptInTheMat',
	warp: 'keptInTheWarp',
	weft: 'keptInTheWeft',
	'short-piece': 'keptInShortPieces',
	ties: 'keptInTies'
} as const;

/** What the steps of a station are called. */
const timeTo: Readonly<Record<Station, string>> = {
	flatten: 'timeToFlatten',
	cut: 'timeToCut',
	join: 'timeToJoin',
	ball: 'timeToBall',
	make: 'timeToMake',
	finish: 'timeToFinish',
	check: 'timeToCheck',
	roll: 'timeToRoll'
};
const ownTimeTo: Readonly<Record<Station, string>> = {
	flatten: 'ownTimeToFlatten',
	cut: 'ownTimeToCut',
	join: 'ownTimeToJoin',
	ball: 'ownTimeToBall',
	make: 'ownTimeToMake',
	finish: 'ownTimeToFinish',
	check: 'ownTimeToCheck',
	roll: 'ownTimeToRoll'
};

function workSteps(plan: Plan, model: Model, middle: PracticePoint): Step[] {
	const { cuttingTool, bagsPerBall } = plan.work ?? usualWorkSetup;
	const { draws, seconds } = model;
	const ofRole = (role: string) => `bags_${role.replace('-', '_')}`;
	const joints = draws.map(({ role, cut }) => {
		if (role === 'warp' && model.mat.kind === 'peg-loom')
			return written.work.warpJoints('Nw', 'nl');
		if (role === 'short-piece') return 'Nw';
		return written.work.piecesJoined(ofRole(role), cut.pieces);
	});
	const balled = draws.filter(({ isBalled }) => isBalled).map(({ role }) => ofRole(role));
	const cutting = draws.map(({ role, cut }) =>
		written.work.cutSeconds(ofRole(role), cuttingSecondsPerBag(cut.style, cuttingTool))
	);
	const joint = jointTable[plan.join?.kind ?? usualJoint(plan.cut.style)].seconds;
	const ownTime = (station: Station) => middle.hands[taskOf(station, plan.technique.kind)];
	const own = (station: Station) => (ownTime(station) === 1 ? 1 : `k_${station}`);
	const ownHands = stations
		.filter((station) => ownTime(station) !== 1)
		.map((station) => given(`k_${station}`, ownTimeTo[station], ownTime(station), ''));
	const relations: Record<Station, string> = {
		flatten: written.work.flatten('to_prepare', own('flatten')),
		cut: written.work.cut(cutting.join(' + '), 'spoiled', own('cut')),
		join: written.work.join('joints', joint, 'spinning', own('join')),
		ball: written.work.ball('balls', own('ball')),
		make: written.work.make('make', own('make')),
		finish: written.work.finish(own('finish')),
		check: written.work.check(own('check')),
		roll: written.work.roll(own('roll'))
	};
	return [
		given('bags_a_ball', 'bagsInABall', bagsPerBall, 'bags'),
		derived('joints', 'jointsInMatAndTies', model.joints, 'joints', joints.join(' + ')),
		derived(
			'balls',
			'balls',
			model.balls,
			'balls',
			written.work.balls(balled.join(' + '), 'bags_a_ball')
		),
		given('spinning', 'timeToSpin', model.spinSeconds, 's'),
		...ownHands,
		...stations.map((station) =>
			derived(`s_${station}`, timeTo[station], seconds[station], 's', relations[station])
		),
		derived(
			'hours',
			'hoursInAll',
			totalSeconds(seconds) / 3600,
			'h',
			`(${stations.map((station) => `s_${station}`).join(' + ')}) / 3600`
		)
	];
}
