import { within } from '../domain-error';
import type { Sitting } from '../making/sitting';

/** Hands that a mat took, min: those that were timed, and those that are reckoned for the rest of it. */
export interface HandsGiven {
	readonly timedMin: number;
	readonly estimatedMin: number;
}

/** What a plan reckons for the hands of a mat, min. */
export interface HandsPlanned {
	/** Making its rows. */
	readonly makeMin: number;
	/** All before and after: flattening, cutting, joining, balls, finishing, checking, rolling. */
	readonly besideMin: number;
}

/**
 * The hands of a mat: the minutes its rows were timed at, and by its plan what was not timed.
 *
 * @param rows of the whole mat, above 0
 * @throws DomainError
 * @example handsOf({ makeMin: 400, besideMin: 100 }, { rows: 50, minutes: 150 }, 200) // { timedMin: 150, estimatedMin: 400 }
 */
export function handsOf(planned: HandsPlanned, timed: Sitting, rows: number): HandsGiven {
	within('rows', rows, { moreThan: 0 });
	within('timed.rows', timed.rows, { atLeast: 0 });
	within('timed.minutes', timed.minutes, { atLeast: 0 });
	const untimed = Math.max(0, 1 - timed.rows / rows);
	return {
		timedMin: timed.minutes,
		estimatedMin: planned.besideMin + planned.makeMin * untimed
	};
}
