import type { LineStation } from '$lib/core/line/line';
import { lineStations } from '$lib/core/line/line';
import { lineDayOf } from './line-day';
import type { DayWork, PlannedDay } from './day-view';
import type { DayTaps } from './taps';

/** What a day teaches of one work: so much of it, by hands of the usual pace, in so many minutes. */
export interface Learned {
	readonly station: LineStation;
	/** Bags, joints or balls. */
	readonly units: number;
	/** Worked by those who sat there: breaks, starving and being blocked left out, each by their level. */
	readonly minutes: number;
}

/**
 * What a day teaches, by closed forms: the time people sat at a station, less its breaks and the share
 * that was foreseen to be starved or blocked, times their level, over the lots that were tapped there.
 */
export function learnedOf(day: PlannedDay, work: DayWork, done: DayTaps['done']): Learned[] {
	const came = new Set(day.people.filter(({ came }) => came !== false).map(({ id }) => id));
	const { sittings } = lineDayOf(day, work, day.seats);
	return lineStations.flatMap((station): Learned[] => {
		const seconds = sittings
			.filter((sitting) => sitting.station === station && came.has(sitting.name))
			.reduce(
				(sum, { fromS, toS, speed }) => sum + ((toS - fromS) * speed) / work.pace[station],
				0
			);
		const share = day.foreseen?.worked[station] ?? 1;
		const minutes = Math.round((seconds * share) / 6) / 10;
		const units = done[station] * (station === 'join' ? work.line.piecesPerBag : 1);
		return units > 0 && minutes > 0 ? [{ station, units, minutes }] : [];
	});
}
