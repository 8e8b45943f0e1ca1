import type { Db } from '$lib/server/db/db';
import type { Role } from '$lib/server/base/roles';
import { handOverDays } from '$lib/server/hand-over/calendar';
import { listAway } from '$lib/server/people/away';
import { listShut } from '$lib/server/people/hall-shut';
import { listPeople, peopleFor } from '$lib/server/people/people';
import { findRhythm, keepDaysAhead } from '$lib/server/people/rhythm';
import { listTableDays } from '$lib/server/people/table-days';
import { namesOfPlansInWork } from '$lib/server/prepare/plans-in-work';
import type { MonthAway, MonthEvent } from '$lib/stages/table-day/month';
import type { Reader } from '$lib/ui/reader';
import { dayAfter } from '$lib/ui/days';

/** The days of a table by month, with all that falls on them; names of who is away for those who may know them. */
export async function daysPage(
	db: Db,
	{ today }: Pick<Reader, 'today'>,
	role: Role | null,
	asked: string | null
) {
	await keepDaysAhead(db, today);
	const [days, people, rhythm, shut, away, events, plans] = await Promise.all([
		listTableDays(db, today),
		listPeople(db, today).then((all) => peopleFor(role, all)),
		findRhythm(db),
		listShut(db),
		listAway(db, dayAfter(today, -60)),
		handOverDays(db, today),
		namesOfPlansInWork(db)
	]);
	const next = days.find(({ day }) => day >= today)?.day ?? today;
	const month = /^20\d\d-(0[1-9]|1[0-2])$/.test(asked ?? '') ? (asked ?? '') : next.slice(0, 7);
	const mayKnow = role === 'coordinator' || role === 'helper';
	return {
		month,
		days,
		people: people.map(({ id, name, isChild, comesAlways }) => ({
			id,
			name,
			isChild,
			comesAlways
		})),
		rhythm,
		plans,
		shut: shut.map(({ id, from, to }) => ({ id, from, to })),
		away: away.map(({ id, from, to, name }): MonthAway => ({
			id,
			from,
			to,
			name: mayKnow ? name : null
		})),
		events: events.map(({ sort, day, summary }): MonthEvent => ({
			sort,
			day,
			summary,
			href: sort === 'ask' ? '/hand-over/asks' : '/hand-over'
		})),
		today
	};
}
