// Groups as they are and nobody models them: table days that depend on who comes and on the hall, bags that
// come in fits and starts, makers of their own kind. Drawn by rules that share nothing with what is forecast.
import type { SeasonNow } from '../../src/lib/core/season/now';
import { asBefore } from '../../src/lib/core/season/now';
import { makerWeeks, source } from './makers';

/** A made-up group: what is known of its season today, and how many mats there really are by its end. */
export interface MadeGroup {
	readonly now: SeasonNow;
	readonly truth: number;
}

/** A table day a week, to which all come. */
export const weeklyTables = (weeks: number): SeasonNow['tableDays'] =>
	Array.from({ length: weeks }, (_, at) => ({ week: at + 1, attendance: 1, stream: at }));

/** Weeks of the past that are known, and weeks to come. */
const [past, toCome] = [8, 10];

/**
 * One group with so many makers, lived through week by week.
 *
 * @param seed of the group
 * @param least makers it has at the least, and at the most
 */
export function madeGroup(seed: number, [least, most]: readonly [number, number]): MadeGroup {
	const rng = source(seed);
	const size = least + Math.floor(rng() * (most - least + 1));
	// The makers of a group are alike in part: some groups are quick, some have little time.
	const keen = 0.55 + 0.8 * rng();
	const makers = Array.from({ length: size }, () => {
		const week = makerWeeks(rng);
		return () => keen * week();
	});
	const logs = makers.map((week) => Array.from({ length: past }, week));
	// What a table day makes goes with the group: some makers' worth of strand, by who happens to come.
	const perWeek = size * 0.08 * keen;
	let hall = perWeek * (0.6 + 0.8 * rng());
	const tableDay = () => {
		hall = Math.max(0.05, hall * (1 + 0.1 * (rng() - 0.5)));
		let came = 0;
		for (let person = 0; person < 8; person++) if (rng() < 0.75) came++;
		return (hall * came) / 6;
	};
	const pace = perWeek * (0.8 + 0.9 * rng());
	const sacks = () => {
		if (rng() < 0.08) return 0;
		let sum = 0;
		for (let place = 0; place < 3; place++) sum += rng() < 0.7 ? pace * (0.1 + 0.75 * rng()) : 0;
		return sum;
	};
	const goodShare = 0.7 + 0.28 * rng();
	const perTableDay = Array.from({ length: past }, tableDay);
	const bagsPerWeek = Array.from({ length: past }, sacks);
	const checked = 4 + Math.floor(rng() * 12);
	let good = 0;
	for (let mat = 0; mat < checked; mat++) if (rng() < goodShare) good++;
	const inHand = Math.max(1, Math.floor(size * (0.5 + 0.4 * rng())));
	const done = makers.slice(0, inHand).map(() => 0.95 * rng());
	const now: SeasonNow = {
		weeks: toCome,
		handedOver: Math.floor(rng() * 6),
		ready: Math.floor(rng() * 3),
		inCheck: Math.floor(rng() * 3),
		mats: done.map((share, at) => ({
			done: share,
			weeks: logs[at] ?? [],
			isOnLoom: false
		})),
		freeMakers: logs.slice(inHand).map((weeks) => ({ weeks })),
		strandMats: size * 0.15 * rng(),
		bagMats: size * 0.3 * rng(),
		bagsPerWeek,
		tableDays: weeklyTables(toCome),
		perTableDay: perTableDay.map((made) => ({ made, isShort: false })),
		checks: { good, mended: checked - good },
		newMat: asBefore,
		looms: null
	};
	return { now, truth: liveThrough(now, { makers, done, tableDay, sacks, goodShare, rng }) };
}

/** A group’s life: makers’ weeks, when each is away, what days and drop-offs bring. */
interface Life {
	readonly makers: readonly (() => number)[];
	readonly away?: readonly (readonly number[])[];
	readonly done: readonly number[];
	readonly tableDay: () => number;
	readonly sacks: () => number;
	readonly goodShare: number;
	readonly rng: () => number;
}

/** What really comes of it: the weeks as they are lived. */
export function liveThrough(
	now: SeasonNow,
	{ makers, away = [], done, tableDay, sacks, goodShare, rng }: Life
): number {
	let [bags, strand, ready] = [now.bagMats, now.strandMats, now.handedOver + now.ready];
	const share: (number | null)[] = makers.map((_, at) => done[at] ?? null);
	const waiting = makers.map((_, at) => at).filter((at) => share[at] === null);
	/** Weeks until each mat in check is ready. */
	let check: number[] = Array.from({ length: now.inCheck }, () => (rng() < goodShare ? 1 : 2));
	for (let week = 1; week <= now.weeks; week++) {
		if (now.tableDays.some((day) => day.week === week)) {
			const made = Math.min(bags, tableDay());
			bags -= made;
			strand += made;
		}
		bags += sacks();
		check = check.map((left) => left - 1);
		ready += check.filter((left) => left === 0).length;
		check = check.filter((left) => left > 0);
		for (const [at, weekOf] of makers.entries()) {
			const own = share[at];
			const gained = weekOf();
			if (own === null || own === undefined || away[at]?.includes(week)) continue;
			if (own + gained >= 1) {
				share[at] = null;
				waiting.push(at);
				check.push(rng() < goodShare ? 1 : 2);
			} else share[at] = own + gained;
		}
		while (strand >= 1) {
			const next = waiting.findIndex((at) => !away[at]?.includes(week));
			if (next < 0) break;
			share[waiting.splice(next, 1)[0] ?? 0] = 0;
			strand--;
		}
	}
	return ready;
}
