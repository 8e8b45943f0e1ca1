import type { Db } from '$lib/server/db/db';

/** A mat that is on a loom: so many strands of its warp are laid. */
export interface LoadedLoom {
	readonly id: number;
	readonly code: string;
	readonly toolId: string;
	readonly planId: string;
	readonly planName: string;
	readonly warpStrands: number;
	readonly strands: number;
}

/** The looms that carry a mat: begun, and neither finished nor taken apart. */
export const listLoadedLooms = (db: Db): Promise<LoadedLoom[]> =>
	db.many<LoadedLoom>(
		`select t.id, t.code, t.content ->> 'toolId' as "toolId", t.plan_id as "planId",
			v.name as "planName", (t.content ->> 'warpStrands')::integer as "warpStrands",
			coalesce((select floor(sum(b.amount) / (t.content ->> 'piecesPerStrand')::integer)::integer
				from balance b where b.group_id = $1 and b.holder = 'mat' and b.thing_id = t.id), 0) as strands
		 from standing_thing t
		 join plan_version v on v.group_id = $1 and v.plan_id = t.plan_id and v.version = t.plan_version
		 where t.group_id = $1 and t.sort = 'mat' and t.content ? 'toolId'
			and not exists (select 1 from standing_thing_event e where e.group_id = $1 and e.thing_id = t.id
				and e.what in ('finished', 'taken-apart', 'lost'))
		 order by t.id`,
		[db.groupId]
	);
