import type { SeasonForecast } from '../forecast';
import { forecastOf } from '../forecast';
import type { SeasonChance } from '../now';
import { groupOf, seasonRuns } from '../season';
import type { HandPlan, HeldSeason, Pass } from './held';
import { asHeld, checkHeld, freeAfter, seasonWith } from './held';
import { plansLookedAt } from './search';
import type { RunWorth, Weighed } from './weighed';
import { keyOf, meanWorth, weighed } from './weighed';

/** A mat is passed on only where that adds so much of a mat. */
export const leastOfPass = 0.02;

/** A plan, what each of its acts adds, and the season as it is beside it. */
export interface BestPlan {
	readonly asIs: SeasonForecast;
	readonly best: SeasonForecast;
	/** What the plan's runs are worth on average. */
	readonly worth: number;
	/** With the mats in time that each adds to all the others. */
	readonly passes: readonly (Pass & { readonly adds: number })[];
	/** Who takes up yarn, in that order; whoever is free and not named waits. */
	readonly begin: readonly string[];
	/** What that order adds to the one there is by habit. */
	readonly beginAdds: number;
}

/** Runs that plans are looked at with, those that the better ones are weighed again with, and how many of those. */
const [fewRuns, moreRuns] = [600, 4000] as const;
const [weighedAgain, weighedWhole] = [16, 4] as const;
/** Two plans may lie so far apart by chance alone, in few runs and in more. */
const [chanceOfFew, chanceOfMore] = [0.1, 0.04] as const;
/** Weeks of makers that a search lives through, and plans it weighs, at the most. */
const [mostWork, mostPlans] = [6e7, 1500] as const;
/** And those of one plan, while it is looked at, while it is asked which of its passes add enough, and at last. */
const [workOfLook, workOfPass, workOfLast] = [3e5, 1.2e6, 6e6] as const;

const mostInTime: RunWorth = ({ ready }) => ready.at(-1) ?? 0;

/** A plan without one of its passes: with it go those that put a second mat into somebody's hands then. */
function withoutPass(held: HeldSeason, plan: HandPlan, pass: Pass): HandPlan {
	const dropped = new Set([pass.mat]);
	for (;;) {
		const left = plan.passes.filter(({ mat }) => !dropped.has(mat));
		const keeping = new Set(
			held.mats.filter(({ id }) => !left.some(({ mat }) => mat === id)).map(({ maker }) => maker)
		);
		const second = left.find(({ to }) => keeping.has(to));
		if (!second) {
			const free = freeAfter(held, left);
			return { passes: left, begin: plan.begin.filter((id) => free.includes(id)) };
		}
		dropped.add(second.mat);
	}
}

/** The best that a season comes to without one of the passes: those whom it frees begin at the best place, or wait. */
function bestWithout(
	held: HeldSeason,
	plan: HandPlan,
	pass: Pass,
	of: (plan: HandPlan) => number
): { readonly plan: HandPlan; readonly worth: number } {
	const bare = withoutPass(held, plan, pass);
	const places = Array.from({ length: bare.begin.length + 1 }, (_, at) => at);
	const free = new Set(freeAfter(held, bare.passes));
	const ways = [
		bare,
		...(free.has(pass.to)
			? (places.length > 5 ? [0, places.length - 1] : places).map((at) => ({
					...bare,
					begin: bare.begin.toSpliced(at, 0, pass.to)
				}))
			: [])
	];
	return ways
		.map((way) => ({ plan: way, worth: of(way) }))
		.reduce((best, way) => (way.worth > best.worth ? way : best));
}

/** A plan of which every pass adds enough: those that do not are left out, the least first. */
function worthwhile(held: HeldSeason, plan: HandPlan, of: (plan: HandPlan) => number): HandPlan {
	let now = plan;
	for (;;) {
		const worth = of(now);
		const least = now.passes
			.map((pass) => bestWithout(held, now, pass, of))
			.map((without) => ({
				...without,
				adds: (worth - without.worth) / (now.passes.length - without.plan.passes.length)
			}))
			.toSorted((one, other) => one.adds - other.adds)[0];
		if (!least || least.adds >= leastOfPass) return now;
		now = least.plan;
	}
}

/** Weeks of all its makers that one run of a season lives through. */
const peopleWeeks = ({ season: { weeks }, mats, makers }: HeldSeason) =>
	Math.max(1, weeks * (mats.length + makers.length));

/** Runs that tell whether a pass adds enough: all, or fewer of a large season. */
const runsOfPass = (held: HeldSeason, runs: number) =>
	Math.min(runs, Math.max(400, Math.floor(workOfPass / peopleWeeks(held))));

