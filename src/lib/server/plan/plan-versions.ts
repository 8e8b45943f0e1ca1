import type { Db } from '$lib/server/db/db';
import type { PlanDocument } from '$lib/stages/plan/document/document';

/** A plan as it stood when it was kept; it never changes, whatever becomes of the plan. */
export interface PlanVersion {
	readonly name: string;
	readonly version: number;
	readonly document: PlanDocument;
	readonly keptAt: Date;
}

export const findPlanVersion = (
	db: Db,
	planId: string,
	version: number
): Promise<PlanVersion | null> =>
	db.maybeOne<PlanVersion>(
		`select name, version, document, kept_at as "keptAt" from plan_version
		 where group_id = $1 and plan_id = $2 and version = $3`,
		[db.groupId, planId, version]
	);
