import type { Db } from '$lib/server/db/db';
import type { Stock } from '$lib/core/store/allocate-store';
import type { PlanDocument } from '$lib/stages/plan/document/document';

/** A mat that was begun from a version of a plan. */
export interface BegunMat {
	readonly planId: string;
	readonly version: number;
	readonly document: PlanDocument;
	/** Whether it is made still; else it is finished, and asks for nothing. */
	readonly isInHand: boolean;
	/** What it was given of strand, pieces and bags. */
	readonly given: readonly Stock[];
}

/** The mats of a group that were begun and stand: those taken apart or lost are wanted anew. */
export const listBegunMats = (db: Db): Promise<BegunMat[]> =>
	db.many<BegunMat>(
		`select s.plan_id as "planId", s.plan_version as version, v.document,
			s.what in ('made', 'begun') as "isInHand",
			(select coalesce(json_agg(json_build_object('kind', k.name, 'colour', l.colour, 'form', case when l.form in ('strand', 'chain') then 'piece' when l.form = 'flat' then 'bag' else l.form end,
				'amount', b.amount, 'bagsEach', case when l.form in ('piece', 'strand', 'chain') then 1.0 / c.pieces_per_bag end) order by l.id), '[]')
			 from balance b
			 join line l on l.group_id = $1 and l.id = b.line_id
			 join bag_kind k on k.group_id = $1 and k.id = l.kind_id
			 left join cut c on c.group_id = $1 and c.id = l.cut_id
			 where b.group_id = $1 and b.holder = 'mat' and b.thing_id = s.id and b.amount > 0
				and l.form in ('ball', 'piece', 'strand', 'chain', 'bag', 'flat')) as given
		 from (select t.group_id, t.id, t.plan_id, t.plan_version, x.what
			from thing_state x join thing t on t.group_id = $1 and t.id = x.thing_id
			where x.group_id = $1 and x.sort = 'mat' and t.plan_id is not null) s
		 join plan_version v on v.group_id = $1 and v.plan_id = s.plan_id and v.version = s.plan_version
		 where s.what not in ('taken-apart', 'lost') order by s.id`,
		[db.groupId]
	);
