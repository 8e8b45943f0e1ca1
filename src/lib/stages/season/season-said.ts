import type { Exchanged, MatKind } from '$lib/core/season/exchange';
import { exchangedOf, withNewMats } from '$lib/core/season/exchange';
import type { HoldBack, SeasonNow, SeasonRun } from '$lib/core/season/now';
import type { LeverCounts, LeverName, SeasonForecast, SeasonWeek } from '$lib/core/season/forecast';
import {
	atLeast,
	forecastOf,
	leverNames,
	smallestChange,
	withLever,
	withLevers
} from '$lib/core/season/forecast';
import { seasonRuns } from '$lib/core/season/season';

/** Another kind of mat that could be begun from now, and the looms there are for it. */
export interface SeasonOption {
	readonly id: string;
	readonly kind: MatKind;
	readonly looms: number | null;
}

/** A goal by its weeks from now. */
export interface GoalAsked {
	readonly weeks: number;
	readonly wanted: number;
	readonly handedOver: number;
}

/** A season that is asked about. */
export interface SeasonOrder {
	readonly now: SeasonNow;
	readonly wanted: number;
	/** All goals of the season, the soonest first: what is said of each is told by the same seasons. */
	readonly goals: readonly GoalAsked[];
	/** The mat that the season's amounts are told in. */
	readonly mat: MatKind;
	/** Levers that are taken. */
	readonly levers: LeverCounts;
	readonly other: SeasonOption | null;
}

/** What comes of a season by its day. */
export interface Outlook {
	readonly expected: number;
	readonly low: number;
	readonly high: number;
	readonly chance: number;
	readonly weeks: readonly SeasonWeek[];
	readonly heldBackBy: Partial<Readonly<Record<HoldBack, number>>>;
}

/** What one more of a lever adds, and what comes of the season then. */
export interface LeverSaid {
	readonly what: LeverName;
	readonly adds: number;
	readonly outlook: Outlook;
}

/** How likely a goal is, and what there will be by its day. */
export interface GoalSaid {
	readonly chance: number;
	readonly low: number;
	readonly expected: number;
	readonly high: number;
}

/** What is said of a season. */
export interface SeasonSaid extends Outlook {
	/** Each goal, in the order of the season's, and all weeks up to the last. */
	readonly goals: readonly GoalSaid[];
	readonly allWeeks: readonly SeasonWeek[];
	/** Seasons that were gone through. */
	readonly runs: number;
	readonly levers: readonly LeverSaid[];
	/** The same with nothing changed; null where nothing is. */
	readonly plain: { readonly expected: number; readonly chance: number } | null;
}

export type NineInTen = NonNullable<ReturnType<typeof smallestChange>>;

/** What another plan comes to, by its id. */
export interface ExchangeSaid extends Exchanged {
	readonly id: string;
}

/** Seasons that a forecast rests on, those a lever is told by, and those a way is looked for with. */
const [usualRuns, leverRuns, quickRuns] = [2000, 600, 400] as const;
/** Weeks of makers that are lived through in a moment: a season of more is gone through fewer times, for a lever fewer still. */
const [atOnce, leverAtOnce] = [2_000_000, 600_000] as const;

/** The chance of a season: the same wherever it is asked about, so that page and paper say the same. */
export function chanceOfSeason(now: SeasonNow, most: number = usualRuns, atMost: number = atOnce) {
	const work = Math.max(1, now.weeks * (now.mats.length + now.freeMakers.length));
	return { seed: 1, runs: Math.max(200, Math.min(most, Math.floor(atMost / work))) };
}

/** What a forecast comes to, as it is said. */
export const outlookOf = ({ readyBy, chance, weeks, heldBackBy }: SeasonForecast): Outlook => ({
	expected: readyBy.expected,
	low: readyBy.low,
	high: readyBy.high,
	chance,
	weeks,
	heldBackBy
});

const exchanged = ({ now, mat }: SeasonOrder, other: SeasonOption | null): SeasonNow =>
	other ? withNewMats(now, mat, other.kind, other.looms) : now;

const isPlain = ({ levers, other }: SeasonOrder) =>
	other === null && leverNames.every((name) => levers[name] === 0);

/** The same seasons as each goal sees them: asks up to its day, and what went to them. */
function goalsSaid(
	runs: readonly SeasonRun[],
	now: SeasonNow,
	goals: readonly GoalAsked[]
): GoalSaid[] {
	return goals.map(({ weeks, wanted, handedOver }) => {
		const start = handedOver + now.ready;
		const counts = runs.map(
			({ ready }) => (weeks > 0 ? (ready[weeks - 1] ?? 0) - now.handedOver : now.ready) + handedOver
		);
		const { chance, readyBy } = forecastOf(
			counts.map((count) => ({ ...unrun, ready: [count] })),
			wanted,
			start
		);
		return { chance, low: readyBy.low, expected: readyBy.expected, high: readyBy.high };
	});
}
const unrun: SeasonRun = {
	...{ ready: [], made: [], inCheck: 0, begun: 0 },
	...{ ranOutOfBags: false, isMakerWaiting: false, isLoomLacking: false }
};

