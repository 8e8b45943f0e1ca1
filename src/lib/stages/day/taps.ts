import type { LineStation } from '$lib/core/line/line';
import { byStation } from '$lib/core/line/line';
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

/** What was tapped and the book did not have. */
export interface DayLack {
	readonly form: LineForm;
	readonly amount: number;
}

/** What was done at each station: bags, and balls. */
export const doneOf = (
	taps: readonly Pick<DayTap, 'station' | 'count'>[]
): Record<LineStation, number> =>
	byStation((station) =>
		taps.reduce((sum, tap) => sum + (tap.station === station ? tap.count : 0), 0)
	);

/** What one tap at a station counts: a batch, a stack, a bag's joints, a ball. */
export function tapCount(station: LineStation, { line }: Pick<DayWork, 'line'>): number {
	if (station === 'flatten') return line.batch;
	return station === 'cut' ? line.stack : 1;
}

/** What a tap counts at a station. */
export const tapNouns: Readonly<Record<LineStation, readonly [one: string, many: string]>> = {
	flatten: ['bag flat', 'bags flat'],
	cut: ['bag cut', 'bags cut'],
	join: ['bag joined', 'bags joined'],
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
