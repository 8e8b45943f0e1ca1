import {
	attendanceOf,
	meanAttendance,
	type AttendedSoFar
} from '$lib/core/assembly-line/attendance';
import type { Rhythm } from '$lib/core/rhythm/rule-days';
import { daysOfRule } from '$lib/core/rhythm/rule-days';
import type { DaySpan } from '$lib/core/rhythm/span';
import { isInSpans, weeksInSpans } from '$lib/core/rhythm/span';
import { awaySpans } from '$lib/server/book/away-spans';
import { listShut } from '$lib/server/people/hall-shut';
import { findRhythm, ruleOfGroup } from '$lib/server/people/rhythm';
import type { Db } from '$lib/server/db/db';
import type { SeasonBasis, SeasonDay, SeasonGoal } from '$lib/stages/season/season-view';
import type { SeasonThere } from '$lib/stages/today/suggestions';
import { dayAfter, daysBetween } from '$lib/ui/days';
import { checkOverview } from '$lib/server/check/made-mats';
import type { HallDay } from '$lib/ui/reader';
import { asksBy } from '$lib/server/hand-over/asks';
import { listReady } from '$lib/server/hand-over/deliveries';
import { readInHand } from '$lib/server/making/mats';
import type { Need } from '$lib/server/need/need';
import { needFrom } from '$lib/server/need/need';
import { practiceOfGroup } from '$lib/server/measures/practice';
import type { StoreFilm, StoreForm } from './film-in-store';
import { filmInStore } from './film-in-store';
import { Answers, bookTables } from '$lib/server/db/cache';
import { plansOfSeason, toolsOfSeason } from './season-plans';

/** Asks further ahead than this, two years, are none of this season. */
const mostWeeksAhead = 104;

/** Weeks that are looked back on. */
const weeksBack = 12;

/** Bags that were sorted for strand in each full week since the first sorting, the oldest first. */
const sortedByWeek = (db: Db, { today, timeZone }: HallDay) =>
	db.many<{ bags: number }>(
		`with sorted as (select floor(($2::date - 1 - (e.typed_at at time zone $3)::date) / 7.0)::integer as week, s.strand
			from standing_sorting s join entry e on e.group_id = s.group_id and e.id = s.entry_id
			where s.group_id = $1 and (e.typed_at at time zone $3)::date < $2::date
				and (e.typed_at at time zone $3)::date >= $2::date - 7 * $4::integer)
		 select coalesce(sum(x.strand), 0)::double precision as bags
		 from generate_series(0, coalesce((select max(week) from sorted), -1)) as g (week)
		 left join sorted x on x.week = g.week group by g.week order by g.week desc`,
		[db.groupId, today, timeZone, weeksBack]
	);

/** Bags that each place brought in the weeks that are looked back on, the most first. */
const broughtByPlace = (db: Db, { today, timeZone }: HallDay) =>
	db.many<SeasonBasis['perPlace'][number]>(
		`select p.name as place, sum(d.bags)::double precision as bags, count(*)::integer as times,
			to_char(max((e.typed_at at time zone $3)::date), 'YYYY-MM-DD') as "lastOn"
		 from standing_drop_off d
		 join entry e on e.group_id = d.group_id and e.id = d.entry_id
		 join place_known p on p.group_id = d.group_id and p.id = d.place_id
		 where d.group_id = $1 and (e.typed_at at time zone $3)::date >= $2::date - 7 * $4::integer
		 group by p.known_id, p.name order by 2 desc, 1 limit 12`,
		[db.groupId, today, timeZone, weeksBack]
	);

/** Table days behind: bags in the balls that were wound there, and whether the bags ran out. */
const pastDays = (db: Db, { today, timeZone }: HallDay) =>
	db.many<{ bags: number }>(
		`select coalesce((select sum((t.content ->> 'bags')::double precision) from standing_thing t
				join entry e on e.group_id = $1 and e.id = t.entry_id
				where t.group_id = $1 and t.sort in ('ball', 'chain')
					and (e.typed_at at time zone $3)::date = d.day), 0) as bags
		 from table_day d where d.group_id = $1 and d.called_off_at is null and d.day < $2::date
		 order by d.day desc limit $4`,
		[db.groupId, today, timeZone, weeksBack]
	);

interface DayRow {
	readonly id: string;
	readonly day: string;
	readonly people: readonly AttendedSoFar[];
}

