import { foretold as msg } from '$lib/words/season';
import { capital, smallNumber } from '$lib/ui/number-words';

/** A forecast that was kept, and what came of it. */
export interface Foretold {
	readonly id: number;
	readonly at: Date;
	readonly byDay: string;
	readonly wanted: number;
	/** Mats handed over and ready then. */
	readonly there: number;
	readonly low: number;
	readonly expected: number;
	readonly high: number;
	readonly chance: number;
	/** Mats that were handed over, ready or passed by the day; null while that is to come. */
	readonly came: number | null;
}

/** Whether what came lies within the band; null while it is to come. */
export const isHit = ({ low, high, came }: Foretold): boolean | null =>
	came === null ? null : came >= low && came <= high;

/** How the forecasts of a season did, in a line; empty where none can be looked back on. */
export function hitsWords(all: readonly Foretold[]): string {
	const past = all.filter(({ came }) => came !== null);
	if (past.length === 0) return '';
	const hits = past.filter((one) => isHit(one)).length;
	const few = past.length < 5 ? msg.tooFewToTellYet() : '';
	return past.length === 1
		? msg.theOneForecastThatCan({ hits, few })
		: msg.ofForecastsCameOutWithin({
				hits: capital(smallNumber(hits)),
				length: smallNumber(past.length),
				few
			});
}
