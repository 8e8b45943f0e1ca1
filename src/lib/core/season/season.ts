import { defaults } from '../defaults';
import { within } from '../domain-error';
import type { WeekHabit } from '../making/week-habit';
import { drawHabit, drawWeek, passWeek, weeksKnown } from '../making/week-habit';
import { randomBeta } from '../statistics/draws';
import type { Rng } from '../statistics/rng';
import { seededRng } from '../statistics/rng';
import type { PastAmount } from './amounts';
import { drawAmount, drawAmountHabit } from './amounts';

/** A season as it stands. Amounts are in mats' worth; weeks are counted from today, the first is 1. */
export interface SeasonNow {
	/** Whole weeks that end by the day that is looked to, 0 or more. */
	readonly weeks: number;
	readonly handedOver: number;
	readonly ready: number;
	readonly inCheck: number;
	/** Mats being made: the share that is made, their makers' past weeks, the newest last, and whether they take up a loom. */
	readonly mats: readonly MatBeingMade[];
	/** Makers without a mat, the longest free first. */
	readonly freeMakers: readonly MakerOfSeason[];
	readonly strandMats: number;
	readonly bagMats: number;
	readonly bagsPerWeek: readonly number[];
	/** Table days to come: the week of each, and how likely its people come, as a share of what it makes. */
	readonly tableDays: readonly TableDayToCome[];
	readonly perTableDay: readonly PastAmount[];
	readonly checks: { readonly good: number; readonly mended: number };
	/** Mats that are begun from today. */
	readonly newMat: NewMat;
	/** Looms that mats can be on at once; null where those that are begun need none. */
	readonly looms: number | null;
}

/** Somebody who makes mats, as a season knows them. */
export interface MakerOfSeason {
	/** Whose luck it is, wherever they stand in a list; without one it is of the place. */
	readonly id?: string;
	/** Shares of a mat in past weeks, the newest last; weeks away are left out. */
	readonly weeks: readonly number[];
	/** Weeks to come in which they are away: a mat gains nothing, and none is taken up. */
	readonly away?: readonly number[];
}

/** A mat being made, with its maker. */
export interface MatBeingMade extends MakerOfSeason {
	/** The share that is made. */
	readonly done: number;
	readonly isOnLoom: boolean;
	/** Weeks from now in which it gains nothing, whole, 0 or more. */
	readonly restWeeks?: number;
}

/** A mat that is begun, beside those of the past. */
export interface NewMat {
	/** Strand it takes, in mats' worth: 1 for a mat as before. */
	readonly strand: number;
	/** How much of it a week brings, beside a mat as before: 1 for the same. */
	readonly pace: number;
}

/** Mats are begun as before. */
export const asBefore: NewMat = { strand: 1, pace: 1 };

export interface TableDayToCome {
	readonly week: number;
	readonly attendance: number;
	/** Its own chance: the same day of two seasons makes the same. */
	readonly stream: number;
}

/** What holds a season back. */
export const holdBacks = ['checks', 'bags', 'strand', 'makers', 'looms'] as const;
export type HoldBack = (typeof holdBacks)[number];

/** One season as it may go: mats handed over, ready or passed by the end of each week, and what lacked at the end. */
export interface SeasonRun {
	readonly ready: readonly number[];
	/** Strand that the table days of each week made, in mats' worth. */
	readonly made: readonly number[];
	/** Mats in check at the end. */
	readonly inCheck: number;
	/** Mats that were begun by the end. */
	readonly begun: number;
	readonly ranOutOfBags: boolean;
	readonly isMakerWaiting: boolean;
	readonly isLoomLacking: boolean;
}

/** What is thought before any was seen, in mats' worth: a table day, a week's bags. */
const { tableDayMats, gatheredMats } = defaults;
const tableDayPrior = { mean: tableDayMats.value, cv: tableDayMats.cv };
const bagsPrior = { mean: gatheredMats.value, cv: gatheredMats.cv };
/** Weeks without bags, and with, before any were seen. */
const bagsChance = {
	none: defaults.weeksPriorWithoutBags.value,
	some: defaults.weeksPriorWithBags.value
};
/** Mats good at once, and mended, before any were checked. */
const checksChance = {
	good: defaults.checksPriorGood.value,
	mended: defaults.checksPriorMended.value
};
/** Shares and strand are sums: what lacks less than this is there. */
const whole = 1 - 1e-9;

