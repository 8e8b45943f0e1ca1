import type { Chance, LineDay, SeatTime } from './day';
import type { DayRun } from './day-state';
import { away, beginDay, blocked, doings, starved, waiting, working } from './day-state';
import type { Amounts, Line } from './assembly-line';
import { lineStations, lotSeconds } from './assembly-line';

/** Moments nearer to each other than this are one, s. */
const momentS = 1e-6;
/** Amounts smaller than this are nothing: strand may be a part of a bag's worth. */
const crumb = 1e-9;

/**
 * Runs a day on to a moment. At every moment first what is done is put down, then people take their
 * lots in their order; where that makes room for those who are blocked, they put down too.
 *
 * @param watch is told whenever something was put down, taken or left undone
 * @example runUntil(beginDay({ line: { piecesPerBag: 4, bagsPerBall: 20, cutTool: 'scissors', stack: 3, batch: 20 }, stock: { bags: 9, flat: 0, pieces: 0, joined: 0, balls: 0 }, room: {}, lengthS: 600, sittings: [{ name: 'Wren', speed: 1, station: 'flatten', fromS: 0, toS: 600 }] }, plainly), 600, () => {}).state.there[1] // 9
 */
export function runUntil(run: DayRun, untilS: number, watch: (run: DayRun) => void): DayRun {
	const { day, chance, figures, state } = run;
	const { there, doing, sinceS, lot, endsAtS, spentS, lots, begun } = state;
	const { station, fromS, toS, speed, person, whole, wholeS, room } = figures;
	const seats = station.length;
	const { line, sittings } = day;
	const underWay = new Uint32Array(lineStations.length);
	for (let at = 0; at < seats; at++)
		if (lot[at]) underWay[station[at] as number] = 1 + (underWay[station[at] as number] as number);
	let nowS = state.atS;
	let isAnyBlocked = false;
	/** The seats that are looked at now, in their order, until somebody comes or goes. */
	let active: number[] = [];
	let edgeS = -Infinity;
	const lookAround = (): void => {
		active = [];
		edgeS = Infinity;
		for (let at = 0; at < seats; at++) {
			const [beginS, endS] = [fromS[at] as number, toS[at] as number];
			if (beginS > nowS + momentS) {
				if (beginS < edgeS) edgeS = beginS;
				continue;
			}
			if (endS > nowS + momentS && endS < edgeS) edgeS = endS;
			// Whoever has gone and could not put down is looked at until it is.
			if (endS >= nowS + momentS || lot[at] !== 0) active.push(at);
			else becomes(at, away);
		}
	};

	const becomes = (at: number, what: number): void => {
		if (doing[at] === what) return;
		const spent = at * doings.length + (doing[at] as number);
		const endS = Math.min(nowS, toS[at] as number);
		const ranS = endS - (sinceS[at] as number);
		if (ranS > 0) spentS[spent] = (spentS[spent] as number) + ranS;
		doing[at] = what;
		sinceS[at] = nowS;
	};
	/** The lot a station finds: a whole one, or the last of what there is where nothing more can come. */
	const found = (of: number): number => {
		const lies = there[of] as number;
		if (lies >= (whole[of] as number) - crumb) return whole[of] as number;
		if (of === 3 || lies < crumb) return 0;
		for (let before = 0; before < of; before++)
			if ((there[before] as number) > crumb || (underWay[before] as number) > 0) return 0;
		return lies;
	};
	/** Puts down what is done; whether anything was. */
	const putDown = (): boolean => {
		let isPut = false;
		isAnyBlocked = false;
		for (const at of active) {
			const done = lot[at] as number;
			if (done === 0 || (endsAtS[at] as number) > nowS + momentS) continue;
			const of = station[at] as number;
			const given = of === 1 ? done * line.piecesPerBag : of === 3 ? 1 : done;
			const after = (there[of + 1] as number) + given;
			if (after > (room[of + 1] as number) + crumb) {
				becomes(at, blocked);
				isAnyBlocked = true;
				continue;
			}
			there[of + 1] = after;
			underWay[of] = (underWay[of] as number) - 1;
			lot[at] = 0;
			lots[at] = (lots[at] as number) + 1;
			isPut = true;
		}
		return isPut;
	};
	const serve = (): void => {
		for (const at of active) {
			if (lot[at] !== 0) continue;
			const untilSeatS = toS[at] as number;
			if (untilSeatS < nowS + momentS) {
				becomes(at, away);
				continue;
			}
			const of = station[at] as number;
			const taken = found(of);
			if (taken === 0) {
				becomes(at, starved);
				continue;
			}
			const who = person[at] as number;
			const sitting = sittings[at] as SeatTime;
			const usualS =
				taken === whole[of] ? (wholeS[of] as number) : lotSeconds(line, sitting.station, taken);
			const endS =
				nowS + (usualS / (speed[at] as number)) * chance(sitting.name, begun[who] as number);
			if (endS > untilSeatS + momentS) {
				becomes(at, waiting);
				continue;
			}
			const left = (there[of] as number) - taken;
			there[of] = left < crumb ? 0 : left;
			underWay[of] = (underWay[of] as number) + 1;
			begun[who] = (begun[who] as number) + 1;
			becomes(at, working);
			lot[at] = taken;
			endsAtS[at] = endS;
		}
	};
	const settle = (): void => {
		if (nowS >= edgeS - momentS) lookAround();
		putDown();
		do serve();
		while (
			// Room that was made lets those who are blocked put down, and so others find a lot.
			isAnyBlocked &&
			putDown()
		);
		watch(run);
	};
	/** The next moment at which anything may change. */
	const nextS = (): number => {
		let next = edgeS;
		for (const at of active) {
			const endS = endsAtS[at] as number;
			if (doing[at] === working && endS < next) next = endS;
		}
		return next;
	};
	settle();
	for (let next = nextS(); next <= untilS + momentS; next = nextS()) {
		nowS = next;
		state.atS = nowS;
		settle();
	}
	if (untilS > nowS) state.atS = untilS;
	return run;
}

