import type { PlanDocument } from '$lib/plan/document';
import type { GroupId } from '../group';
import { execute, many } from './verbs';

/** A kept plan and how many mats of it the season still wants. */
export interface WantedPlan {
	readonly id: string;
	readonly name: string;
	readonly document: PlanDocument;
	readonly matsWanted: number;
}

/** Plans with mats wanted first, then the newest; at most so many. */
export const listWantedPlans = (groupId: GroupId, limit = 60): Promise<WantedPlan[]> =>
	many<WantedPlan>(
		`select id, name, document, mats_wanted as "matsWanted" from plan
		 where group_id = $1 and deleted_at is null
		 order by mats_wanted > 0 desc, updated_at desc, id limit $2`,
		[groupId, limit]
	);

/** Sets how many mats of a plan are wanted; false where there is no such plan. */
export const wantMats = async (groupId: GroupId, id: string, mats: number): Promise<boolean> =>
	(await execute(
		'update plan set mats_wanted = $3 where group_id = $1 and id = $2 and deleted_at is null',
		[groupId, id, mats]
	)) === 1;
