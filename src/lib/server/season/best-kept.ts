import type { Db } from '$lib/server/db/db';

/** Keeps who takes up yarn next, in their order, and who helps at the table instead; of all others nothing is decided. */
export const keepBegin = (
	db: Db,
	begin: readonly string[],
	later: readonly string[]
): Promise<number> =>
	db.execute(
		`update person p set begins_at = o.place - 1, begins_later = p.id = any($3::uuid[])
		 from person k left join unnest($2::uuid[]) with ordinality as o (id, place) on o.id = k.id
		 where k.group_id = $1 and p.group_id = $1 and p.id = k.id and k.name is not null
			and (o.place - 1, p.id = any($3::uuid[])) is distinct from (p.begins_at::bigint, p.begins_later)`,
		[db.groupId, begin, later]
	);

/** Keeps the plan that the next mats follow; none where it is null, or no such plan is there. */
export const keepNextPlan = (db: Db, planId: string | null): Promise<void> =>
	db.transaction(async (db) => {
		await db.execute(
			'update plan set is_next = false where group_id = $1 and is_next and id is distinct from $2',
			[db.groupId, planId]
		);
		await db.execute(
			`update plan set is_next = true
			 where group_id = $1 and id = $2 and deleted_at is null and not is_next`,
			[db.groupId, planId]
		);
	});

/** What a day is to aim at. */
export interface AimToKeep {
	readonly day: string;
	readonly planId: string;
	readonly balls: number | null;
	readonly strands: number;
	readonly checks: number;
	readonly pillows: number;
}

/** Sets what a day to come aims at, where nobody opened or closed it; false where it is not there any more. */
export const keepAim = async (
	db: Db,
	{ day, planId, balls, strands, checks, pillows }: AimToKeep
): Promise<boolean> =>
	(await db.execute(
		`update table_day set plan_id = $3, balls_wanted = $4, strands_wanted = $5, checks_wanted = $6, pillows_wanted = $7,
			is_own = true, version = version + 1
		 where group_id = $1 and id = $2 and called_off_at is null and opened_at is null
			and exists (select 1 from plan p where p.group_id = $1 and p.id = $3 and p.deleted_at is null)`,
		[db.groupId, day, planId, balls, strands, checks, pillows]
	)) > 0;
