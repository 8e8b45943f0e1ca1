import { groupBy } from '$lib/core/group-by';
import type { DaySpan } from '$lib/core/rhythm/span';
import type { Db } from '$lib/server/db/db';

/** When people are away, by their ids: spans that end on a day or after. */
export async function awaySpans(
	db: Db,
	since: string
): Promise<ReadonlyMap<string, readonly DaySpan[]>> {
	const rows = await db.many<DaySpan & { personId: string }>(
		`select person_id as "personId", to_char(from_day, 'YYYY-MM-DD') as from, to_char(to_day, 'YYYY-MM-DD') as to
		 from away where group_id = $1 and to_day >= $2::date order by from_day, id`,
		[db.groupId, since]
	);
	return groupBy(rows, ({ personId }) => personId);
}
