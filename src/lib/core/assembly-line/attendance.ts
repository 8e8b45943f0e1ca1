import { defaults } from '../defaults';
import { within } from '../domain-error';

/** Table days somebody said they come to, of those behind, and to how many of them they came. */
export interface AttendedSoFar {
	readonly known: number;
	readonly came: number;
}

/**
 * The chance that somebody who said they come does: the craft's share stands for the first five days,
 * and how often they came joins it (Beta posterior mean).
 *
 * @throws DomainError where the counts are not 0 or more, or they came more often than is known
 * @example attendanceOf({ known: 5, came: 5 }) // 0.9
 */
export function attendanceOf({ known, came }: AttendedSoFar): number {
	within('known', known, { atLeast: 0 });
	within('came', came, { atLeast: 0, atMost: known });
	const worth = defaults.attendancePriorDays.value;
	return (defaults.attendance.value * worth + came) / (worth + known);
}

/**
 * The share of those who said yes that is likely to come; of nobody, the craft's own.
 *
 * @example meanAttendance([]) // 0.8
 */
export const meanAttendance = (all: readonly AttendedSoFar[]): number =>
	all.length === 0
		? defaults.attendance.value
		: all.reduce((sum, one) => sum + attendanceOf(one), 0) / all.length;
