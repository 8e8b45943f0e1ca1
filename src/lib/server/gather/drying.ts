import type { Db } from '$lib/server/db/db';
import type { DryingPile } from '$lib/stages/gather/lines';

/** Piles that hang to dry, the ones to look at soonest first; those said to be gone stay for a day. */
export const listDrying = (db: Db): Promise<DryingPile[]> =>
	db.many<DryingPile>(
		`select d.id, p.name as place, d.kind_id as "kindId", k.name as kind, d.colour, d.hanging,
			d.look_again_at as "lookAgainAt", d.looked_again_at as "endedAt"
		 from drying_pile d join place_known p on p.group_id = d.group_id and p.id = d.place_id
		 left join bag_kind k on k.group_id = d.group_id and k.id = d.kind_id
		 where d.group_id = $1 and d.hanging > 0
			and (d.looked_again_at is null or d.looked_again_at > now() - interval '1 day')
		 order by d.looked_again_at is not null, d.look_again_at, d.id`,
		[db.groupId]
	);

/** Says that nothing of a pile is left, or that it hangs there after all. Saying it twice changes nothing. */
export const endDrying = (db: Db, id: number, isOver: boolean): Promise<number> =>
	db.execute(
		`update sorting set looked_again_at = case when $3 then coalesce(looked_again_at, now()) end
		 where group_id = $1 and id = $2`,
		[db.groupId, id, isOver]
	);