/** Who would begin by habit where some mats are passed on: as it is, without who holds one now, then those whose mats went. */
function habitOf(held: HeldSeason, { passes }: HandPlan): string[] {
	const free = freeAfter(held, passes);
	const as = asHeld(held).begin.filter((id) => free.includes(id));
	const before = new Set(freeAfter(held, []));
	return [...as, ...free.filter((id) => !before.has(id))];
}

/** The best plan of a season, by the mean of what its runs are worth. */
function chosenPlan(
	held: HeldSeason,
	{ runs }: SeasonChance,
	weighed: Weighed,
	progress: (share: number) => void
): HandPlan {
	const people = peopleWeeks(held);
	const few = Math.min(runs, fewRuns, Math.max(150, Math.floor(workOfLook / people)));
	const looked = plansLookedAt(held, weighed, {
		runs: few,
		most: Math.min(mostPlans, Math.floor(mostWork / (few * people))),
		progress: (share) => progress(0.7 * share)
	});
	/** Of some plans those that may be the best, the best first: they are weighed with more runs. */
	const nearBest = (plans: readonly HandPlan[], by: number, most: number, within: number) => {
		const worths = plans.map((plan) => ({ plan, worth: weighed.of(plan, by) }));
		const top = Math.max(...worths.map(({ worth }) => worth)) - within;
		return worths
			.filter(({ worth }) => worth >= top)
			.toSorted((one, other) => other.worth - one.worth)
			.slice(0, most)
			.map(({ plan }) => plan);
	};
	const last = Math.min(runs, Math.max(moreRuns, Math.floor(workOfLast / people)));
	const whole = (plan: HandPlan) => weighed.of(plan, last);
	const more = Math.min(runs, moreRuns);
	const again = nearBest(
		nearBest(looked, few, weighedAgain, chanceOfFew),
		more,
		weighedWhole,
		chanceOfMore
	);
	progress(0.85);
	let best = asHeld(held);
	for (const plan of nearBest(again, last, weighedWhole, Infinity)) {
		if (whole(plan) <= whole(best) + 1e-9) break;
		const pruned = worthwhile(held, plan, (one) => weighed.of(one, runsOfPass(held, runs)));
		if (whole(pruned) > whole(best) + 1e-9) best = pruned;
	}
	progress(1);
	return best;
}

/**
 * The best plan of a season: mats passed on, and who begins next. Most mats in time come first; a pass that adds too
 * little is not made. It is never worse than the season as it is, and the same seed gives the same plan.
 *
 * @param wanted mats by the day, 0 or more
 * @param worth what a run is worth; mats ready by the day where none is given
 * @param progress told what share of the looking is done, now and then
 * @throws DomainError
 * @source shared practice: the season that plans itself
 * @example bestPlan({ season: { weeks: 0, handedOver: 2, ready: 1, inCheck: 0, mats: [], freeMakers: [], strandMats: 0, bagMats: 0, bagsPerWeek: [], tableDays: [], perTableDay: [], checks: { good: 0, mended: 0 }, newMat: { strand: 1, pace: 1 }, looms: null }, mats: [], makers: [] }, 3, { seed: 1, runs: 10 }).best.chance // 1
 */
export function bestPlan(
	held: HeldSeason,
	wanted: number,
	chance: SeasonChance,
	worth: RunWorth = mostInTime,
	progress: (share: number) => void = () => {}
): BestPlan {
	checkHeld(held);
	const { runs, seed } = chance;
	const as = asHeld(held);
	const start = held.season.handedOver + held.season.ready;
	const all = weighed(held, seed, worth);
	const found = chosenPlan(held, chance, all, progress);
	const group = groupOf(seasonWith(held, as));
	// What makers teach of each other hangs on who is in the season: where it is another group, the season itself has the last word.
	const runsOf = (plan: HandPlan) =>
		groupOf(seasonWith(held, plan)) === group
			? all.runsOf(plan, runs)
			: seasonRuns(seasonWith(held, plan), chance);
	const asRuns = runsOf(as);
	const foundRuns = keyOf(found) === keyOf(as) ? asRuns : runsOf(found);
	const [foundWorth, asWorth] = [meanWorth(foundRuns, worth), meanWorth(asRuns, worth)];
	const isBetter = foundWorth > asWorth;
	const chosen = isBetter ? found : as;
	const some = (plan: HandPlan) => all.of(plan, runsOfPass(held, runs));
	return {
		asIs: forecastOf(asRuns, wanted, start),
		best: forecastOf(isBetter ? foundRuns : asRuns, wanted, start),
		worth: isBetter ? foundWorth : asWorth,
		passes: chosen.passes.map((pass) => ({
			...pass,
			adds: some(chosen) - bestWithout(held, chosen, pass, some).worth
		})),
		begin: chosen.begin,
		beginAdds: some(chosen) - some({ ...chosen, begin: habitOf(held, chosen) })
	};
}
