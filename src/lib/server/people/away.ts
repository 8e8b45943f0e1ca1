import { away as say } from '$lib/words/people';
import type { DaySpan } from '$lib/core/rhythm/span';
import type { Db } from '$lib/server/db/db';
import type { SaveResult } from '$lib/server/db/save-result';
import { refuse } from '$lib/server/db/save-result';

/** Somebody is away. */
export interface AwaySpan extends DaySpan {
	readonly id: string;
	readonly personId: string;
	readonly name: string;
	readonly madeAt: Date;
}

/** Who is away from a day on, and until when; the first first. */
export const listAway = (db: Db, since: string): Promise<AwaySpan[]> =>
	db.many<AwaySpan>(
		`select a.id, a.person_id as "personId", p.name, to_char(a.from_day, 'YYYY-MM-DD') as from,
			to_char(a.to_day, 'YYYY-MM-DD') as to, a.made_at as "madeAt"
		 from away a join person p on p.group_id = $1 and p.id = a.person_id and p.name is not null
		 where a.group_id = $1 and a.to_day >= $2::date order by a.from_day, lower(btrim(p.name)), a.id`,
		[db.groupId, since]
	);

/** Keeps that somebody is away: they have no seat then. The page's key is its id, so that pressing twice counts once. */
export const keepAway = (
	db: Db,
	key: string,
	personId: string,
	{ from, to }: DaySpan
): Promise<SaveResult> =>
	db.transaction(async (db): Promise<SaveResult> => {
		const person = await db.maybeOne<{ id: string }>(
			'select id from person where group_id = $1 and id = $2 and name is not null for share',
			[db.groupId, personId]
		);
		if (!person) return refuse('person', say.nobodyOfThatName());
		const made = await db.execute(
			`insert into away (group_id, id, person_id, from_day, to_day) values ($1, $2, $3, $4, $5)
			 on conflict do nothing`,
			[db.groupId, key, personId, from, to]
		);
		if (made === 0) return { outcome: 'duplicate', id: key };
		// Whom they sat beside may be a child: seats of that station go with theirs where the child would be alone.
		await db.execute(
			`delete from seat s using table_day t where s.group_id = $1 and t.group_id = $1 and t.id = s.day_id
				and t.day between $3::date and $4::date and t.opened_at is null and (s.person_id = $2
					or exists (select 1 from person c join seat a on a.group_id = $1 and a.day_id = s.day_id
						and a.person_id = $2 and a.station = s.station
						where c.group_id = $1 and c.id = s.person_id and (c.is_child or c.is_teen)))`,
			[db.groupId, personId, from, to]
		);
		await db.execute(
			`update table_day set version = version + 1 where group_id = $1 and day between $2::date and $3::date
				and opened_at is null and called_off_at is null`,
			[db.groupId, from, to]
		);
		return { outcome: 'kept', id: key };
	});

/** Somebody is there after all. */
export const dropAway = async (db: Db, id: string): Promise<boolean> =>
	(await db.execute('delete from away where group_id = $1 and id = $2', [db.groupId, id])) === 1;
