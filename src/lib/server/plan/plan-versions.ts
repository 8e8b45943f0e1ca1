import type { PlanDocument } from '$lib/stages/plan/document/document';
import type { GroupId } from '$lib/server/base/group-id';
import { maybeOne } from '$lib/server/db/verbs';

/** A plan as it stood when it was kept; it never changes, whatever becomes of the plan. */
export interface PlanVersion {
	readonly name: string;
	readonly version: number;
	readonly document: PlanDocument;
	readonly keptAt: Date;
}

export const findPlanVersion = (
	groupId: GroupId,
	planId: string,
	version: number
): Promise<PlanVersion | null> =>
	maybeOne<PlanVersion>(
		`select name, version, document, kept_at as "keptAt" from plan_version
		 where group_id = $1 and plan_id = $2 and version = $3`,
		[groupId, planId, version]
	);
