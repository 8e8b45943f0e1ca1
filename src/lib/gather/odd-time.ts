import { workUnits } from '../core/effort/works';
import { barePractice } from '../core/know/practice';
import type { Outlier } from '../core/measure/outlier';
import { outlierOf } from '../core/measure/outlier';
import { rateReading } from '../core/measure/update-rate';
import type { TimedEntry } from './entry-types';

/** Seconds that one unit takes by the craft, in the way it was done. */
export const craftSeconds = ({ work, way }: TimedEntry): number => workUnits[work].ways[way] ?? NaN;

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
