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

/** A delivery, or a day mats are asked for by. */
export interface HandOverDay extends CalendarEvent {
	readonly sort: 'delivery' | 'ask';
}

/** Deliveries and the days mats are asked for; no names of people. */
export async function handOverDays(db: Db, today: string): Promise<HandOverDay[]> {
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
	return rows.map(({ id, sort, day, place, mats: count, gathering }): HandOverDay => {
		const mats = say.mats({ count });
		return {
			id: `${sort}-${id}`,
			version: 1,
			sort,
			day,
			place,
			summary:
				sort === 'ask'
					? say.wantedBy({ mats, place })
					: gathering === null
						? say.to({ mats, place })
						: say.to2({ gathering, mats, place })
		};
	});
}

/** The same as a calendar has them that other groups' days stand in, too. */
export const handOverEvents = async (
	db: Db,
	groupName: string,
	today: string
): Promise<CalendarEvent[]> =>
	(await handOverDays(db, today)).map((event) => ({
		...event,
		summary: say.ofGroup({ groupName, summary: event.summary })
	}));