/** Table days to come, and of those who said yes how often each came before. */
const daysToCome = (db: Db, { today }: HallDay) =>
	db.many<DayRow>(
		`select d.id, to_char(d.day, 'YYYY-MM-DD') as day, coalesce((select json_agg(c) from (
				select count(*) filter (where o.came) as came, count(*) filter (where o.came is not null) as known
				from comes_to_day($1) p
				left join day_person o on o.group_id = $1 and o.person_id = p.person_id and o.day_id <> p.day_id
				where p.group_id = $1 and p.day_id = d.id group by p.person_id) c), '[]') as people
		 from table_day d where d.group_id = $1 and d.called_off_at is null and d.day >= $2::date
		 order by d.day, d.id limit 200`,
		[db.groupId, today]
	);

/** Those who come to every day of the rule, and how often each came before. */
const comeAlways = (db: Db) =>
	db.many<AttendedSoFar & { personId: string }>(
		`select p.id as "personId", count(*) filter (where o.came)::integer as came,
			count(*) filter (where o.came is not null)::integer as known
		 from person p left join day_person o on o.group_id = $1 and o.person_id = p.id
		 where p.group_id = $1 and p.comes_always and p.name is not null group by p.id`,
		[db.groupId]
	);

/** What is counted on, from trying it. */
const countedNow = (db: Db) =>
	db.many<SeasonBasis['counted'][number]>(
		'select id, what from counted_on where group_id = $1 order by made_at, id',
		[db.groupId]
	);

/** Days further than these lie so far ahead that no page of theirs is there yet: they follow from the rule. */
function daysOfRuleAfter(
	rule: Rhythm | null,
	last: string,
	{ today, until }: { readonly today: string; readonly until: string },
	always: readonly (AttendedSoFar & { readonly personId: string })[],
	away: ReadonlyMap<string, readonly DaySpan[]>
): SeasonDay[] {
	if (!rule) return [];
	return daysOfRule(rule, last < today ? today : dayAfter(last, 1), until).map((day) => {
		const people = always.filter(({ personId }) => !isInSpans(day, away.get(personId) ?? []));
		return seasonDay(null, day, today, people);
	});
}

const seasonDay = (
	id: string | null,
	day: string,
	today: string,
	people: readonly AttendedSoFar[]
): SeasonDay => ({
	id,
	day,
	ahead: daysBetween(today, day),
	attendance: meanAttendance(people),
	said: people.length,
	likely: people.reduce((sum, one) => sum + attendanceOf(one), 0)
});

/** People without a mat who made one before: weeks that their last mats took, the newest mat last. */
const freeMakers = (db: Db) =>
	db.many<{ personId: string; weeks: number; isLater: boolean; isKept: boolean }>(
		`select h.person_id as "personId", p.begins_later as "isLater",
			p.begins_later or p.begins_at is not null as "isKept",
			greatest(1, ceil(extract(epoch from max(f.typed_at) - min(g.typed_at)) / 604800))::integer as weeks
		 from standing_hand_on h
		 join entry g on g.group_id = h.group_id and g.id = h.entry_id
		 join thing_event v on v.group_id = h.group_id and v.thing_id = h.thing_id and v.what = 'finished'
		 join entry f on f.group_id = v.group_id and f.id = v.entry_id
		 join person p on p.group_id = $1 and p.id = h.person_id and p.name is not null
		 where h.group_id = $1
		 group by h.person_id, h.thing_id, p.begins_at, p.begins_later order by p.begins_at nulls last, max(f.typed_at)`,
		[db.groupId]
	);

/** What a forecast of the season rests on, and what was read for it: each once. */
export interface SeasonRead extends SeasonThere {
	readonly film: readonly StoreFilm[];
	readonly need: Need;
}

/** What is kept of a group and a season rests on: the book, and what is changed in place beside it. */
export const seasonTables = bookTables;

const seasons = new Answers<SeasonRead>(seasonTables);

/** All a forecast of the season rests on, as it stands today; read anew when anything of it was kept since. */
export const readSeason = (
	db: Db,
	{ today, timeZone }: HallDay,
	mark?: string
): Promise<SeasonRead> => {
	const now = { today, timeZone };
	return seasons.of(db, now, () => readAnew(db, now), mark);
};

/** The same, without what was read for it. */
export const seasonNow = async (db: Db, now: HallDay): Promise<SeasonBasis> =>
	(await readSeason(db, now)).basis;

