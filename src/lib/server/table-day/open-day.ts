import type { Db } from '$lib/server/db/db';
import type { HallDay } from '$lib/ui/reader';

/** The table day that was begun today and not ended; null where none is on. */
export const openDayOf = async (
	db: Db,
	{ today }: Pick<HallDay, 'today'>
): Promise<string | null> =>
	(
		await db.maybeOne<{ id: string }>(
			`select id from table_day where group_id = $1 and day = $2::date and opened_at is not null
				and closed_at is null and called_off_at is null order by opened_at desc limit 1`,
			[db.groupId, today]
		)
	)?.id ?? null;
