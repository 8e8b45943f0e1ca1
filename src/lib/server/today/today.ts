import type { Db } from '$lib/server/db/db';
import { setTimeout as sleep } from 'node:timers/promises';
import type { SeasonSaid } from '$lib/stages/season/season-said';
import type { SeasonGoal } from '$lib/stages/season/season-view';
import type { NextDay } from '$lib/stages/today/suggestions';
import { actsOf } from '$lib/stages/today/suggestions';
import type { StripPart, TodayAct } from '$lib/stages/today/today-view';
import type { HallDay } from '$lib/ui/reader';
import { Answers, markOf, Memo } from '$lib/server/db/cache';
import { listDrying } from '$lib/server/gather/drying';
import { goalOf } from '$lib/server/season/season-asked';
import { forecastFor, nothingAsked } from '$lib/server/season/forecasts';
import { readSeason, seasonTables } from '$lib/server/season/season-now';
import { stripOfToday } from './film-strip';

/** Groups of which an entry was kept: what is in the book stays there. */
const begun = new Memo<true>(10_000);

/** Whether anything was ever kept: a plan, or an entry. */
export async function isAnythingKept(db: Db): Promise<boolean> {
	if (begun.get(db.groupId)) return true;
	const { isEntered, isPlanned } = await db.one<{ isEntered: boolean; isPlanned: boolean }>(
		`select exists (select 1 from entry where group_id = $1) as "isEntered",
			exists (select 1 from plan where group_id = $1 and deleted_at is null) as "isPlanned"`,
		[db.groupId]
	);
	if (isEntered) begun.set(db.groupId, true);
	return isEntered || isPlanned;
}

/** The next table day, where it is not behind. */
const nextDay = (db: Db, { today }: HallDay): Promise<NextDay | null> =>
	db.maybeOne<NextDay>(
		`select d.id, to_char(d.day, 'YYYY-MM-DD') as day,
			(select count(*)::integer from comes_to_day($1) p where p.group_id = $1 and p.day_id = d.id) as people,
			(select count(distinct s.person_id)::integer from seat s where s.group_id = $1 and s.day_id = d.id) as seated,
			(select count(*)::integer from comes_to_day($1) p join person q on q.group_id = $1 and q.id = p.person_id and q.name is not null
				where p.group_id = $1 and p.day_id = d.id and not exists (select 1 from standing_message m
					where m.group_id = $1 and m.day_id = d.id and m.person_id = p.person_id)) as untold,
			d.from_minute as "fromMinute", d.opened_at is not null and d.closed_at is null as "isOpen"
		 from table_day d where d.group_id = $1 and d.called_off_at is null and d.closed_at is null and d.day >= $2::date
		 order by d.day, d.id limit 1`,
		[db.groupId, today]
	);

/** What stands beside the season: where the film is, and the next table day. */
interface Beside {
	readonly strip: readonly StripPart[];
	readonly day: NextDay | null;
}
const besides = new Answers<Beside>(seasonTables);

/** Acts by what they rest on, for as long as that is the same. */
const acts = new Answers<readonly TodayAct[]>(seasonTables);

/** A forecast is waited for this long: where it takes longer, the rest is shown before it. */
const patienceMs = 350;

const atOnce = <Value>(working: Promise<Value>): Promise<Value | null> =>
	Promise.race([working, sleep(patienceMs, null, { ref: false })]);

/** All that the front door shows. */
export interface TodayNow {
	readonly acts: readonly TodayAct[];
	readonly strip: readonly StripPart[];
	readonly day: NextDay | null;
	readonly goal: SeasonGoal | null;
	/** Mats that are there today for it. */
	readonly start: number;
	/** Null where nothing is wanted, or while it is being worked out. */
	readonly said: SeasonSaid | null;
}

/** What there is to say of the week: the season as it stands, and what it will bring. */
export async function readTold(db: Db, { today, timeZone }: HallDay) {
	const there = await readSeason(db, { today, timeZone });
	const goal = goalOf(there.basis);
	return { there, goal, said: goal && (await forecastFor(there.basis, goal, nothingAsked)) };
}

/** What is next, where the film is, and what the season will bring. */
export async function readToday(db: Db, { today, timeZone }: HallDay, at: Date): Promise<TodayNow> {
	const now = { today, timeZone };
	const [mark, drying] = await Promise.all([markOf(db, seasonTables), listDrying(db)]);
	const season = await readSeason(db, now, mark);
	const goal = goalOf(season.basis);
	const start = (goal?.handedOver ?? 0) + season.basis.ready;
	const [{ strip, day }, said] = await Promise.all([
		besides.of(
			db,
			now,
			async () => {
				const [strip, day] = await Promise.all([stripOfToday(db, season), nextDay(db, now)]);
				return { strip, day };
			},
			mark
		),
		goal && atOnce(forecastFor(season.basis, goal, nothingAsked))
	]);
	// How long something hangs there goes by the hour.
	const hour = Math.floor(at.getTime() / 3_600_000);
	const by = [now, drying, said !== null, hour];
	const act = () => Promise.resolve(actsOf(season, { day, drying, said, at }));
	const next = await acts.of(db, by, act, mark);
	return { acts: next, strip, day, goal, start, said };
}
