import { taskUnits } from '$lib/core/effort/tasks';
import { barePractice } from '$lib/core/practice/practice';
import type { Outlier } from '$lib/core/calibrate/outlier';
import { outlierOf } from '$lib/core/calibrate/outlier';
import { rateReading } from '$lib/core/calibrate/update-rate';
import type { TimedEntry } from '$lib/entries/types/timed';

/** Seconds that one unit takes by the standard figures, in the way it was done. */
export const craftSeconds = ({ work, way }: TimedEntry): number => taskUnits[work].ways[way] ?? NaN;

/** A time so far from the craft's that it should be asked about; null where it is not. */
export function oddTime(entry: TimedEntry): (Outlier & { readonly ratio: number }) | null {
	const reading = rateReading({
		units: entry.units,
		personSeconds: entry.people * entry.minutes * 60,
		defaultSeconds: craftSeconds(entry)
	});
	const { mean, cv } = barePractice.hands[entry.work];
	const odd = outlierOf({ median: mean, cv }, reading);
	return odd && { ...odd, ratio: reading.ratio };
}
