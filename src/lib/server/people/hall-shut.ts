import { hallShut as say } from '$lib/words/people';
import type { DaySpan } from '$lib/core/rhythm/span';
import type { Db } from '$lib/server/db/db';
import type { SaveResult } from '$lib/server/db/save-result';
import { refuse } from '$lib/server/db/save-result';

/** When the hall is shut. */
export interface ShutSpan extends DaySpan {
	readonly id: string;
	readonly madeAt: Date;
}

/** The spans in which the hall is shut, the first first. */
export const listShut = (db: Db): Promise<ShutSpan[]> =>
	db.many<ShutSpan>(
		`select id, to_char(from_day, 'YYYY-MM-DD') as from, to_char(to_day, 'YYYY-MM-DD') as to, made_at as "madeAt"
		 from hall_shut where group_id = $1 order by from_day, id`,
		[db.groupId]
	);

/** Shuts the hall: its days are called off, those that were opened stay. The page's key is its id, so that pressing twice shuts once. */
export const shutHall = (db: Db, key: string, { from, to }: DaySpan): Promise<SaveResult> =>
	db.transaction(async (db): Promise<SaveResult> => {
		const made = await db.execute(
			'insert into hall_shut (group_id, id, from_day, to_day) values ($1, $2, $3, $4) on conflict do nothing',
			[db.groupId, key, from, to]
		);
		if (made === 0) return { outcome: 'duplicate', id: key };
		await db.execute(
			`update table_day set called_off_at = now(), shut_id = $2, version = version + 1
			 where group_id = $1 and day between $3::date and $4::date and called_off_at is null and opened_at is null`,
			[db.groupId, key, from, to]
		);
		return { outcome: 'kept', id: key };
	});

/** Opens the hall again: the days that were called off with it are days again, but for those another has taken. */
export const openHall = (db: Db, id: string): Promise<SaveResult> =>
	db.transaction(async (db): Promise<SaveResult> => {
		await db.execute(
			`update table_day t set called_off_at = null, shut_id = null, version = version + 1
			 where t.group_id = $1 and t.shut_id = $2 and not exists (select 1 from table_day o where o.group_id = $1
				and o.day = t.day and lower(btrim(o.place)) = lower(btrim(t.place)) and o.called_off_at is null)
				and not exists (select 1 from hall_shut h where h.group_id = $1 and h.id <> $2
					and t.day between h.from_day and h.to_day)`,
			[db.groupId, id]
		);
		await db.execute('update table_day set shut_id = null where group_id = $1 and shut_id = $2', [
			db.groupId,
			id
		]);
		const gone = await db.execute('delete from hall_shut where group_id = $1 and id = $2', [
			db.groupId,
			id
		]);
		return gone === 1 ? { outcome: 'kept', id } : refuse('shut', say.theHallIsOpenThen());
	});
