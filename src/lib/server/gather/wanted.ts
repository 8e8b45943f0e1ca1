import type { Db } from '$lib/server/db/db';
import type { PlanDocument } from '$lib/stages/plan/document/document';

/** A kept plan and how many mats of it the season still wants. */
export interface WantedPlan {
	readonly id: string;
	readonly version: number;
	readonly name: string;
	readonly document: PlanDocument;
	readonly matsWanted: number;
	/** The plan was removed; what is wanted of it is wanted still, until somebody says otherwise. */
	readonly isRemoved: boolean;
}

/** Every plan with mats wanted, the newest first, then the newest others; at most so many of these. */
export const listWantedPlans = (db: Db, limit = 60): Promise<WantedPlan[]> =>
	db.many<WantedPlan>(
		`select id, version, name, document, mats_wanted as "matsWanted",
			deleted_at is not null as "isRemoved" from (
			(select * from plan where group_id = $1 and mats_wanted > 0)
			union all
			(select * from plan where group_id = $1 and deleted_at is null and mats_wanted = 0
			 order by updated_at desc, id limit $2)) p
		 order by mats_wanted > 0 desc, updated_at desc, id`,
		[db.groupId, limit]
	);

/** How setting what is wanted went: `met` is what someone else had set meanwhile. */
export type Wanted =
	{ readonly outcome: 'set' | 'gone' } | { readonly outcome: 'met'; readonly mats: number };

/** Sets how many mats of a plan are wanted, if as many are wanted still as the one who sets it saw. */
export async function wantMats(db: Db, id: string, mats: number, seen: number): Promise<Wanted> {
	const set = await db.execute(
		`update plan set mats_wanted = $3
		 where group_id = $1 and id = $2 and mats_wanted in ($3, $4) and (deleted_at is null or mats_wanted > 0)`,
		[db.groupId, id, mats, seen]
	);
	if (set === 1) return { outcome: 'set' };
	const stands = await db.maybeOne<{ mats: number }>(
		`select mats_wanted as mats from plan
		 where group_id = $1 and id = $2 and (deleted_at is null or mats_wanted > 0)`,
		[db.groupId, id]
	);
	return stands ? { outcome: 'met', mats: stands.mats } : { outcome: 'gone' };
}
