import { askedCut as say } from '$lib/words/prepare';
import type { Db } from '$lib/server/db/db';
import { kindOfBag } from '$lib/core/bag/same-bag';
import type { CutYield } from '$lib/core/cut/yield';
import { ifInDomain } from '$lib/core/domain-error';
import type { Plan } from '$lib/core/model/types';
import type { CutSnapshot } from '$lib/core/prepare/cut-pile';
import { snapshotOf } from '$lib/core/prepare/cut-pile';
import type { PieceUse } from '$lib/core/prepare/cuts-of-plan';
import { yieldFor } from '$lib/core/prepare/cuts-of-plan';
import { planOfShape } from '$lib/stages/plan/document/document';
import { findPlanVersion } from '$lib/server/plan/plan-versions';
import type { KindLine } from '$lib/server/gather/kinds';
import { listKinds } from '$lib/server/gather/kinds';

/** What bags of a kind give cut as a plan has it. */
export interface GivenCut {
	readonly given: CutYield;
	readonly massG: number;
	readonly cut: CutSnapshot;
}

/**
 * What bags of a kind give by the cut of a plan: the plan's own kinds by their own numbers, another by
 * the same cut. Null where the plan has no such cut, or it does not fit the bag.
 */
export function cutOfKind(
	plan: Plan,
	kind: KindLine,
	kinds: readonly KindLine[],
	use: PieceUse
): GivenCut | null {
	const inPlan = [plan.bag, ...(plan.mix?.also ?? []).map((one) => one.bag)];
	const bag = inPlan.find((one) => kindOfBag(one, kinds)?.id === kind.id) ?? kind;
	const given = ifInDomain(() => yieldFor(plan, bag, use));
	return given && { given, massG: bag.massG, cut: snapshotOf(bag, given) };
}

type Asked =
	(GivenCut & { readonly problem?: never }) | { readonly problem: string; readonly field: string };

/** The cut that an entry names, by the version of the plan it was made by. */
export async function askedCut(
	db: Db,
	asked: {
		readonly kindId: string;
		readonly planId: string;
		readonly planVersion: number;
		readonly use: PieceUse;
	}
): Promise<Asked> {
	const version = await findPlanVersion(db, asked.planId, asked.planVersion);
	if (!version) return { problem: say.thatPlanIsNotIn(), field: 'plan' };
	const kinds = await listKinds(db);
	const kind = kinds.find(({ id }) => id === asked.kindId);
	if (!kind) return { problem: say.thatKindOfBagIs(), field: 'kind' };
	const found = cutOfKind(planOfShape(version.document.plan), kind, kinds, asked.use);
	return (
		found ?? {
			problem: say.cannotBeCutFromThese({ name: version.name }),
			field: 'use'
		}
	);
}
