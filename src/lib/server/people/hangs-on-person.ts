import type { Db } from '$lib/server/db/db';

/** What hangs on a volunteer: mats they have, table days to come they said yes to, seats there. */
export interface HangsOnPerson {
	readonly mats: readonly string[];
	readonly days: number;
	readonly seats: number;
}

/** What hangs on a volunteer, looked at before their name goes. */
export const hangsOnPerson = (db: Db, id: string, today: string): Promise<HangsOnPerson> =>
	db.one<HangsOnPerson>(
		`select (select coalesce(json_agg(t.code order by t.id), '[]') from thing t
				join thing_state s on s.group_id = $1 and s.thing_id = t.id and s.sort = 'mat' and s.what in ('begun', 'made')
				where t.group_id = $1 and (select h.person_id from standing_hand_on h where h.group_id = $1 and h.thing_id = t.id
					order by h.entry_id desc limit 1) = $2) as mats,
			(select count(*)::integer from day_person d join table_day t on t.group_id = $1 and t.id = d.day_id
				where d.group_id = $1 and d.person_id = $2 and t.day >= $3::date and t.called_off_at is null) as days,
			(select count(distinct s.day_id)::integer from seat s join table_day t on t.group_id = $1 and t.id = s.day_id
				where s.group_id = $1 and s.person_id = $2 and t.day >= $3::date and t.called_off_at is null) as seats`,
		[db.groupId, id, today]
	);
