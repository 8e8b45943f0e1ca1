import { totalSeconds } from '../effort/stations';
import type { Judgement } from '../judge/judge-plan';
import { judgePlan } from '../judge/judge-plan';
import { defaults } from '../defaults';
import { bareKnowledge, logSpread, mediansOf } from './factors';
import type { FactorName, Factors, Knowledge } from './factors';
import type { Model } from './model';
import { modelPlan } from './model';
import { smooth } from './rounding';
import type { Plan } from './types';
import { stations } from '../effort/stations';

/** A figure with its 80 % interval: in one case of ten it comes out below `low`, in one of ten above `high`. */
export interface Interval {
	readonly expected: number;
	readonly low: number;
	readonly high: number;
}

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

export interface Estimate {
	readonly model: Model;
	readonly tally: Tally;
	readonly judgements: readonly Judgement[];
}

/** How many standard deviations hold 80 % of a normal distribution, each way. */
const eightyPercent = 1.2815515655446004;
const step = 1e-4;
const uncertain: readonly FactorName[] = ['bagMass', 'pieceLength', 'gauge', 'strandPerStitch'];

const figuresOf = (model: Model): Record<TallyName, number> => ({
	toPrepare: model.toPrepare,
	toCollect: model.toCollect,
	strandM: model.mat.strandMm / 1000,
	balls: model.balls,
	joints: model.joints,
	hours: totalSeconds(model.seconds) / 3600,
	matKg: model.mass.matG / 1000,
	cover: model.mat.cover
});

/**
 * A plan's figures with their 80 % intervals. Each uncertain factor is log-normal; how strongly a
 * figure follows it is the slope of the smooth model in log space, and variances add there. Station
 * times are independent of each other, so each adds the square of its share of the hours.
 *
 * @param knowledge medians and spreads of the factors: the craft's own, or what a group has measured
 * @throws DomainError where the plan cannot be made; `planProblems` says so beforehand
 */
export function estimatePlan(plan: Plan, knowledge: Knowledge = bareKnowledge): Estimate {
	const medians = mediansOf(knowledge);
	const model = modelPlan(plan, medians);
	const base = figuresOf(modelPlan(plan, medians, smooth));

	const variance = Object.fromEntries(tallyNames.map((name) => [name, 0])) as Record<
		TallyName,
		number
	>;
	for (const factor of uncertain) {
		const sigma = logSpread(knowledge[factor].cv);
		if (sigma === 0) continue;
		const moved: Factors = { ...medians, [factor]: medians[factor] * Math.exp(step) };
		const figures = figuresOf(modelPlan(plan, moved, smooth));
		for (const name of tallyNames) {
			const slope = Math.log(figures[name] / base[name]) / step;
			variance[name] += (slope * sigma) ** 2;
		}
	}
	const handSigma = logSpread(defaults.flatten.cv);
	const seconds = totalSeconds(model.seconds);
	for (const station of stations) {
		variance.hours += ((model.seconds[station] / seconds) * handSigma) ** 2;
	}

	const figures = figuresOf(model);
	const tally = Object.fromEntries(
		tallyNames.map((name) => [name, around(figures[name], Math.sqrt(variance[name]))])
	) as unknown as Tally;
	return { model, tally, judgements: judgePlan(plan, model) };
}

function around(expected: number, sigma: number): Interval {
	const reach = Math.exp(eightyPercent * sigma);
	return { expected, low: expected / reach, high: expected * reach };
}
