import { day as say } from '$lib/words/people';
import type { Db } from '$lib/server/db/db';
import { refuse } from '$lib/server/db/save-result';
import type { SaveResult } from '$lib/server/db/save-result';
import { constraintOf } from './people';
import { changedMeanwhile } from './table-days';
import { attendanceOf, type AttendedSoFar } from '$lib/core/assembly-line/attendance';
import type { DayPerson, DaySeat, PlannedDay } from '$lib/stages/table-day/day-view';

/** A day as it lies there: how likely somebody comes is reckoned from how often they did. */
interface DayRead extends Omit<PlannedDay, 'people'> {
	readonly people: readonly (Omit<DayPerson, 'chance'> & { readonly before: AttendedSoFar })[];
}

/** A day as it is planned; null where there is none, or it is called off. */
export async function findDay(db: Db, id: string): Promise<PlannedDay | null> {
	const read = await db.maybeOne<DayRead>(
		`select t.id, to_char(t.day, 'YYYY-MM-DD') as day, t.place, t.version,
			t.from_minute as "from", t.to_minute as "to", to_json(t.breaks) as breaks,
			t.pause_minutes as "breakLength", t.plan_id as "planId", t.balls_wanted as "ballsWanted", t.also,
			json_build_object('load', t.strands_wanted, 'finish', t.finishes_wanted, 'check', t.checks_wanted,
				'pillows', t.pillows_wanted) as besides,
			t.cut_with as "cutWith", t.of_rule is not null as "isOfRule",
			(select g.teens_cut_sharp from volunteer_group g where g.id = $1) as "teensCutSharp", t.opened_at is not null as "isOpen", t.closed_at is not null as "isClosed", t.foreseen,
			(select coalesce(json_agg(json_build_object('personId', s.person_id, 'station', s.station,
				'from', s.from_minute, 'to', s.to_minute) order by s.person_id, s.from_minute), '[]')
				from seat s where s.group_id = $1 and s.day_id = t.id) as seats,
			(select coalesce(json_agg(json_build_object('id', p.id, 'name', p.name, 'isChild', p.is_child, 'isTeen', p.is_teen, 'needs', p.needs,
				'came', d.came,
				'comings', (select coalesce(json_agg(json_build_object('id', e.id, 'as', e.typed ->> 'as',
					'minute', (e.typed ->> 'minute')::integer) order by e.id), '[]')
					from standing_entry e where e.group_id = $1 and e.type = 'presence'
						and e.typed ->> 'day' = d.day_id::text and e.typed ->> 'person' = p.id::text),
				'seats', (select coalesce(json_object_agg(q.seat, q.level), '{}') from person_seat q
					where q.group_id = $1 and q.person_id = p.id),
				'before', (select json_build_object('known', count(*), 'came', count(*) filter (where o.came))
					from day_person o where o.group_id = $1 and o.person_id = p.id and o.came is not null))
				order by lower(btrim(p.name))), '[]')
				from comes_to_day($1) d join person p on p.group_id = $1 and p.id = d.person_id
				where d.group_id = $1 and d.day_id = t.id and p.name is not null) as people
		 from table_day t where t.group_id = $1 and t.id = $2 and t.called_off_at is null`,
		[db.groupId, id]
	);
	return (
		read && {
			...read,
			people: read.people.map(({ before, ...person }) => ({
				...person,
				chance: attendanceOf(before)
			}))
		}
	);
}

/** What is planned of a day, beside its seats. */
export type DayTerms = Pick<
	PlannedDay,
	| 'from'
	| 'to'
	| 'breaks'
	| 'breakLength'
	| 'planId'
	| 'ballsWanted'
	| 'also'
	| 'cutWith'
	| 'besides'
>;

