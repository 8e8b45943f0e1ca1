import { totalSeconds } from '../effort/stations';
import { taskOf } from '../effort/tasks';
import type { Judgement } from '../judge/judgement';
import { rollMat } from '../finish/roll';
import { judgePlan } from '../judge/judge-plan';
import { z90 } from '../statistics/z90';
import type { FactorName } from '../factors/factors';
import { sigmaFromCv } from '../factors/factors';
import type { Basis, PracticePoint, Practice } from '../practice/practice';
import { knowledgeOf } from '../practice/practice';
import type { TechniqueKind } from '../techniques/technique';
import { knownFor } from '../model/known-for';
import { sumOf } from '../model/material-use';
import type { Model } from '../model/model';
import { modelPlan } from '../model/model';
import { withHeavier, yieldsOf } from '../model/yields';
import { smooth, whole } from '../factors/rounding';
import type { Plan } from '../model/types';
import { stations } from '../effort/stations';

/** A figure with its 80 % interval: in one case of ten it comes out below `low`, in one of ten above `high`. */
export interface Interval {
	readonly expected: number;
	readonly low: number;
	readonly high: number;
}

/**
 * A figure that varies as another does: its low and high are as far off, in shares.
 *
 * @example varyingAs({ expected: 100, low: 80, high: 130 }, 10) // { expected: 10, low: 8, high: 13 }
 */
export const varyingAs = ({ expected, low, high }: Interval, value: number): Interval => ({
	expected: value,
	low: (value * low) / expected,
	high: (value * high) / expected
});

/** The figures of the tally, each with its interval. */
export const tallyNames = [
	'toPrepare',
	'toCollect',
	'strandM',
	'balls',
	'joints',
	'hours',
	'matKg',
	'cover'
] as const;
export type TallyName = (typeof tallyNames)[number];
export type Tally = Readonly<Record<TallyName, Interval>>;

/** Figures of the steps that have an interval as well; 0 where a mat has no such part. */
export const partNames = [
	'strandPerBagM',
	'warpM',
	'weftM',
	'warpBags',
	'weftBags',
	'tieM',
	'scrapKg',
	'rollMm',
	'rollLengthMm',
	'sectionMm2',
	'joinHours'
] as const;
export type PartName = (typeof partNames)[number];
export type Parts = Readonly<Record<PartName, Interval>>;

export interface Estimate {
	/** Whose measures it rests on. */
	readonly basis: Basis;
	/** The measures do not fit the plan, so the craft's figures stand in. */
	readonly isUnfit: boolean;
	readonly model: Model;
	readonly tally: Tally;
	readonly parts: Parts;
	readonly judgements: readonly Judgement[];
}

/** How far a factor is nudged for a slope, as a logarithm. */
export const slopeStep = 1e-4;
const nudge = Math.exp(slopeStep);
/** The factors that move a mat of each technique; the others would only cost time. */
export const uncertain: Readonly<Record<TechniqueKind, readonly FactorName[]>> = {
	crochet: ['bagMass', 'pieceLength', 'stitchWidth', 'rowHeight', 'strandPerStitch'],
	'peg-loom': ['bagMass', 'pieceLength', 'loomPitch'],
	twined: ['bagMass', 'pieceLength', 'framePitch'],
	'finger-bands': ['bagMass', 'pieceLength', 'bandGauge', 'bandPitch']
};

/**
 * The figures of the tally, of one model.
 *
 * @example pointValuesOf(modelPlan(startingPlan, barePoint)).strandM // 873.71
 */
export const pointValuesOf = (model: Model): Record<TallyName, number> => ({
	toPrepare: model.toPrepare,
	toCollect: model.toCollect,
	strandM: model.mat.strandMm / 1000,
	balls: model.balls,
	joints: model.joints,
	hours: totalSeconds(model.seconds) / 3600,
	matKg: model.matMassG / 1000,
	cover: model.mat.cover
});

/**
 * The figures of the steps, of one model: what a bag gives by the measures, a loom's or frame's warp and
 * weft, what ties take, what is left for pillows, the roll, the strand's section and the joining.
 *
 * @example partValuesOf(modelPlan(startingPlan, barePoint)).strandPerBagM // 1.7571
 */
export function partValuesOf(model: Model): Record<PartName, number> {
	const { draws, mat, mass, tieStrandMm } = model;
	let [warpM, weftM, warpBags, weftBags, strandPerBagM] = [0, 0, 0, 0, 0];
	for (const { role, strandMm, bags } of draws) {
		if (role === 'warp' || role === 'short-piece') {
			warpM += strandMm / 1000;
			warpBags += bags;
		} else if (role === 'weft') {
			weftM += strandMm / 1000;
			weftBags += bags;
		}
		if (role === 'body' || role === 'weft') strandPerBagM = strandMm / bags / 1000;
	}
	const roll = rollMat(mat);
	return {
		strandPerBagM,
		warpM,
		weftM,
		warpBags,
		weftBags,
		tieM: tieStrandMm / 1000,
		scrapKg: (mass.scrapG + mass.spoiledG) / 1000,
		rollMm: roll.diameterMm,
		rollLengthMm: roll.lengthMm,
		sectionMm2: model.yield.solidSectionMm2,
		joinHours: model.seconds.join / 3600
	};
}

