import type { Db } from '$lib/server/db/db';

/** How many rows there are, and of which transactions: another when any is added, changed or gone. */
const rowsSaid = `count(*) || ':' || coalesce(sum(xmin::text::bigint), 0)`;

/**
 * A mark of all that is kept of a group: another whenever anything of it is. What is only ever appended
 * to is told by its newest entries, more of them than can be under way at once; what is changed in place
 * by the transactions its rows are of.
 */
export const markOfSeason = async (db: Db): Promise<string> =>
	(
		await db.one<{ mark: string }>(
			`select concat_ws(' ',
				(select string_agg(id::text, ',') from (select id from entry where group_id = $1 order by id desc limit 100) e),
				(select ${rowsSaid} from plan where group_id = $1),
				(select ${rowsSaid} from table_day where group_id = $1),
				(select ${rowsSaid} from day_person where group_id = $1),
				(select ${rowsSaid} from seat where group_id = $1),
				(select ${rowsSaid} from person where group_id = $1),
				(select ${rowsSaid} from place where group_id = $1),
				(select ${rowsSaid} from bag_kind where group_id = $1),
				(select ${rowsSaid} from tool where group_id = $1),
				(select ${rowsSaid} from measurement where group_id = $1 and is_left_out),
				(select ${rowsSaid} from timed_work where group_id = $1 and is_left_out)) as mark`,
			[db.groupId]
		)
	).mark;
