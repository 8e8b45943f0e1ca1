import type { Db } from '$lib/server/db/db';
import type { WantedPlan } from '$lib/server/gather/wanted';

/** A plan that a table works for, and its mats that are begun and stand. */
export interface PlanInWork extends Omit<WantedPlan, 'document'> {
	/** The next mats follow it. */
	readonly isNext: boolean;
	readonly begun: number;
}

/** The statement that asks for every plan with mats wanted, the newest first, then a few of the newest others. */
export const plansInWorkText = `select p.id, p.version, p.name, p.mats_wanted as "matsWanted",
		p.deleted_at is not null as "isRemoved", p.is_next and p.deleted_at is null as "isNext",
		(select count(*)::integer from standing_thing t
			where t.group_id = $1 and t.plan_id = p.id and t.sort = 'mat'
			and not exists (select 1 from standing_thing_event e where e.group_id = $1 and e.thing_id = t.id
				and e.what in ('taken-apart', 'lost'))) as begun
	from (
		(select group_id, id, version, name, mats_wanted, updated_at, deleted_at, is_next from plan
			where group_id = $1 and (mats_wanted > 0 or is_next))
		union all
		(select group_id, id, version, name, mats_wanted, updated_at, deleted_at, is_next from plan
			where group_id = $1 and deleted_at is null and mats_wanted = 0 and not is_next
			order by updated_at desc, id limit 12)) p
	order by p.mats_wanted > 0 desc, p.updated_at desc, p.id`;

/** The names of the plans a table works for. */
export const namesOfPlansInWork = (db: Db): Promise<{ id: string; name: string }[]> =>
	db.many<{ id: string; name: string }>(
		`select w.id, w.name from (${plansInWorkText}) w join plan p on p.group_id = $1 and p.id = w.id and p.deleted_at is null`,
		[db.groupId]
	);