/** Streams of chance: each thing has its own, so that another beside it changes nothing of its luck. */
const streams = { bags: 1, days: 2, checks: 3, makers: 1000, toCome: 1_000_000 } as const;
/** Streams of makers who have an id begin here. */
const namedStreams = 0x10000000;

/** The stream of a maker: of their id, else of their place in the list. */
function streamOfMaker(id: string | undefined, at: number): number {
	if (id === undefined) return streams.makers + 2 * at;
	// FNV-1a: ids that differ in one sign are far apart.
	let hash = 0x811c9dc5;
	for (let nth = 0; nth < id.length; nth++)
		hash = Math.imul(hash ^ id.charCodeAt(nth), 0x01000193) >>> 0;
	return namedStreams + 2 * (hash >>> 4);
}

/** A source of chance for one thing of one run. */
function streamOf(seed: number, run: number, stream: number): Rng {
	let mixed = (seed ^ Math.imul(run + 1, 0x9e3779b1)) >>> 0;
	mixed = Math.imul(mixed ^ (mixed >>> 15), 0x85ebca6b) >>> 0;
	mixed = Math.imul(mixed ^ Math.imul(stream + 1, 0xc2b2ae35), 0x27d4eb2f) >>> 0;
	return seededRng((mixed ^ (mixed >>> 13)) >>> 0);
}

/** A maker in a run: with a mat, or free. */
interface Maker {
	readonly habit: WeekHabit;
	readonly rng: Rng;
	/** Decides of each of their mats whether it is good at once. */
	readonly checkRng: Rng;
	share: number | null;
	/** How much of the mat being made their week brings, and whether it takes up a loom. */
	pace: number;
	isOnLoom: boolean;
	/** The mat being made gains nothing up to this week. */
	restUntil: number;
	readonly away: readonly number[] | undefined;
}

/** The chance of what a run draws once, whatever is changed of the season. */
interface Drawn {
	readonly now: SeasonNow;
	readonly seed: number;
	readonly run: number;
}

/** What is known of a maker before any run: their stream, their past, when they are away. */
interface KnownMaker {
	readonly stream: number;
	readonly weeks: ReturnType<typeof weeksKnown>;
	readonly away: readonly number[] | undefined;
	readonly mat: MatBeingMade | null;
}

