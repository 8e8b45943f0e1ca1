import { tableDays as say } from '$lib/words/people';
import type { Db } from '$lib/server/db/db';
import { refuse } from '$lib/server/db/save-result';
import type { SaveResult } from '$lib/server/db/save-result';

/** A day the table meets, and who can come. */
export interface TableDay {
	readonly id: string;
	/** As `2026-12-03`. */
	readonly day: string;
	readonly place: string;
	/** By the hall's clock, minutes of the day. */
	readonly from: number;
	readonly to: number;
	readonly version: number;
	/** Ids of those who can come; forgotten ones are counted apart. */
	readonly people: readonly string[];
	readonly unnamed: number;
}

/** The days to come, the next first; and the last few behind. */
export const listTableDays = (db: Db, today: string): Promise<TableDay[]> =>
	db.many<TableDay>(
		`select t.id, to_char(t.day, 'YYYY-MM-DD') as day, t.place, t.version,
			t.from_minute as "from", t.to_minute as "to",
			(select coalesce(json_agg(d.person_id), '[]') from comes_to_day($1) d join person p
				on p.group_id = $1 and p.id = d.person_id
				where d.group_id = $1 and d.day_id = t.id and p.name is not null) as people,
			(select count(*)::integer from comes_to_day($1) d join person p
				on p.group_id = $1 and p.id = d.person_id
				where d.group_id = $1 and d.day_id = t.id and p.name is null) as unnamed
		 from table_day t
		 where t.group_id = $1 and t.called_off_at is null and t.day >= $2::date - 60
		 order by t.day, lower(t.place)`,
		[db.groupId, today]
	);

/** Adds a day. The page's key is its id, so that pressing twice adds one. */
export async function addTableDay(
	db: Db,
	key: string,
	day: string,
	place: string
): Promise<SaveResult> {
	const made = await db.writer.maybeOne<{ id: string }>(
		`insert into table_day (group_id, id, day, place) values ($1, $2, $3, btrim($4))
		 on conflict do nothing returning id`,
		[db.groupId, key, day, place]
	);
	if (made) return { outcome: 'kept', id: made.id };
	const own = await db.writer.maybeOne<{ id: string }>(
		'select id from table_day where group_id = $1 and id = $2 and day = $3',
		[db.groupId, key, day]
	);
	return own ? { outcome: 'duplicate', id: own.id } : refuse('day', say.thereIsATableThere());
}

/** Why what is set of a day is not kept: somebody else was first. */
export const changedMeanwhile = say.somebodyChangedThisDayMeanwhile();

/** Sets who can come, where nobody changed it meanwhile. */
export const setWhoComes = (
	db: Db,
	id: string,
	version: number,
	people: readonly string[]
): Promise<SaveResult> =>
	db.transaction(async (db): Promise<SaveResult> => {
		const set = await db.execute(
			`update table_day set version = version + 1
			 where group_id = $1 and id = $2 and version = $3 and called_off_at is null`,
			[db.groupId, id, version]
		);
		if (set === 0) return refuse('people', changedMeanwhile);
		// Those who were forgotten stay counted.
		await db.execute(
			`delete from day_person d using person p where d.group_id = $1 and d.day_id = $2
				and p.group_id = d.group_id and p.id = d.person_id and p.name is not null`,
			[db.groupId, id]
		);
		await db.execute(
			`insert into day_person (group_id, day_id, person_id)
			 select $1, $2, p.id from person p
			 where p.group_id = $1 and p.id = any($3::uuid[]) and p.name is not null on conflict do nothing`,
			[db.groupId, id, people]
		);
		return { outcome: 'kept', id };
	});

/** Calls a day off; false where there is none. */
export const callOffDay = async (db: Db, id: string): Promise<boolean> =>
	(await db.execute(
		'update table_day set called_off_at = now() where group_id = $1 and id = $2 and called_off_at is null',
		[db.groupId, id]
	)) === 1;
