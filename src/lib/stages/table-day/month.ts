import type { DaySpan } from '$lib/core/rhythm/span';
import { isInSpans } from '$lib/core/rhythm/span';
import { dayAfter } from '$lib/ui/days';

/** What falls on a day beside the table: mats asked for by it, or a delivery. */
export interface MonthEvent {
	readonly sort: 'ask' | 'delivery';
	readonly day: string;
	readonly summary: string;
	readonly href: string;
}

/** A volunteer who is away, by name where whoever reads may know it. */
export interface MonthAway extends DaySpan {
	readonly id: string;
	readonly name: string | null;
}

/** A day as a month shows it. */
export interface MonthDay<Day> {
	readonly day: string;
	readonly isOfMonth: boolean;
	readonly isShut: boolean;
	readonly tables: readonly Day[];
	readonly events: readonly MonthEvent[];
	readonly away: readonly MonthAway[];
}

/** All that a month is drawn from. */
export interface MonthOf<Day> {
	/** As `2026-12`. */
	readonly month: string;
	readonly days: readonly Day[];
	readonly events: readonly MonthEvent[];
	readonly away: readonly MonthAway[];
	readonly shut: readonly DaySpan[];
}

/** The Monday of a day's week. */
export const mondayOf = (day: string): string =>
	dayAfter(day, -((new Date(`${day}T00:00:00Z`).getUTCDay() + 6) % 7));

/** The month so many after another: `monthAfter('2026-12', 1)` is `2027-01`. */
export function monthAfter(month: string, months: number): string {
	const [year = 0, of = 1] = month.split('-').map(Number);
	return new Date(Date.UTC(year, of - 1 + months, 1)).toISOString().slice(0, 7);
}

/** The weeks of a month, Monday first, with all that falls on each of their days. */
export function weeksOfMonth<Day extends { readonly day: string }>({
	month,
	days,
	events,
	away,
	shut
}: MonthOf<Day>): MonthDay<Day>[][] {
	const weeks: MonthDay<Day>[][] = [];
	for (
		let monday = mondayOf(`${month}-01`);
		monday.slice(0, 7) <= month;
		monday = dayAfter(monday, 7)
	)
		weeks.push(
			Array.from({ length: 7 }, (_, nth): MonthDay<Day> => {
				const day = dayAfter(monday, nth);
				return {
					day,
					isOfMonth: day.startsWith(month),
					isShut: isInSpans(day, shut),
					tables: days.filter((one) => one.day === day),
					events: events.filter((one) => one.day === day),
					away: away.filter((one) => isInSpans(day, [one]))
				};
			})
		);
	return weeks;
}
