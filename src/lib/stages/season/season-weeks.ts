import type { SeasonWeek } from '$lib/core/season/forecast';
import { dayNumber, isInSpans, weeksInSpans, type DaySpan } from '$lib/core/rhythm/span';
import { dayAfter } from '$lib/ui/days';
import type { SeasonBasis, SeasonDay, SeasonGoal } from './season-view';
import { weeksTo } from './season-view';

/** Somebody is away, by name where whoever reads may know it. */
export interface SeasonAway extends DaySpan {
	readonly name: string | null;
}

/** A week of a season as its page shows it. */
export interface WeekRow {
	/** Its first day. */
	readonly from: string;
	readonly tables: readonly SeasonDay[];
	/** The hall is shut for more than half of it. */
	readonly isShut: boolean;
	/** Who said yes to its table days, and how many of them are likely. */
	readonly said: number;
	readonly likely: number;
	/** Balls that its table days make on average. */
	readonly balls: number;
	readonly away: readonly SeasonAway[];
	readonly band: SeasonWeek;
	/** Goals that are told by its end. */
	readonly goals: readonly SeasonGoal[];
}

/** Rows that were made of weeks: a forecast that is remembered is shown often. */
const rowsOf = new WeakMap<
	readonly SeasonWeek[],
	{ readonly basis: SeasonBasis; readonly away: string; readonly rows: WeekRow[] }
>();

/** The weeks of a season: what each brings, and how many mats are good by its end. */
export function weekRows(
	basis: SeasonBasis,
	weeks: readonly SeasonWeek[],
	away: readonly SeasonAway[]
): WeekRow[] {
	const known = rowsOf.get(weeks);
	const awayNow = JSON.stringify(away);
	if (known?.basis === basis && known.away === awayNow) return known.rows;
	const rows = rowsAnew(basis, weeks, away);
	rowsOf.set(weeks, { basis, away: awayNow, rows });
	return rows;
}

const rowsAnew = (
	basis: SeasonBasis,
	weeks: readonly SeasonWeek[],
	away: readonly SeasonAway[]
): WeekRow[] =>
	weeks.map((band, at): WeekRow => {
		const from = dayAfter(basis.today, 7 * at);
		const until = dayAfter(from, 6);
		const tables = basis.tableDays.filter(({ day }) => from <= day && day <= until);
		return {
			from,
			tables,
			isShut: weeksInSpans(basis.shut, from, 1).length > 0,
			said: Math.max(0, ...tables.map(({ said }) => said)),
			likely: Math.round(Math.max(0, ...tables.map(({ likely }) => likely))),
			balls: (band.made * basis.newMat.bags) / basis.newMat.bagsPerBall,
			away: away.filter((span) => span.from <= until && from <= span.to),
			band,
			goals: basis.goals.filter((goal) => Math.max(1, weeksTo(basis, goal)) === at + 1)
		};
	});

/** Days of a week on which one more table is thought of first: Saturday, then those around it. */
const likedDays = [6, 0, 5, 3, 2, 1, 4];

/** Days of a season on which one more table could be, by the day of its goal: found once for as long as it is the same. */
const daysKnown = new WeakMap<SeasonBasis, Map<string, readonly string[]>>();

function extraDays(basis: SeasonBasis, goal: SeasonGoal): readonly string[] {
	const weeks = Math.max(1, weeksTo(basis, goal));
	const middle = Math.max(1, Math.ceil(weeks / 2));
	const freeIn = (week: number) =>
		Array.from({ length: 7 }, (_, at) => dayAfter(basis.today, 7 * (week - 1) + at))
			.filter((day) => day > basis.today)
			.filter(
				(day) => !basis.tableDays.some((one) => one.day === day) && !isInSpans(day, basis.shut)
			)
			.toSorted(
				(one, other) => likedDays.indexOf(weekday(one)) - likedDays.indexOf(weekday(other))
			);
	// Where the middle is shut or full, the weeks nearest to it, the later first.
	const all = Array.from({ length: weeks }, (_, at) => at + 1)
		.toSorted((one, other) => Math.abs(one - middle) - Math.abs(other - middle) || other - one)
		.flatMap((week) => freeIn(week).slice(0, 3));
	return all.length > 0 ? all : [dayAfter(basis.today, 7 * middle - 1)];
}

/**
 * The day of one more table, in the middle of the weeks up to a goal, on a day when none is: the same that a lever
 * means.
 *
 * @param nth of several, from 0
 */
export function extraDay(basis: SeasonBasis, goal: SeasonGoal, nth: number): string {
	const known = daysKnown.get(basis) ?? new Map<string, readonly string[]>();
	daysKnown.set(basis, known);
	const days = known.get(goal.by) ?? extraDays(basis, goal);
	known.set(goal.by, days);
	return days[nth] ?? days.at(-1) ?? goal.by;
}

/** The first day that is counted from was a Thursday. */
const weekday = (day: string): number => (dayNumber(day) + 4) % 7;
