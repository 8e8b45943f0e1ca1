import { nthOf } from '../statistics/rng';
import type { CommonLuck } from './common-luck';
import type { MatBeingMade, SeasonNow, SeasonRun } from './now';
import { seedOf } from './streams';

/** Shares and strand are sums: what lacks less than this is there. */
const whole = 1 - 1e-9;

/** The luck of one maker in one run: each week has its own, whether they make something in it or not. */
export interface MakerLuck {
	/** Begins a run. */
	begin: (run: number) => void;
	/** Share of a mat that a week brings. */
	gain: (week: number) => number;
	/** Of 0 to 1: a mat is good at once where it is below the chance of that. */
	check: () => number;
}

/** The checks of a maker's mats in one run: a number each, in their order. */
export class LuckOfChecks {
	protected run = 0;
	private checks = 0;

	constructor(
		protected readonly stream: number,
		protected readonly seed: number
	) {}

	begin(run: number): void {
		this.run = run;
		this.checks = 0;
	}

	check(): number {
		return nthOf(seedOf(this.seed, this.run, this.stream + 1), this.checks++);
	}
}

/** A maker as every run begins: when they are away, their mat. */
export interface MakerAtStart {
	readonly luck: MakerLuck;
	readonly away: readonly number[] | undefined;
	readonly mat: MatBeingMade | null;
}

/** A maker in a run: with a mat, or free. */
interface Maker {
	readonly luck: MakerLuck;
	/** By the week, from 1; null for nobody who is ever away. */
	readonly isAway: readonly boolean[] | null;
	readonly mat: MatBeingMade | null;
	share: number | null;
	/** How much of the mat being made their week brings, and whether it takes up a loom. */
	pace: number;
	isOnLoom: boolean;
	/** The mat being made gains nothing up to this week. */
	restUntil: number;
}

/** A season before its runs: its makers, and its table days by their weeks. */
export interface SeasonToRun {
	readonly now: SeasonNow;
	readonly makers: Maker[];
	/** By the week, from 1: places of its days in the season's list. */
	readonly daysOf: readonly (readonly number[])[];
}

/**
 * Makes a season ready for its runs.
 *
 * @param atStart makers: those with mats, then who is free, the longest first
 * @example seasonToRun({ weeks: 1, handedOver: 1, ready: 0, inCheck: 0, mats: [], freeMakers: [], strandMats: 0, bagMats: 0, bagsPerWeek: [], tableDays: [{ week: 1, attendance: 1, stream: 0 }], perTableDay: [], checks: { good: 0, mended: 0 }, newMat: { strand: 1, pace: 1 }, looms: null }, []).daysOf // [[], [0]]
 */
export function seasonToRun(now: SeasonNow, atStart: readonly MakerAtStart[]): SeasonToRun {
	const daysOf = Array.from({ length: now.weeks + 1 }, (): number[] => []);
	for (const [at, { week }] of now.tableDays.entries()) daysOf[week]?.push(at);
	return {
		now,
		daysOf,
		makers: atStart.map(({ luck, away, mat }) => ({
			luck,
			isAway: away ? Array.from({ length: now.weeks + 1 }, (_, week) => away.includes(week)) : null,
			mat,
			share: null,
			pace: 1,
			isOnLoom: false,
			restUntil: 0
		}))
	};
}

/** Who of those who are free takes up a mat in a week: the longest free who is there; -1 for nobody. */
function nextOf(free: readonly Maker[], week: number): number {
	for (let at = 0; at < free.length; at++) if (!free[at]?.isAway?.[week]) return at;
	return -1;
}

/** Sends a mat to check: it is ready a week later, or two where it must be mended. */
function checkedBy(coming: number[], week: number, isGood: boolean): void {
	const at = isGood ? week + 1 : week + 2;
	coming[at] = (coming[at] ?? 0) + 1;
}

/**
 * Runs one season, week by week: table days make strand of the bags there are, bags arrive, mats grow by
 * their makers' weeks, what is made goes to check, and free makers take up mats where strand for one is there.
 *
 * @param run whose makers' luck it is, whole, from 0
 * @example runSeason(seasonToRun({ weeks: 0, handedOver: 1, ready: 0, inCheck: 0, mats: [], freeMakers: [], strandMats: 0, bagMats: 0, bagsPerWeek: [], tableDays: [], perTableDay: [], checks: { good: 0, mended: 0 }, newMat: { strand: 1, pace: 1 }, looms: null }, []), { bags: [], days: [], good: 1, inCheck: [], together: 1 }, 0).ready // []
 */
export function runSeason(
	{ now, makers, daysOf }: SeasonToRun,
	luck: CommonLuck,
	run: number
): SeasonRun {
	let { bagMats: bags, strandMats: strand } = now;
	let passed = now.handedOver + now.ready;
	/** Mats that are ready at the end of each of the weeks to come. */
	const coming = new Array<number>(now.weeks + 3).fill(0);
	for (const isGood of luck.inCheck) checkedBy(coming, 0, isGood);
	/** Makers without a mat, the longest free first. */
	const free: Maker[] = [];
	const freed: Maker[] = [];
	let looms = now.looms === null ? Infinity : now.looms;
	for (const maker of makers) {
		const { mat } = maker;
		maker.luck.begin(run);
		maker.share = mat?.done ?? null;
		maker.pace = 1;
		maker.isOnLoom = mat?.isOnLoom ?? false;
		maker.restUntil = mat?.restWeeks ?? 0;
		if (maker.share === null) free.push(maker);
		else if (maker.share >= whole) {
			// Made already: it is in check today.
			maker.share = null;
			checkedBy(coming, 0, maker.luck.check() < luck.good);
			freed.push(maker);
		} else if (maker.isOnLoom) looms--;
	}
	free.push(...freed);
	const ready: number[] = [];
	const made: number[] = [];
	const enough = now.newMat.strand * whole;
	let begun = 0;
	let ranOutOfBags = false;
	let isLoomLacking = false;
	for (let week = 1; week <= now.weeks; week++) {
		let madeNow = 0;
		for (const at of daysOf[week] ?? []) {
			const could = luck.days[at] ?? 0;
			const some = Math.min(could, bags);
			ranOutOfBags = could > bags;
			bags -= some;
			strand += some;
			madeNow += some;
		}
		bags += luck.bags[week - 1] ?? 0;
		for (const maker of makers) {
			if (maker.share === null || week <= maker.restUntil || maker.isAway?.[week]) continue;
			maker.share += maker.luck.gain(week) * maker.pace * luck.together;
			if (maker.share < whole) continue;
			maker.share = null;
			if (maker.isOnLoom) looms++;
			checkedBy(coming, week, maker.luck.check() < luck.good);
			free.push(maker);
		}
		isLoomLacking = false;
		while (free.length > 0 && strand >= enough) {
			const next = nextOf(free, week);
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
	const inCheck = (coming[now.weeks + 1] ?? 0) + (coming[now.weeks + 2] ?? 0);
	const isMakerWaiting = nextOf(free, now.weeks) >= 0;
	return { ready, made, inCheck, begun, ranOutOfBags, isMakerWaiting, isLoomLacking };
}
