import { rhythm as say } from '$lib/words/people';
import type { Rhythm } from '$lib/core/rhythm/rule-days';
import { daysOfRule } from '$lib/core/rhythm/rule-days';
import { Memo } from '$lib/server/db/cache';
import type { Db } from '$lib/server/db/db';
import type { SaveResult } from '$lib/server/db/save-result';
import { refuse } from '$lib/server/db/save-result';
import type { GroupRhythm } from '$lib/stages/table-day/rhythm-view';
import { dayAfter } from '$lib/ui/days';
import { listShut } from './hall-shut';
import { letThemCome } from './let-them-come';

/** Days of a rule are there so far ahead, with their times and who comes: half a year. */
export const daysAhead = 182;

/** How a group meets; null where nobody said. */
export const findRhythm = (db: Db): Promise<GroupRhythm | null> =>
	db.maybeOne<GroupRhythm>(
		`select version, rule, to_char(starts_on, 'YYYY-MM-DD') as "startsOn", to_char(ends_on, 'YYYY-MM-DD') as "endsOn",
			place, from_minute as "from", to_minute as "to", to_json(breaks) as breaks,
			pause_minutes as "breakLength", plan_id as "planId", balls_wanted as "ballsWanted"
		 from rhythm where group_id = $1`,
		[db.groupId]
	);

/** The rule a group meets by, with the days on which the hall is shut; null where it meets by none. */
export async function ruleOfGroup(db: Db): Promise<Rhythm | null> {
	const [rhythm, shut] = await Promise.all([findRhythm(db), listShut(db)]);
	if (!rhythm?.rule) return null;
	const { rule, startsOn, endsOn } = rhythm;
	return { rule, startsOn, endsOn, shut };
}

/** Days that nothing was done with yet: without seats, taps, words sent or links. */
const isUntouched = `not exists (select 1 from seat s where s.group_id = $1 and s.day_id = t.id)
	and not exists (select 1 from message m where m.group_id = $1 and m.day_id = t.id)
	and not exists (select 1 from link l where l.group_id = $1 and l.day_id = t.id)
	and not exists (select 1 from entry e where e.group_id = $1 and e.type in ('tap', 'presence', 'scrap')
		and e.typed ->> 'day' = t.id::text)`;

/**
 * Lays the days of the rule from today on: those that are there follow it, but for what was set on one alone; what is
 * no day of it any more goes, or is called off where something was done with it. Days the hall is shut are called off.
 */
async function layDays(db: Db, today: string): Promise<void> {
	const rhythm = await findRhythm(db);
	if (!rhythm) return;
	const { rule, startsOn, endsOn } = rhythm;
	const last = dayAfter(today, daysAhead);
	const days = rule ? daysOfRule({ rule, startsOn, endsOn, shut: [] }, today, last) : [];
	const coming = 't.group_id = $1 and t.of_rule >= $2::date and t.opened_at is null';
	const by = [db.groupId, today, days] as const;
	await db.execute(
		`delete from table_day t where ${coming} and not t.of_rule = any($3::date[]) and not t.is_own and ${isUntouched}`,
		by
	);
	await db.execute(
		`update table_day t set called_off_at = coalesce(t.called_off_at, now()), of_rule = null, version = version + 1
		 where ${coming} and not t.of_rule = any($3::date[]) and not t.is_own`,
		by
	);
	// A day that somebody typed on one of the rule's days is that day, with what was set of it.
	await db.execute(
		`update table_day t set of_rule = t.day,
			is_own = (t.from_minute, t.to_minute) <> (1080, 1230) or t.plan_id is not null or t.balls_wanted is not null
				or t.also is not null
		 where t.group_id = $1 and t.day >= $2::date and t.day = any($3::date[]) and t.of_rule is null
			and t.called_off_at is null
			and not exists (select 1 from table_day o where o.group_id = $1 and o.of_rule = t.day)
			and not exists (select 1 from table_day o where o.group_id = $1 and o.day = t.day
				and o.of_rule is null and o.called_off_at is null and o.id < t.id)`,
		by
	);
	await db.execute(
		`update table_day t set place = r.place, from_minute = r.from_minute, to_minute = r.to_minute, breaks = r.breaks,
			pause_minutes = r.pause_minutes, plan_id = r.plan_id, balls_wanted = r.balls_wanted, version = t.version + 1
		 from rhythm r where r.group_id = $1 and ${coming} and not t.is_own
			and (t.place, t.from_minute, t.to_minute, t.breaks, t.pause_minutes, t.plan_id, t.balls_wanted)
				is distinct from (r.place, r.from_minute, r.to_minute, r.breaks, r.pause_minutes, r.plan_id, r.balls_wanted)
			and not exists (select 1 from table_day o where o.group_id = $1 and o.day = t.day and o.id <> t.id
				and lower(btrim(o.place)) = lower(btrim(r.place)) and o.called_off_at is null)`,
		[db.groupId, today]
	);
	await keepSeatsInTime(db, today);
	await db.execute(
		`with made as (
			insert into table_day (group_id, id, day, of_rule, place, from_minute, to_minute, breaks, pause_minutes, plan_id,
				balls_wanted, called_off_at, shut_id)
			select $1, gen_random_uuid(), d, d, r.place, r.from_minute, r.to_minute, r.breaks, r.pause_minutes, r.plan_id,
				r.balls_wanted, case when s.id is not null then now() end, s.id
			from unnest($2::date[]) d join rhythm r on r.group_id = $1
			left join lateral (select h.id from hall_shut h where h.group_id = $1 and d between h.from_day and h.to_day
				order by h.id limit 1) s on true
			where not exists (select 1 from table_day o where o.group_id = $1 and o.of_rule = d)
				and not exists (select 1 from table_day o where o.group_id = $1 and o.day = d and o.called_off_at is null
					and lower(btrim(o.place)) = lower(btrim(r.place)))
			on conflict do nothing returning id)
		 insert into day_person (group_id, day_id, person_id)
		 select $1, m.id, p.id from made m cross join person p
		 where p.group_id = $1 and p.comes_always and p.name is not null on conflict do nothing`,
		[db.groupId, days]
	);
}