/** Sets when a day runs and what it is for, where nobody changed it meanwhile. Seats keep within its time. */
export const keepTerms = (
	db: Db,
	id: string,
	version: number,
	{ from, to, breaks, breakLength, planId, ballsWanted, also, cutWith, besides }: DayTerms
): Promise<SaveResult> =>
	db.transaction(async (db): Promise<SaveResult> => {
		if (planId !== null) {
			const plan = await db.maybeOne<{ id: string }>(
				'select id from plan where group_id = $1 and id = $2 and deleted_at is null',
				[db.groupId, planId]
			);
			if (!plan) return refuse('plan', say.thatPlanIsNotIn());
		}
		const set = await db.execute(
			`update table_day set version = version + 1, from_minute = $4, to_minute = $5, breaks = $6::integer[],
				pause_minutes = $7, plan_id = $8, balls_wanted = $9, also = $10, cut_with = $11,
				strands_wanted = $12, finishes_wanted = $13, checks_wanted = $14, pillows_wanted = $15, is_own = true
			 where group_id = $1 and id = $2 and version = $3 and called_off_at is null and closed_at is null`,
			[
				db.groupId,
				id,
				version,
				from,
				to,
				breaks,
				breakLength,
				planId,
				ballsWanted,
				also,
				cutWith,
				besides.load,
				besides.finish,
				besides.check,
				besides.pillows
			]
		);
		if (set === 0) return refuse('day', changedMeanwhile);
		await db.execute(
			`delete from seat where group_id = $1 and day_id = $2
				and greatest(from_minute, $3::integer) >= least(to_minute, $4::integer)`,
			[db.groupId, id, from, to]
		);
		await db.execute(
			`update seat set from_minute = greatest(from_minute, $3::integer), to_minute = least(to_minute, $4::integer)
			 where group_id = $1 and day_id = $2 and (from_minute < $3::integer or to_minute > $4::integer)`,
			[db.groupId, id, from, to]
		);
		return { outcome: 'kept', id };
	});

const ruleWords: Readonly<Record<string, string>> = {
	child_at_blade: say.aChildCutsWithBlunt(),
	child_has_company: say.aChildHasAnAdult()
};

/** Sets who sits where at a day, all of it, where nobody changed it meanwhile. */
export async function keepSeats(
	db: Db,
	id: string,
	version: number,
	seats: readonly DaySeat[]
): Promise<SaveResult> {
	try {
		return await db.transaction(async (db): Promise<SaveResult> => {
			const set = await db.execute(
				`update table_day set version = version + 1
				 where group_id = $1 and id = $2 and version = $3 and called_off_at is null and closed_at is null`,
				[db.groupId, id, version]
			);
			if (set === 0) return refuse('day', changedMeanwhile);
			await db.execute('delete from seat where group_id = $1 and day_id = $2', [db.groupId, id]);
			await db.execute(
				`insert into seat (group_id, id, day_id, person_id, station, tool_id, from_minute, to_minute)
				 select $1, gen_random_uuid(), $2, p.id, s.station,
					case when s.station = 'cut' then (select o.id from tool o where o.group_id = $1 and o.gone_at is null
						and o.sort = case when p.is_child or (p.is_teen and not (g.teens_cut_sharp and t.cut_with = 'scissors'
							and exists (select 1 from person_seat q where q.group_id = $1 and q.person_id = p.id and q.seat = 'cut-sharp'))) then 'blunt-scissors'
							when t.cut_with = 'rolling-blade' then 'rolling-blade'
							else 'sharp-scissors' end order by o.id limit 1) end,
					greatest(s.begins, t.from_minute), least(s.ends, t.to_minute)
				 from unnest($3::uuid[], $4::text[], $5::integer[], $6::integer[]) as s (person_id, station, begins, ends)
				 join person p on p.group_id = $1 and p.id = s.person_id
				 join comes_to_day($1) d on d.group_id = $1 and d.day_id = $2 and d.person_id = p.id
				 join table_day t on t.group_id = $1 and t.id = $2
				 join volunteer_group g on g.id = $1
				 where greatest(s.begins, t.from_minute) < least(s.ends, t.to_minute)`,
				[
					db.groupId,
					id,
					seats.map(({ personId }) => personId),
					seats.map(({ station }) => station),
					seats.map(({ from }) => from),
					seats.map(({ to }) => to)
				]
			);
			return { outcome: 'kept', id };
		});
	} catch (error) {
		const words = ruleWords[constraintOf(error)];
		if (words) return refuse('seats', words);
		throw error;
	}
}
