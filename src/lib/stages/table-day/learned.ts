import type { LineStation } from '$lib/core/assembly-line/assembly-line';
import { lineStations } from '$lib/core/assembly-line/assembly-line';
import { taskUnits } from '$lib/core/effort/tasks';
import { lineDayOf } from './line-day';
import type { DayWork, PlannedDay } from './day-view';

/** A lot that was tapped while the day was open. */
export interface DayLot {
	readonly station: LineStation;
	/** Bags, or balls. */
	readonly count: number;
	/** When it was tapped, s since midnight of the day in the hall. */
	readonly atS: number;
}

/** What a day teaches of one work: so much of it, by hands of the usual pace, in so many minutes. */
export interface Learned {
	readonly station: LineStation;
	/** How it was done, as timed work has it. */
	readonly way: string;
	/** Bags, joints or balls. */
	readonly units: number;
	/** Worked by those who sat there: breaks, starving and being blocked left out, each by their level. */
	readonly minutes: number;
	/** Seconds that one takes by all that was known before. */
	readonly knownS: number;
	/** It differs from what was known by more than half: it is asked about before it teaches. */
	readonly isOdd: boolean;
}

/** What a day taught once it was ended, and whether it counts. */
export interface Taught extends Pick<Learned, 'station' | 'units' | 'minutes'> {
	/** Of the timed work it stands in. */
	readonly id: number;
	readonly isLeftOut: boolean;
}

/** A pause so long ends a sitting, s. */
const pauseS = 20 * 60;
/** Fewer lots teach nothing. */
const leastLots = 3;
/** A speed that differs from the known by more than this share of it is asked about. */
const oddShare = 0.5;

/** Lots of one station by sittings: what lies between a long pause and the next. */
function sittingsOf(lots: readonly DayLot[]): DayLot[][] {
	const found: DayLot[][] = [];
	for (const lot of lots.toSorted((one, other) => one.atS - other.atS)) {
		const own = found.at(-1);
		if (own && lot.atS - (own.at(-1)?.atS ?? 0) <= pauseS) own.push(lot);
		else found.push([lot]);
	}
	return found.filter((own) => own.length >= leastLots);
}

/**
 * What a day teaches, by closed forms. Only what lies between the first tap of a sitting and its last counts: the
 * lots after the first, over the time people sat at the station then, less its breaks and the share that was
 * foreseen to be starved or blocked, times their level.
 */
export function learnedOf(day: PlannedDay, work: DayWork, lots: readonly DayLot[]): Learned[] {
	const came = new Set(day.people.filter(({ came }) => came !== false).map(({ id }) => id));
	const there = lineDayOf(day, work, day.seats).sittings.filter(({ name }) => came.has(name));
	return lineStations.flatMap((station): Learned[] => {
		const own = there.filter((sitting) => sitting.station === station);
		let [seconds, bags] = [0, 0];
		for (const run of sittingsOf(lots.filter((lot) => lot.station === station))) {
			const [from = 0, to = 0] = [run[0], run.at(-1)].map((lot) => (lot?.atS ?? 0) - day.from * 60);
			const worked = own.reduce(
				(sum, { fromS, toS, speed }) =>
					sum +
					(Math.max(0, Math.min(toS, to) - Math.max(fromS, from)) * speed) / work.pace[station],
				0
			);
			// Nobody sat there: what was tapped says nothing of anybody's pace.
			if (worked === 0) continue;
			seconds += worked;
			bags += run.slice(1).reduce((sum, { count }) => sum + count, 0);
		}
		const share = day.foreseen?.worked[station] ?? 1;
		const minutes = Math.round((seconds * share) / 6) / 10;
		const units = bags * (station === 'join' ? work.line.piecesPerBag : 1);
		if (!(units > 0 && minutes > 0)) return [];
		const { ways } = taskUnits[station];
		const way = station === 'cut' ? work.line.cutTool : (Object.keys(ways)[0] ?? '');
		const knownS = (ways[way] ?? NaN) / work.pace[station];
		const isOdd = Math.abs((minutes * 60) / units - knownS) > oddShare * knownS;
		return [{ station, way, units, minutes, knownS, isOdd }];
	});
}
