import { kindOfBag } from '$lib/core/bag/same-bag';
import type { Unsuited } from '$lib/core/prepare/suits';
import { whyUnsuited } from '$lib/core/prepare/suits';
import type { BallContent } from '$lib/stages/prepare/balls';
import type { GroupId } from '$lib/server/base/group-id';
import { cutOfKind } from './asked-cut';
import { tableBasis } from './piles';
import { ballUse, tablePlans } from './table-plans';

/** Whether a ball suits a plan, and what speaks against it. */
export interface SuitedPlan {
	readonly id: string;
	readonly name: string;
	/** Null where it suits; `other-kind` where the plan is of another kind of bag. */
	readonly why: Unsuited | 'other-kind' | 'other-colour' | null;
}

/** The plans of the season and the newest others, with what speaks against a ball in each. */
export async function plansForBall(groupId: GroupId, ball: BallContent): Promise<SuitedPlan[]> {
	const { reads, kinds } = await tablePlans(groupId, tableBasis(groupId));
	const kind = kinds.find(({ id }) => id === ball.kindId);
	return reads.map(({ kept: { id, name }, read: { plan } }): SuitedPlan => {
		if (!kind || kindOfBag(plan.bag, kinds)?.id !== kind.id) return { id, name, why: 'other-kind' };
		const asked = cutOfKind(plan, kind, kinds, ballUse(plan));
		const why = asked ? whyUnsuited(ball.cut, asked.cut) : 'other-cut';
		const isColour =
			!plan.colours?.length || ball.colours.every(({ colour }) => plan.colours?.includes(colour));
		return { id, name, why: why ?? (isColour ? null : 'other-colour') };
	});
}
