import { daysOfRule } from '$lib/core/rhythm/rule-days';
import type { Db } from '$lib/server/db/db';
import type { CalendarDay, CalendarSeries } from '$lib/server/web/day-calendar';
import { dayAfter } from '$lib/ui/days';
import { listShut } from './hall-shut';
import { daysAhead, findRhythm } from './rhythm';
import { listTableDays } from './table-days';

interface RuleDay extends CalendarDay {
	/** The day of the rule that it stands for. */
	readonly of: string;
	readonly isOff: boolean;
}

/** Days that stand for one of the rule, called off or not. */
const listRuleDays = (db: Db): Promise<RuleDay[]> =>
	db.many<RuleDay>(
		`select id, to_char(day, 'YYYY-MM-DD') as day, to_char(of_rule, 'YYYY-MM-DD') as of, place, from_minute as "from",
			to_minute as "to", version, called_off_at is not null as "isOff"
		 from table_day where group_id = $1 and of_rule is not null order by of_rule`,
		[db.groupId]
	);

/** Days of a rule that are looked back on at most: a calendar has no use for older ones. */
const lookBack = 366;

/**
 * All table days as a calendar has them: the rule with the days it is off and those that differ from it, and beside it
 * the days that were typed alone.
 */
export async function calendarDays(
	db: Db,
	today: string
): Promise<{ readonly series: CalendarSeries | null; readonly days: readonly CalendarDay[] }> {
	const [rhythm, own, shut, listed] = await Promise.all([
		findRhythm(db),
		listRuleDays(db),
		listShut(db),
		listTableDays(db, today)
	]);
	if (!rhythm?.rule) return { series: null, days: listed };
	const { rule, startsOn, endsOn, place, from, to, version } = rhythm;
	const since = dayAfter(today, -lookBack);
	const until = dayAfter(today, 2 * daysAhead);
	const all = daysOfRule({ rule, startsOn, endsOn, shut: [] }, since, until);
	const meets = new Set(
		daysOfRule({ rule, startsOn, endsOn, shut }, dayAfter(today, daysAhead), until)
	);
	for (const { of, isOff } of own) {
		if (isOff) meets.delete(of);
		else meets.add(of);
	}
	const [first] = all;
	const standing = own.filter(({ of, isOff }) => !isOff && all.includes(of));
	const ids = new Set(standing.map(({ id }) => id));
	return {
		series: first
			? {
					...{ id: `rhythm-${db.groupId}`, version, rule, endsOn, place, from, to, day: first },
					without: all.filter((day) => !meets.has(day)),
					changed: standing.filter(
						(one) => one.day !== one.of || one.from !== from || one.to !== to || one.place !== place
					)
				}
			: null,
		days: listed.filter(({ id }) => !ids.has(id))
	};
}