/** Makers in an order that the lists do not change: mats by their ids, then who is free, the longest first. */
function knownMakers({ mats, freeMakers }: SeasonNow): KnownMaker[] {
	const known = (maker: MakerOfSeason, at: number, mat: MatBeingMade | null): KnownMaker => ({
		stream: streamOfMaker(maker.id, at),
		weeks: weeksKnown(maker.weeks),
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

const makersOf = ({ seed, run }: Drawn, makers: readonly KnownMaker[]) =>
	makers.map(({ stream, weeks, away, mat }): Maker => {
		const rng = streamOf(seed, run, stream);
		return {
			habit: drawHabit(weeks, rng),
			rng,
			checkRng: streamOf(seed, run, stream + 1),
			share: mat?.done ?? null,
			pace: 1,
			isOnLoom: mat?.isOnLoom ?? false,
			restUntil: mat?.restWeeks ?? 0,
			away
		};
	});

/**
 * Runs one season, week by week: table days make strand of the bags there are, bags arrive, mats grow by
 * their makers' weeks, what is made goes to check, and free makers take up mats where strand for one is there.
 */
function runSeason(drawn: Drawn, knowns: readonly KnownMaker[]): SeasonRun {
	const { now, seed, run } = drawn;
	const makers = makersOf(drawn, knowns);
	const bagsRng = streamOf(seed, run, streams.bags);
	const noBags = now.bagsPerWeek.filter((bags) => bags === 0).length;
	const noneChance = randomBeta(
		bagsRng,
		bagsChance.none + noBags,
		bagsChance.some + now.bagsPerWeek.length - noBags
	);
	const bagsHabit = drawAmountHabit(
		now.bagsPerWeek.map((made) => ({ made, isShort: false })),
		bagsPrior,
		bagsRng
	);
	const dayHabit = drawAmountHabit(
		now.perTableDay,
		tableDayPrior,
		streamOf(seed, run, streams.days)
	);
	const checkRng = streamOf(seed, run, streams.checks);
	const good = randomBeta(
		checkRng,
		checksChance.good + now.checks.good,
		checksChance.mended + now.checks.mended
	);
	let { bagMats: bags, strandMats: strand } = now;
	let passed = now.handedOver + now.ready;
	/** Mats that are ready at the end of each of the weeks to come. */
	const coming = new Array<number>(now.weeks + 3).fill(0);
	const toCheck = (week: number, rng: Rng) => {
		const at = rng() < good ? week + 1 : week + 2;
		if (at < coming.length) coming[at] = (coming[at] ?? 0) + 1;
		else later++;
	};
	let later = 0;
	for (let mat = 0; mat < now.inCheck; mat++) toCheck(0, checkRng);
	/** Makers without a mat, the longest free first. */
	const free: Maker[] = makers.slice(now.mats.length);
	let looms = now.looms === null ? Infinity : now.looms;
	for (const maker of makers.slice(0, now.mats.length)) {
		if ((maker.share ?? 0) < whole) {
			if (maker.isOnLoom) looms--;
			continue;
		}
		// Made already: it is in check today.
		maker.share = null;
		toCheck(0, maker.checkRng);
		free.push(maker);
	}
	const ready: number[] = [];
	const made: number[] = [];
	const enough = now.newMat.strand * whole;
	let begun = 0;
	let ranOutOfBags = false;
	let isLoomLacking = false;
	for (let week = 1; week <= now.weeks; week++) {
		let madeNow = 0;
		for (const day of now.tableDays) {
			if (day.week !== week) continue;
			const rng = streamOf(seed, run, streams.toCome + day.stream);
			const could = drawAmount(dayHabit, rng) * day.attendance;
			const some = Math.min(could, bags);
			ranOutOfBags = could > bags;
			bags -= some;
			strand += some;
			madeNow += some;
		}
		const hasNone = bagsRng() < noneChance;
		const arrived = drawAmount(bagsHabit, bagsRng);
		if (!hasNone) bags += arrived;
		for (const maker of makers) {
			if (maker.share === null || week <= maker.restUntil || maker.away?.includes(week)) {
				// Whoever is free or away lives through the week, too: their luck is their own.
				passWeek(maker.rng);
				continue;
			}
			maker.share += drawWeek(maker.habit, maker.rng) * maker.pace;
			if (maker.share < whole) continue;
			maker.share = null;
			if (maker.isOnLoom) looms++;
			toCheck(week, maker.checkRng);
			free.push(maker);
		}
		isLoomLacking = false;
		while (free.length > 0 && strand >= enough) {
			const next = free.findIndex(({ away }) => !away?.includes(week));
			if (next < 0) break;
			if (looms < 1) {
				isLoomLacking = true;
				break;
			}
			const [maker] = free.splice(next, 1);
			if (!maker) break;
			maker.share = 0;
			maker.restUntil = 0;
			maker.pace = now.newMat.pace;
			maker.isOnLoom = now.looms !== null;
			strand -= now.newMat.strand;
			looms--;
			begun++;
		}
		passed += coming[week] ?? 0;
		ready.push(passed);
		made.push(madeNow);
	}
	const inCheck = later + coming.slice(now.weeks + 1).reduce((sum, mats) => sum + mats, 0);
	const isMakerWaiting = free.some(({ away }) => !away?.includes(now.weeks));
	return { ready, made, inCheck, begun, ranOutOfBags, isMakerWaiting, isLoomLacking };
}

/** Bounds of what is simulated. */
const seasonBounds = {
	weeks: { atLeast: 0, atMost: 260, isWhole: true },
	runs: { atLeast: 1, atMost: 20_000, isWhole: true }
} as const;

function checkSeason(now: SeasonNow, runs: number): void {
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
	{ seed, runs }: { readonly seed: number; readonly runs: number },
	progress: (done: number) => void = () => {}
): SeasonRun[] {
	checkSeason(now, runs);
	const knowns = knownMakers(now);
	const all: SeasonRun[] = [];
	for (let run = 0; run < runs; run++) {
		all.push(runSeason({ now, seed, run }, knowns));
		if (run % 100 === 99) progress(run + 1);
	}
	return all;
}
