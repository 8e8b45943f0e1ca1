import { within } from '../domain-error';
import { weeksOfGroup } from '../making/group-weeks';
import type { GroupWeeks } from '../making/group-weeks';
import { PlacedRng } from '../statistics/rng';
import type { WeekHabit, WeekKnowledge } from '../making/week-habit';
import { drawHabit, drawWeek, numbersOfWeek, weeksKnown } from '../making/week-habit';
import { drawCommon } from './common-luck';
import type { MakerOfSeason, MatBeingMade, SeasonChance, SeasonNow, SeasonRun } from './now';
import type { MakerLuck } from './run-season';
import { LuckOfChecks, runSeason, seasonToRun } from './run-season';
import { seedOf, streamOfMaker } from './streams';

/**
 * What is known of all makers of a season: what is given, or else what they teach.
 *
 * @example groupOf({ weeks: 0, handedOver: 0, ready: 0, inCheck: 0, mats: [], freeMakers: [], strandMats: 0, bagMats: 0, bagsPerWeek: [], tableDays: [], perTableDay: [], checks: { good: 0, mended: 0 }, newMat: { strand: 1, pace: 1 }, looms: null }).together // 0
 */
export const groupOf = ({ usual, mats, freeMakers }: SeasonNow): GroupWeeks =>
	usual ?? weeksOfGroup([...mats, ...freeMakers].map(({ weeks }) => weeks));

/** What is known of a maker before any run: their stream, their past and what it teaches, when they are away. */
export interface KnownMaker {
	readonly stream: number;
	readonly past: readonly number[];
	readonly weeks: WeekKnowledge;
	readonly away: readonly number[] | undefined;
	readonly mat: MatBeingMade | null;
}

/**
 * Makers in an order that the lists do not change: mats by their ids, then who is free, the longest first.
 *
 * @example knownMakers({ weeks: 0, handedOver: 0, ready: 0, inCheck: 0, mats: [], freeMakers: [{ weeks: [] }], strandMats: 0, bagMats: 0, bagsPerWeek: [], tableDays: [], perTableDay: [], checks: { good: 0, mended: 0 }, newMat: { strand: 1, pace: 1 }, looms: null }, usualGroup)[0]?.stream // 1000
 */
export function knownMakers({ mats, freeMakers }: SeasonNow, { each }: GroupWeeks): KnownMaker[] {
	const known = (maker: MakerOfSeason, at: number, mat: MatBeingMade | null): KnownMaker => ({
		stream: streamOfMaker(maker.id, at),
		past: maker.weeks,
		weeks: weeksKnown(maker.weeks, each),
		away: maker.away?.length ? maker.away : undefined,
		mat
	});
	const held = mats.map((mat, at) => known(mat, at, mat));
	return [
		...(mats.every(({ id }) => id !== undefined)
			? held.toSorted((one, other) => one.stream - other.stream)
			: held),
		...freeMakers.map((maker, at) => known(maker, mats.length + at, null))
	];
}

/** The luck of a maker, drawn for the weeks that it is asked of. */
class DrawnLuck extends LuckOfChecks implements MakerLuck {
	private readonly rng = new PlacedRng();
	private habit: WeekHabit = { none: 1, mu: 0, sigma: 0 };
	private place = 0;

	constructor(
		private readonly known: KnownMaker,
		seed: number
	) {
		super(known.stream, seed);
	}

	override begin(run: number): void {
		super.begin(run);
		this.rng.goTo(seedOf(this.seed, run, this.stream), 0);
		this.habit = drawHabit(this.known.weeks, this.rng.next);
		this.place = this.rng.place;
	}

	gain(week: number): number {
		this.rng.goTo(this.place, numbersOfWeek * (week - 1));
		return drawWeek(this.habit, this.rng.next);
	}
}

/** Bounds of what is simulated. */
const seasonBounds = {
	weeks: { atLeast: 0, atMost: 260, isWhole: true },
	runs: { atLeast: 1, atMost: 20_000, isWhole: true }
} as const;

/**
 * Refuses a season that cannot be.
 *
 * @throws DomainError where an amount is below nothing, or runs or weeks are too many
 * @example checkSeason({ weeks: 0, handedOver: 0, ready: 0, inCheck: 0, mats: [], freeMakers: [], strandMats: 0, bagMats: 0, bagsPerWeek: [], tableDays: [], perTableDay: [], checks: { good: 0, mended: 0 }, newMat: { strand: 1, pace: 1 }, looms: null }, 1) // undefined
 */
export function checkSeason(now: SeasonNow, runs: number): void {
	within('weeks', now.weeks, seasonBounds.weeks);
	within('runs', runs, seasonBounds.runs);
	for (const name of ['handedOver', 'ready', 'inCheck'] as const)
		within(name, now[name], { atLeast: 0, isWhole: true });
	for (const name of ['strandMats', 'bagMats'] as const) within(name, now[name], { atLeast: 0 });
	for (const { done, restWeeks = 0 } of now.mats) {
		within('done', done, { atLeast: 0 });
		within('restWeeks', restWeeks, { atLeast: 0, isWhole: true });
	}
	for (const bags of now.bagsPerWeek) within('bagsPerWeek', bags, { atLeast: 0 });
	for (const { attendance } of now.tableDays) within('attendance', attendance, { atLeast: 0 });
	within('checks.good', now.checks.good, { atLeast: 0 });
	within('checks.mended', now.checks.mended, { atLeast: 0 });
	within('newMat.strand', now.newMat.strand, { moreThan: 0 });
	within('newMat.pace', now.newMat.pace, { moreThan: 0 });
	if (now.looms !== null) within('looms', now.looms, { atLeast: 0, isWhole: true });
}

/**
 * Seasons as they may go, by chance, week by week. The same seed gives the same seasons; one that is
 * changed keeps the luck of all that was not, so that what a change adds is told cleanly.
 *
 * @param runs whole, 1 or more
 * @param progress told how many are done, now and then
 * @throws DomainError where an amount is below nothing
 * @example seasonRuns({ weeks: 1, handedOver: 4, ready: 1, inCheck: 0, mats: [], freeMakers: [], strandMats: 0, bagMats: 0, bagsPerWeek: [], tableDays: [], perTableDay: [], checks: { good: 0, mended: 0 }, newMat: { strand: 1, pace: 1 }, looms: null }, { seed: 1, runs: 2 })[0]?.ready // [5]
 */
export function seasonRuns(
	now: SeasonNow,
	{ seed, runs }: SeasonChance,
	progress: (done: number) => void = () => {}
): SeasonRun[] {
	checkSeason(now, runs);
	const group = groupOf(now);
	const season = seasonToRun(
		now,
		knownMakers(now, group).map((known) => ({ ...known, luck: new DrawnLuck(known, seed) }))
	);
	const all: SeasonRun[] = [];
	for (let run = 0; run < runs; run++) {
		all.push(runSeason(season, drawCommon(now, group.together, seed, run), run));
		if (run % 100 === 99) progress(run + 1);
	}
	return all;
}
