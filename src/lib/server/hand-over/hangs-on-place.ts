import type { Db } from '$lib/server/db/db';

/** What hangs on a receiving place: mats it asks for by days to come, and deliveries nobody confirmed. */
export interface HangsOnPlace {
	readonly name: string;
	readonly mats: number;
	readonly unconfirmed: number;
}

/** What hangs on a receiving place; null where it receives no mats. */
export const hangsOnPlace = (db: Db, id: string, today: string): Promise<HangsOnPlace | null> =>
	db.maybeOne<HangsOnPlace>(
		`select p.name, (select coalesce(sum(a.mats), 0)::integer from standing_ask a
				where a.group_id = $1 and a.place_id = p.id and a.by_day >= $3::date) as mats,
			(select count(*)::integer from standing_delivery d join thing_state s on s.group_id = $1 and s.thing_id = d.thing_id
				where d.group_id = $1 and d.place_id = p.id and s.what <> 'received') as unconfirmed
		 from place p where p.group_id = $1 and p.id = $2 and p.receives_mats`,
		[db.groupId, id, today]
	);
