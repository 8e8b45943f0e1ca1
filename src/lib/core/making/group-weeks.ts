import { defaults } from '../defaults';
import { within } from '../domain-error';
import type { WeekKnowledge } from './week-habit';
import { usualVariance, usualWeeks } from './week-habit';

/** Weeks of one maker: how many, how many brought something, and the logarithms of those: their mean, squared and cubed distances. */
interface Seen {
	readonly weeks: number;
	readonly count: number;
	readonly mean: number;
	readonly squares: number;
	readonly cubes: number;
}

/** What is known of all makers of a group. */
export interface GroupWeeks {
	/** Of a maker before their own weeks. */
	readonly each: WeekKnowledge;
	/** How far all of them may lie off together: the standard deviation of the logarithm of what they make. */
	readonly together: number;
}

/** What is known of a group that too little is known of. */
export const usualGroup: GroupWeeks = { each: usualWeeks, together: 0 };

/** A maker teaches of the group from so many weeks on; a group is learned from so many makers on. */
export const [fewestWeeks, fewestMakers] = [3, 8] as const;
const prior = defaults.groupPriorMakers.value;
/** Bounds of what is learned: how alike makers are, how alike their spreads, the weeks their chance of none is worth, and the lean. */
const [kappas, shapes, worths, leans] = [
	[0.25, 10],
	[3, 12],
	[2, 40],
	[-0.05, 0.05]
] as const;
/** Rounds of finding the makers' mean and how far they lie apart, each from the other. */
const rounds = 20;

const between = (value: number, [least, most]: readonly [number, number]) =>
	Math.min(most, Math.max(least, value));
const sumOf = (seen: readonly Seen[], part: (one: Seen) => number) =>
	seen.reduce((sum, one) => sum + part(one), 0);

function seenOf(weeks: readonly number[]): Seen {
	const logs = weeks
		.map((share) => within('share', share, { atLeast: 0 }))
		.filter((share) => share > 0)
		.map(Math.log);
	const mean = logs.reduce((sum, log) => sum + log, 0) / Math.max(1, logs.length);
	return {
		weeks: weeks.length,
		count: logs.length,
		mean,
		squares: logs.reduce((sum, log) => sum + (log - mean) ** 2, 0),
		cubes: logs.reduce((sum, log) => sum + (log - mean) ** 3, 0)
	};
}

/** Sums must not hang on the order of a list. */
const inOrder = (seen: readonly Seen[]) =>
	seen.toSorted(
		(one, other) =>
			one.weeks - other.weeks ||
			one.count - other.count ||
			one.mean - other.mean ||
			one.squares - other.squares ||
			one.cubes - other.cubes
	);

/** Mean of the makers' logarithms, and their variance between makers: expectation and maximisation, with some usual makers beside. */
function meanAndApart(seen: readonly Seen[], variance: number) {
	let [mean, apart] = [usualWeeks.mu, usualVariance / usualWeeks.kappa];
	for (let round = 0; round < rounds; round++) {
		const weightOf = ({ count }: Seen) => 1 / (apart + variance / count);
		mean =
			((prior / apart) * usualWeeks.mu + sumOf(seen, (one) => weightOf(one) * one.mean)) /
			(prior / apart + sumOf(seen, weightOf));
		const squares = sumOf(seen, ({ count, mean: own }) => {
			const left = 1 / (1 / apart + count / variance);
			return left + (left * (mean / apart + (count * own) / variance) - mean) ** 2;
		});
		apart = ((prior * usualVariance) / usualWeeks.kappa + squares) / (prior + seen.length);
	}
	const isKnownBy = prior / apart + sumOf(seen, ({ count }) => 1 / (apart + variance / count));
	return { mean, apart, unsure: 1 / Math.sqrt(isKnownBy) };
}