/** What a seat has spent on something up to the moment a run has come to, s. */
function spentOn({ day, state }: DayRun, at: number, what: number): number {
	const before = state.spentS[at * doings.length + what] ?? 0;
	if (state.doing[at] !== what) return before;
	const untilS = Math.min(state.atS, day.sittings[at]?.toS ?? 0);
	return before + Math.max(0, untilS - (state.sinceS[at] ?? 0));
}

/** How one sitting went, s. */
export interface SittingTimes {
	readonly workedS: number;
	readonly starvedS: number;
	readonly blockedS: number;
	readonly lots: number;
}

/** What a day came to. */
export interface DayAnswer {
	/** What lies at each place in the end; a lot that is still under way counts as before its station. */
	readonly counts: Amounts;
	/** In the order of the day's sittings. */
	readonly seats: readonly SittingTimes[];
	/** Whole balls, and half a ball for each ball's worth of strand joined. */
	readonly worth: number;
}

/**
 * What lies there at the moment a run has come to.
 *
 * @example amountsAt(beginDay({ line: { piecesPerBag: 4, bagsPerBall: 20, cutTool: 'scissors', stack: 3, batch: 20 }, stock: { bags: 9, flat: 0, pieces: 0, joined: 0.5, balls: 0 }, room: {}, lengthS: 60, sittings: [] }, plainly)).joined // 0.5
 */
export function amountsAt({ day, state }: DayRun): Amounts {
	const there = [...state.there];
	for (const [at, { station }] of day.sittings.entries()) {
		const of = lineStations.indexOf(station);
		there[of] = (there[of] ?? 0) + (state.lot[at] ?? 0);
	}
	return amountsOf(there, day.line);
}

/**
 * What lies at the places, strand counted in bags' worth.
 *
 * @param there in the order of the places, strand in pieces
 * @example amountsOf([1, 2, 3, 4, 5], { piecesPerBag: 4, bagsPerBall: 20, cutTool: 'scissors', stack: 3, batch: 20 }).joined // 1
 */
export function amountsOf(there: ArrayLike<number>, { piecesPerBag }: Line): Amounts {
	const [bags = 0, flat = 0, pieces = 0, strand = 0, balls = 0] = Array.from(there);
	return { bags, flat, pieces, joined: strand / piecesPerBag, balls };
}

/**
 * What a day is worth: its balls, and half a ball for each ball's worth of strand joined.
 *
 * @example worthOf({ bags: 0, flat: 0, pieces: 0, joined: 30, balls: 13 }, 20) // 13.75
 */
export const worthOf = ({ balls, joined }: Amounts, bagsPerBall: number): number =>
	balls + joined / bagsPerBall / 2;

/** Nobody watches. */
const unwatched = (): void => {};

/**
 * Runs a whole day.
 *
 * @throws DomainError where a figure of the day is out of its domain
 * @example runDay({ line: { piecesPerBag: 4, bagsPerBall: 20, cutTool: 'scissors', stack: 3, batch: 20 }, stock: { bags: 9, flat: 0, pieces: 0, joined: 0, balls: 0 }, room: {}, lengthS: 600, sittings: [{ name: 'Wren', speed: 1, station: 'flatten', fromS: 0, toS: 600 }] }, plainly).counts.flat // 9
 */
export function runDay(day: LineDay, chance: Chance): DayAnswer {
	const run = runUntil(beginDay(day, chance), day.lengthS, unwatched);
	const counts = amountsAt(run);
	return {
		counts,
		seats: day.sittings.map((_, at) => ({
			workedS: spentOn(run, at, working),
			starvedS: spentOn(run, at, starved),
			blockedS: spentOn(run, at, blocked),
			lots: run.state.lots[at] ?? 0
		})),
		worth: worthOf(counts, day.line.bagsPerBall)
	};
}