/** Seats of days to come keep within their time. */
async function keepSeatsInTime(db: Db, today: string): Promise<void> {
	await db.execute(
		`delete from seat s using table_day t where s.group_id = $1 and t.group_id = $1 and t.id = s.day_id
			and t.day >= $2::date and t.of_rule is not null and t.opened_at is null
			and greatest(s.from_minute, t.from_minute) >= least(s.to_minute, t.to_minute)`,
		[db.groupId, today]
	);
	await db.execute(
		`update seat s set from_minute = greatest(s.from_minute, t.from_minute), to_minute = least(s.to_minute, t.to_minute)
		 from table_day t where s.group_id = $1 and t.group_id = $1 and t.id = s.day_id and t.day >= $2::date
			and t.of_rule is not null and t.opened_at is null
			and (s.from_minute < t.from_minute or s.to_minute > t.to_minute)`,
		[db.groupId, today]
	);
}

/** Groups whose days were laid, and the day that was done on. */
const laid = new Memo<true>(10_000);

/** Sees that the days of a season ahead are there: once a day is enough, whoever looks first. */
export async function keepDaysAhead(db: Db, today: string): Promise<void> {
	const key = `${db.groupId} ${today}`;
	if (laid.get(key)) return;
	const { isLaid } = await db.one<{ isLaid: boolean }>(
		`select not exists (select 1 from rhythm r where r.group_id = $1 and r.rule is not null
			and coalesce(r.ends_on, $2::date + 1) > $2::date) or coalesce((select max(t.of_rule) from table_day t
			where t.group_id = $1 and t.of_rule is not null) >= $2::date + $3::integer - 7, false) as "isLaid"`,
		[db.groupId, today, daysAhead]
	);
	if (!isLaid)
		await db.transaction(async (db) => {
			await db.many<{ rule: string | null }>(
				'select rule from rhythm where group_id = $1 for update',
				[db.groupId]
			);
			await layDays(db, today);
		});
	laid.set(key, true);
}

/** Whether a group that is said to have met so often is still as whoever changes it saw. */
const changedMeanwhile = say.someoneChangedTheRhythm();

/** Keeps how a group meets, where nobody changed it meanwhile; its days follow. @param seen 0 where there was none */
export const keepRhythm = (
	db: Db,
	{ version: seen, ...rhythm }: GroupRhythm,
	always: readonly string[] | null,
	today: string
): Promise<SaveResult> =>
	db.transaction(async (db): Promise<SaveResult> => {
		if (rhythm.planId !== null) {
			const plan = await db.maybeOne<{ id: string }>(
				'select id from plan where group_id = $1 and id = $2 and deleted_at is null',
				[db.groupId, rhythm.planId]
			);
			if (!plan) return refuse('plan', say.thatPlanIsGone());
		}
		const values = [
			db.groupId,
			seen,
			rhythm.rule,
			rhythm.startsOn,
			rhythm.endsOn,
			rhythm.place,
			rhythm.from,
			rhythm.to,
			rhythm.breaks,
			rhythm.breakLength,
			rhythm.planId,
			rhythm.ballsWanted
		];
		const set =
			seen === 0
				? await db.execute(
						`insert into rhythm (group_id, version, rule, starts_on, ends_on, place, from_minute, to_minute, breaks,
							pause_minutes, plan_id, balls_wanted)
						 values ($1, $2::integer + 1, $3, $4, $5, btrim($6), $7, $8, $9::integer[], $10, $11, $12)
						 on conflict do nothing`,
						values
					)
				: await db.execute(
						`update rhythm set version = version + 1, rule = $3, starts_on = $4, ends_on = $5, place = btrim($6),
							from_minute = $7, to_minute = $8, breaks = $9::integer[], pause_minutes = $10, plan_id = $11,
							balls_wanted = $12 where group_id = $1 and version = $2`,
						values
					);
		if (set === 0) return refuse('rhythm', changedMeanwhile);
		if (always) {
			await db.execute(
				`update person set comes_always = id = any($2::uuid[]), version = version + 1
				 where group_id = $1 and name is not null and comes_always <> (id = any($2::uuid[]))`,
				[db.groupId, always]
			);
		}
		await layDays(db, today);
		if (always) await letThemCome(db, always, today);
		return { outcome: 'kept', id: 'rhythm' };
	});
