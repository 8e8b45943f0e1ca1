import type { Db } from '$lib/server/db/db';

/** The days the table meets from a day on, the first first. */
export const comingDays = async (db: Db, today: string): Promise<string[]> =>
	(
		await db.many<{ day: string }>(
			`select to_char(day, 'YYYY-MM-DD') as day from table_day
			 where group_id = $1 and called_off_at is null and day >= $2::date order by day, id limit 200`,
			[db.groupId, today]
		)
	).map(({ day }) => day);
