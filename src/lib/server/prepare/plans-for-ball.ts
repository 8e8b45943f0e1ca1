import type { Db } from '$lib/server/db/db';
import { kindOfBag } from '$lib/core/bag/same-bag';
import type { Unsuited } from '$lib/core/prepare/suits';
import { whyUnsuited } from '$lib/core/prepare/suits';
import type { BallContent } from '$lib/stages/prepare/balls';
import { tableBasis } from './piles';
import { ballCutOf, plansRead } from './table-plans';

/** Whether a ball suits a plan, and what speaks against it. */
export interface SuitedPlan {
	readonly id: string;
	readonly name: string;
	/** Null where it suits; `other-kind` where the plan is of another kind of bag. */
	readonly why: Unsuited | 'other-kind' | 'other-colour' | null;
}

/** The plans of the season and the newest others, with what speaks against a ball in each. */
export async function plansForBall(db: Db, ball: BallContent): Promise<SuitedPlan[]> {
	const { reads, kinds } = await plansRead(db, tableBasis(db));
	return reads.map(({ kept, read: { plan, kinds: inPlan } }): SuitedPlan => {
		const { id, name } = kept;
		const own = inPlan.find(({ bag }) => kindOfBag(bag, kinds)?.id === ball.kindId);
		if (!own) return { id, name, why: 'other-kind' };
		const asked = ballCutOf(kept, plan, kinds, own.bag);
		const why = asked ? whyUnsuited(ball.cut, asked.cut) : 'other-cut';
		const isColour =
			!plan.colours?.length || ball.colours.every(({ colour }) => plan.colours?.includes(colour));
		return { id, name, why: why ?? (isColour ? null : 'other-colour') };
	});
}