/** The chance of a week with nothing over the makers, and the weeks it is worth: by how much more they differ than chance has it. */
function noneOf(seen: readonly Seen[]) {
	const usual = usualWeeks.none + usualWeeks.some;
	const chance =
		(sumOf(seen, ({ weeks, count }) => weeks - count) + prior * usualWeeks.none) /
		(sumOf(seen, ({ weeks }) => weeks) + prior * usual);
	const each = chance * (1 - chance);
	const more = sumOf(
		seen,
		({ weeks, count }) => ((weeks - count) / weeks - chance) ** 2 - each / weeks
	);
	const usualEach = (usualWeeks.none * usualWeeks.some) / usual ** 2;
	const most = sumOf(seen, ({ weeks }) => each * (1 - 1 / weeks)) + prior * usualEach;
	const alike = Math.max(1e-3, (more + (prior * usualEach) / (usual + 1)) / most);
	const worth = between(1 / alike - 1, worths);
	const variance =
		sumOf(seen, ({ weeks }) => each * weeks * (1 + (weeks - 1) / (worth + 1))) /
		(sumOf(seen, ({ weeks }) => weeks) + prior * usual) ** 2;
	return { chance, worth, unsure: Math.sqrt(variance) };
}

/** Shape of the inverse gamma of the makers' variances: by how much more they differ than chance has it. */
function shapeOf(seen: readonly Seen[], variance: number): number {
	const freedom = ({ count }: Seen) => count - 1;
	const told = seen.filter((one) => freedom(one) > 0);
	// The mean square of a variance over its squared mean is (a − 1) / (a − 2).
	const usual = (usualWeeks.a - 1) / (usualWeeks.a - 2);
	const ratio =
		(sumOf(
			told,
			(one) =>
				((one.squares / freedom(one) / variance) ** 2 / (1 + 2 / freedom(one))) * freedom(one)
		) +
			prior * usual) /
		(sumOf(told, freedom) + prior);
	return ratio > 1 ? between((2 * ratio - 1) / (ratio - 1), shapes) : shapes[1];
}

/**
 * By how much the mean of a week lies beside that of a log-normal, in logarithms: a sixth of their third cumulant. Weeks
 * of few evenings have a long tail below and none above.
 */
function leanOf(seen: readonly Seen[]): number {
	const told = seen.filter(({ count }) => count > 2);
	const third = sumOf(told, ({ count, cubes }) => (count * cubes) / (count - 1));
	return between(third / (sumOf(told, ({ count }) => count - 2) + 4 * prior) / 6, leans);
}

/**
 * What is known of a maker's weeks before their own, by those of the group: mean, spread and chance of none are the group's,
 * beside those of some usual makers (empirical Bayes). Where too few makers have weeks enough it is what is usual.
 *
 * @param makers shares of a mat in past weeks, of each maker; 0 or more
 * @throws DomainError where a share is below 0
 * @source docs/model.md, The makers of a group
 * @example weeksOfGroup(Array.from({ length: 100 }, () => [0.02, 0, 0.02])).each.mu < usualWeeks.mu // true
 */
export function weeksOfGroup(makers: readonly (readonly number[])[]): GroupWeeks {
	const seen = inOrder(makers.map(seenOf).filter(({ weeks }) => weeks >= fewestWeeks));
	if (seen.length < fewestMakers) return usualGroup;
	const some = seen.filter(({ count }) => count > 0);
	const variance =
		(sumOf(some, ({ squares }) => squares) + prior * usualVariance) /
		(sumOf(some, ({ count }) => count - 1) + prior);
	const { mean, apart, unsure } = meanAndApart(some, variance);
	const none = noneOf(seen);
	const a = shapeOf(some, variance);
	const kappa = between(variance / apart, kappas);
	/** The group's share in what is known of one of its makers: of the mean, and of the chance of none. */
	const meanShare = kappa / (kappa + sumOf(some, ({ count }) => count) / Math.max(1, some.length));
	const noneShare = none.worth / (none.worth + sumOf(seen, ({ weeks }) => weeks) / seen.length);
	return {
		each: {
			none: none.chance * none.worth,
			some: (1 - none.chance) * none.worth,
			mu: mean,
			kappa,
			a,
			b: (a - 1) * variance,
			lean: leanOf(some)
		},
		together: Math.hypot(meanShare * unsure, (noneShare * none.unsure) / (1 - none.chance))
	};
}