/** All figures of a model in one row, the tally's first: asked five times and more for one plan. */
function figuresOf(model: Model): number[] {
	const tally = pointValuesOf(model);
	const parts = partValuesOf(model);
	const row = new Array<number>(tallyNames.length + partNames.length);
	for (let at = 0; at < tallyNames.length; at++) row[at] = tally[tallyNames[at] as TallyName];
	for (let at = 0; at < partNames.length; at++)
		row[tallyNames.length + at] = parts[partNames[at] as PartName];
	return row;
}

/**
 * A plan's figures with their 80 % intervals. Each uncertain factor is log-normal; how strongly a
 * figure follows it is the slope of the smooth model in log space, and variances add there. Station
 * times are independent of each other and are booked as means, so that they add up to the hours.
 *
 * @param practice whose measures: a group's or a maker's, or `barePractice` for the craft's own
 * @throws DomainError where the plan cannot be made; `planProblems` says so beforehand
 * @example estimatePlan(startingPlan, barePractice).tally.toCollect // { expected: 623.78, low: 527.24, high: 737.99 }
 */
export function estimatePlan(plan: Plan, practice: Practice): Estimate {
	const { middle, knowledge, basis, isUnfit, practice: used } = knownFor(plan, practice);
	const yields = yieldsOf(plan, middle.factors.bagMass, middle.alsoMass);
	const model = modelPlan(plan, middle, whole, yields);
	const base = figuresOf(modelPlan(plan, middle, smooth, yields));

	const variance = base.map(() => 0);
	/** What a nudge of one factor, known so well, adds to the variance of every figure. */
	const add = (figures: readonly number[], sigma: number, pieces = 1) => {
		for (let at = 0; at < base.length; at++) {
			const from = base[at] as number;
			if (from <= 0) continue;
			const slope = Math.log((figures[at] as number) / from) / slopeStep;
			variance[at] = (variance[at] as number) + (slope * sigma) ** 2 * pieces;
		}
	};
	// Kinds err apart in the length of their pieces.
	const apart = model.kinds ? sumOf(model.kinds, ({ share }) => share ** 2) : 1;
	for (const factor of uncertain[plan.technique.kind]) {
		const sigma = sigmaFromCv(knowledge[factor].cv);
		if (sigma === 0) continue;
		// Only the mass of the bags moves what they give.
		const given = factor === 'bagMass' ? withHeavier(plan, yields, 0, nudge) : yields;
		add(
			figuresOf(modelPlan(plan, nudged(middle, factor), smooth, given)),
			sigma,
			factor === 'pieceLength' ? apart : 1
		);
	}
	// Each further kind errs in its mass by itself.
	for (const [at, kind] of (plan.mix?.also ?? []).entries()) {
		const sigma = sigmaFromCv(knowledgeOf(used, kind.bag).bagMass.cv);
		if (sigma === 0) continue;
		add(
			figuresOf(modelPlan(plan, middle, smooth, withHeavier(plan, yields, at + 1, nudge))),
			sigma
		);
	}
	const figures = figuresOf(model);
	const handsVariance = varianceOfHands(plan, model, used);
	const handsOf: Partial<Record<TallyName | PartName, number>> = {
		hours: handsVariance,
		joinHours: Math.log1p(used.hands.join.cv ** 2)
	};
	const rangesOf = <Name extends TallyName | PartName>(names: readonly Name[], from: number) => {
		const ranges = {} as Record<Name, Interval>;
		for (let at = 0; at < names.length; at++) {
			const name = names[at] as Name;
			ranges[name] = around(
				figures[from + at] as number,
				variance[from + at] as number,
				handsOf[name]
			);
		}
		return ranges;
	};
	const tally = rangesOf(tallyNames, 0);
	const parts = rangesOf(partNames, tallyNames.length);
	return { basis, isUnfit, model, tally, parts, judgements: judgePlan(plan, model) };
}

/**
 * Variance of the logarithm of the hours that comes of the hands alone. The hours are a sum of
 * independent log-normal times; a log-normal with the same mean and variance stands for it
 * (Fenton and Wilkinson).
 */
function varianceOfHands({ technique }: Plan, model: Model, practice: Practice): number {
	const seconds = totalSeconds(model.seconds);
	let relative = 0;
	for (const station of stations) {
		relative +=
			((model.seconds[station] / seconds) * practice.hands[taskOf(station, technique.kind)].cv) **
			2;
	}
	return Math.log1p(relative);
}

/**
 * The middle with one factor a touch larger.
 *
 * @example nudged(barePoint, 'bagMass').factors.bagMass // 1.0001
 */
export function nudged(middle: PracticePoint, factor: FactorName): PracticePoint {
	const factors = { ...middle.factors };
	factors[factor] *= nudge;
	return { ...middle, factors };
}

/**
 * The interval of a log-normal figure. Where part of its variance belongs to a sum of times, whose
 * means are known, the figure is that mean, and the median lies a little below.
 */
function around(expected: number, variance: number, varianceOfMean = 0): Interval {
	const reach = Math.exp(z90 * Math.sqrt(variance + varianceOfMean));
	const median = expected * Math.exp(-varianceOfMean / 2);
	return { expected, low: median / reach, high: median * reach };
}
