import type { Db } from '$lib/server/db/db';

/** Those who come always come to every day of the rule that is there from today on. */
export const letThemCome = (db: Db, people: readonly string[], today: string): Promise<number> =>
	db.execute(
		`insert into day_person (group_id, day_id, person_id)
		 select $1, t.id, p.id from table_day t cross join person p
		 where t.group_id = $1 and t.of_rule >= $3::date and t.closed_at is null
			and p.group_id = $1 and p.id = any($2::uuid[]) and p.name is not null on conflict do nothing`,
		[db.groupId, people, today]
	);