/** Weeks away, where there are any. */
const awayOf = (away: readonly number[]) => (away.length > 0 ? { away } : {});

async function readAnew(db: Db, now: HallDay): Promise<SeasonRead> {
	const readingInHand = readInHand(db, now);
	const practice = await practiceOfGroup(db);
	const readingAsks = asksBy(db, now, () => readingInHand.then(({ mats }) => mats));
	const readingNeed = needFrom(db, now, { asks: readingAsks, inHand: readingInHand });
	const [
		asks,
		ready,
		checks,
		inHand,
		film,
		sorted,
		past,
		toCome,
		free,
		plans,
		tools,
		perPlace,
		rhythm,
		rule,
		shut,
		away,
		always,
		counted,
		need
	] = await Promise.all([
		readingAsks,
		listReady(db),
		checkOverview(db),
		readingInHand,
		filmInStore(db),
		sortedByWeek(db, now),
		pastDays(db, now),
		daysToCome(db, now),
		freeMakers(db),
		readingNeed.then((need) => plansOfSeason(db, practice, need)),
		toolsOfSeason(db),
		broughtByPlace(db, now),
		findRhythm(db),
		ruleOfGroup(db),
		listShut(db),
		awaySpans(db, dayAfter(now.today, -7 * weeksBack)),
		comeAlways(db),
		countedNow(db),
		readingNeed
	]);
	const open = asks.filter(
		({ byDay }) => byDay >= now.today && daysBetween(now.today, byDay) <= 7 * mostWeeksAhead
	);
	const goals = open
		.map(({ byDay }) => byDay)
		.filter((day, at, all) => all.indexOf(day) === at)
		.map((by): SeasonGoal => {
			const own = open.filter(({ byDay }) => byDay <= by);
			return {
				by,
				wanted: own.reduce((sum, { mats }) => sum + mats, 0),
				handedOver: own.reduce((sum, { handed }) => sum + handed, 0),
				asks: open
					.filter(({ byDay }) => byDay === by)
					.map(({ placeName, mats }) => ({ place: placeName, mats }))
			};
		});
	const busy = new Set(inHand.habits.map(({ makerId }) => makerId));
	const later = new Set(free.filter(({ isLater }) => isLater).map(({ personId }) => personId));
	const makers = new Map<string, number[]>();
	for (const { personId, weeks } of free)
		if (!busy.has(personId))
			makers.set(personId, [
				...(makers.get(personId) ?? []),
				...Array.from({ length: weeks }, () => 1 / weeks)
			]);
	const perMat = plans.newMat.bags;
	const bagsIn = (...forms: StoreForm[]) =>
		film.filter(({ form }) => forms.includes(form)).reduce((sum, one) => sum + one.bags, 0);
	const basis: SeasonBasis = {
		today: now.today,
		goals,
		...plans,
		tools,
		perPlace,
		ready: ready.length,
		inCheck: checks.mats.length,
		mats: inHand.habits.map(({ code, makerId, isLeft, done, weeks, away, isOnLoom }) => ({
			id: code,
			maker: isLeft ? null : makerId,
			isLeft,
			done,
			weeks,
			...awayOf(away),
			isOnLoom
		})),
		isBeginKept: free.some(({ personId, isKept }) => isKept && makers.has(personId)),
		freeMakers: [...makers].map(([id, weeks]) => ({
			id,
			...(later.has(id) ? { isLater: true } : {}),
			weeks: weeks.slice(-weeksBack),
			...awayOf(weeksInSpans(away.get(id) ?? [], now.today, mostWeeksAhead))
		})),
		strandMats: bagsIn('balls') / perMat,
		bagMats: bagsIn('sacks', 'flat', 'pieces') / perMat,
		bagsPerWeek: sorted.map(({ bags }) => bags / perMat),
		hasRhythm: rhythm !== null,
		shut: shut.map(({ from, to }) => ({ from, to })),
		counted,
		tableDays: [
			...toCome.map(({ id, day, people }) => seasonDay(id, day, now.today, people)),
			...daysOfRuleAfter(
				rule,
				toCome.at(-1)?.day ?? '',
				{ today: now.today, until: goals.at(-1)?.by ?? now.today },
				always,
				away
			)
		],
		perTableDay: past.map(({ bags }) => bags / perMat).toReversed(),
		checks: checks.firsts
	};
	return { basis, mats: inHand.mats, asks, checks, film, need };
}