/** What is said of a season with what is changed of it. */
export function seasonSaid(
	order: SeasonOrder,
	progress: (share: number) => void = () => {}
): SeasonSaid {
	const { now, goals, wanted, mat, levers, other } = order;
	const most = Math.max(now.weeks, ...goals.map(({ weeks }) => weeks));
	const all = { ...order, now: { ...now, weeks: most } };
	const chance = chanceOfSeason(all.now, usualRuns);
	const quick = chanceOfSeason(now, leverRuns, leverAtOnce);
	const start = now.handedOver + now.ready;
	/** Of what is gone through, so much is done. */
	const isLonger = most > now.weeks;
	const parts =
		1 +
		(isLonger ? 1 : 0) +
		(isPlain(order) ? 0 : 1) +
		leverNames.length * (quick.runs / chance.runs);
	let done = 0;
	const told = (ran: number) => progress(Math.min(1, (done + ran / chance.runs) / parts));
	const runsOf = (season: SeasonNow, by: typeof chance) => {
		const runs = seasonRuns(season, by, told);
		done += by.runs / chance.runs;
		return runs;
	};
	const changed = withLevers(exchanged(order, other), levers, mat.bags);
	const ownRuns = runsOf(changed, chance);
	const own = forecastOf(ownRuns, wanted, start);
	// Where other goals are later, theirs are the same weeks and more.
	const long = isLonger ? runsOf({ ...changed, weeks: most }, chance) : ownRuns;
	const plain = isPlain(order) ? null : forecastOf(runsOf(now, chance), wanted, start);
	// Nobody need use what is tried.
	const better = plain && other === null ? atLeast(own, plain) : own;
	const few = forecastOf(ownRuns.slice(0, quick.runs), wanted, start);
	return {
		...outlookOf(better),
		goals: goalsSaid(long, changed, goals),
		allWeeks: forecastOf(long, wanted, start).weeks,
		runs: chance.runs,
		levers: leverNames.map((what): LeverSaid => {
			const more = atLeast(
				forecastOf(runsOf(withLever(changed, what, mat.bags), quick), wanted, start),
				few
			);
			const adds = more.readyBy.expected - few.readyBy.expected;
			// What it changes, told from the seasons that all else is told by.
			const chanceWith = Math.min(1, better.chance + Math.max(0, more.chance - few.chance));
			return {
				what,
				adds,
				outlook: {
					...outlookOf(more),
					expected: better.readyBy.expected + adds,
					chance: chanceWith
				}
			};
		}),
		plain: plain && { expected: plain.readyBy.expected, chance: plain.chance }
	};
}

/** The smallest change that makes as many as are wanted likely: nine times in ten. */
export const nineInTen = (order: SeasonOrder) =>
	smallestChange(
		order.now,
		order.wanted,
		order.mat.bags,
		0.9,
		chanceOfSeason(order.now, quickRuns)
	);

/** What each of some plans does to a season, beside the mats that are begun as things stand. */
export function exchangesSaid({
	order,
	options
}: {
	readonly order: SeasonOrder;
	readonly options: readonly SeasonOption[];
}): ExchangeSaid[] {
	const { wanted, mat, levers } = order;
	const chance = chanceOfSeason(order.now, usualRuns);
	const of = (other: SeasonOption | null) => {
		const now = withLevers(exchanged(order, other), levers, mat.bags);
		return {
			forecast: forecastOf(seasonRuns(now, chance), wanted, now.handedOver + now.ready),
			bags: other?.kind.bags ?? mat.bags
		};
	};
	const plain = of(null);
	return options.map((option) => ({ id: option.id, ...exchangedOf(plain, of(option)) }));
}

/** Seasons gone through to tell what one change did. */
const effectRuns = 600;

/** What each of some changes did to a season, in mats: what there will be with it, less what there would be without. */
export function effectsSaid({
	order,
	without
}: {
	readonly order: SeasonOrder;
	readonly without: readonly SeasonNow[];
}): number[] {
	const { now, wanted } = order;
	const chance = chanceOfSeason(now, effectRuns, leverAtOnce);
	const start = now.handedOver + now.ready;
	const expected = (season: SeasonNow) =>
		forecastOf(seasonRuns(season, chance), wanted, start).readyBy.expected;
	const plain = expected(now);
	return without.map((season) => plain - expected(season));
}
