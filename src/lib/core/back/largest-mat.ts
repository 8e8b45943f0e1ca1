import { positive } from '../domain-error';
import { totalSeconds } from '../effort/stations';
import type { Practice } from '../practice/practice';
import { pointFor } from '../model/known-for';
import { planLimits } from '../model/limits';
import { modelPlan } from '../model/model';
import type { Plan } from '../model/types';

/** What there is to make mats of. Give at least one. */
export interface Means {
	/** Bags collected, before sorting. */
	readonly bags?: number | undefined;
	/** Bags sorted and fit for strand. */
	readonly sortedBags?: number | undefined;
	readonly hours?: number | undefined;
}

export interface LargestMat {
	readonly widthMm: number;
	readonly lengthMm: number;
	/** What the mat of that length takes of each. */
	readonly bags: number;
	readonly sortedBags: number;
	readonly hours: number;
}

const costOf = (plan: Plan, practice: Practice) => {
	const model = modelPlan(plan, pointFor(plan, practice));
	return {
		bags: model.toCollect,
		sortedBags: model.toPrepare,
		hours: totalSeconds(model.seconds) / 3600
	};
};

const kinds = ['bags', 'sortedBags', 'hours'] as const;
type Cost = Readonly<Record<(typeof kinds)[number], number>>;

const isWithinMeans = (cost: Cost, means: Means): boolean =>
	kinds.every((kind) => cost[kind] <= (means[kind] ?? Infinity));

/**
 * How many mats of a plan the means give, whole ones. @throws DomainError where a mean is not above 0
 *
 * @example countOfMats(startingPlan, { bags: 2000 }, barePractice) // 3
 */
export function countOfMats(plan: Plan, means: Means, practice: Practice): number {
	checkMeans(means);
	const cost = costOf(plan, practice);
	return Math.floor(
		Math.min(...kinds.map((kind) => (means[kind] ?? Infinity) / cost[kind])) + 1e-9
	);
}

function checkMeans(means: Means): void {
	for (const kind of kinds) if (means[kind] !== undefined) positive(kind, means[kind]);
	if (kinds.every((kind) => means[kind] === undefined)) positive('means', NaN);
}

/**
 * The longest mat of a plan's width that the means give, to the centimetre; null where they do not
 * give one of even the least length.
 *
 * @throws DomainError where a mean is not above 0, or the plan cannot be made
 * @example largestMat(startingPlan, { bags: 400 }, barePractice)?.lengthMm // 1160
 */
export function largestMat(plan: Plan, means: Means, practice: Practice): LargestMat | null {
	checkMeans(means);
	const { widthMm } = plan.target;
	const costAt = (lengthMm: number) => costOf({ ...plan, target: { widthMm, lengthMm } }, practice);
	let least: number = planLimits['target.length_mm'].atLeast;
	let most: number = planLimits['target.length_mm'].atMost;
	if (!isWithinMeans(costAt(least), means)) return null;
	if (isWithinMeans(costAt(most), means)) least = most;
	while (most - least > 10) {
		const lengthMm = Math.round((least + most) / 20) * 10;
		if (isWithinMeans(costAt(lengthMm), means)) least = lengthMm;
		else most = lengthMm;
	}
	return { widthMm, lengthMm: least, ...costAt(least) };
}
