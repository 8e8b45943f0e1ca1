import { taps as say } from '$lib/words/table-day';
import type { LineStation } from '$lib/core/assembly-line/assembly-line';
import type { LineForm } from '$lib/core/store/forms';
import type { DayWork } from './day-view';

/** A lot that was tapped at a station. */
export interface DayTap {
	readonly id: number;
	readonly station: LineStation;
	/** Bags, or balls. */
	readonly count: number;
	/** The label of a ball. */
	readonly code: string | null;
}

/** All that was tapped at a day and stands. */
export interface DayTaps {
	/** Bags, and balls. */
	readonly done: Readonly<Record<LineStation, number>>;
	/** The last lots of each station, the newest first. */
	readonly last: readonly DayTap[];
}

/** What was tapped and the book did not have. */
export interface DayLack {
	readonly form: LineForm;
	readonly amount: number;
}

/** What is done at a station with the taps of this device that were not read yet, and without those it took back. */
export const doneHere = (
	station: LineStation,
	{ done, last }: DayTaps,
	ahead: readonly Pick<DayTap, 'count'>[],
	gone: ReadonlySet<number>
): number =>
	done[station] +
	ahead.reduce((sum, { count }) => sum + count, 0) -
	last.reduce((sum, tap) => sum + (tap.station === station && gone.has(tap.id) ? tap.count : 0), 0);

/** What one tap at a station counts: a batch, a stack, a bag's joints, a ball. */
export function tapCount(station: LineStation, { line }: Pick<DayWork, 'line'>): number {
	if (station === 'flatten') return line.batch;
	return station === 'cut' ? line.stack : 1;
}

/** What a tap counts at a station. */
export const tapNouns: Readonly<Record<LineStation, readonly [one: string, many: string]>> = {
	flatten: [say.bagFlattened(), say.bagsFlattened()],
	cut: [say.bagCut(), say.bagsCut()],
	join: [say.bagJoined(), say.bagsJoined()],
	ball: ['ball', 'balls']
};
export const tapWords = (station: LineStation, count: number): string =>
	`${count} ${tapNouns[station][count === 1 ? 0 : 1]}`;

/** All the scrap of a day, as it was weighed. */
export interface WeighedScrap {
	readonly weighedG: number;
	/** More than the cuts left by the book; below 0 where it was less. */
	readonly moreG: number;
}
