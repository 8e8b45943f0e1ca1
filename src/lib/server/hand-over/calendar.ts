import { calendar as say } from '$lib/words/hand-over';
import type { Db } from '$lib/server/db/db';
import type { CalendarEvent } from '$lib/server/web/day-calendar';

interface CalendarRow {
	readonly id: string;
	readonly day: string;
	readonly place: string;
	readonly mats: number;
	readonly gathering: string | null;
	readonly sort: 'delivery' | 'ask';
}

/** Deliveries and the days mats are asked for, as a calendar has them; no names of people. */
export async function handOverEvents(
	db: Db,
	groupName: string,
	today: string
): Promise<CalendarEvent[]> {
	const rows = await db.many<CalendarRow>(
		`select 'delivery' as sort, t.code as id, to_char(d.goes_on, 'YYYY-MM-DD') as day, p.name as place,
			(select count(*)::integer from delivery_mat m where m.group_id = $1 and m.entry_id = d.entry_id) as mats,
			d.gathering
		 from standing_delivery d
		 join thing t on t.group_id = $1 and t.id = d.thing_id
		 join place_known p on p.group_id = $1 and p.id = d.place_id
		 where d.group_id = $1 and d.goes_on > $2::date - 60
		 union all
		 select 'ask', a.entry_id::text, to_char(a.by_day, 'YYYY-MM-DD'), p.name, a.mats, null
		 from standing_ask a join place_known p on p.group_id = $1 and p.id = a.place_id
		 where a.group_id = $1 and a.by_day > $2::date - 60
		 order by 3, 2`,
		[db.groupId, today]
	);
	const mats = (count: number) => say.mats({ count });
	return rows.map(({ id, sort, day, place, mats: count, gathering }) => ({
		id: `${sort}-${id}`,
		version: 1,
		day,
		place,
		summary:
			sort === 'ask'
				? say.wantedBy({ groupName, mats: mats(count), place })
				: gathering === null
					? say.to({ groupName, mats: mats(count), place })
					: say.to2({ groupName, gathering, mats: mats(count), place })
	}));
}
