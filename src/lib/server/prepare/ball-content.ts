import { ballContent as say } from '$lib/words/prepare';
import type { Db } from '$lib/server/db/db';
import { knowledgeOf } from '$lib/core/practice/practice';
import { strandOfMassM, strandOfPiecesM } from '$lib/core/prepare/ball-strand';
import type { BallEntry } from '$lib/entries/types/ball';
import type { BallContent } from '$lib/stages/prepare/balls';
import { listKinds } from '$lib/server/gather/kinds';
import { practiceOfGroup } from '$lib/server/measures/practice';
import { findPlanVersion } from '$lib/server/plan/plan-versions';

type Read =
	| { readonly value: Omit<BallContent, 'filmMg'>; readonly problem?: never }
	| { readonly problem: string; readonly field: string };

/** What is in a ball, by its pieces or its weight: all a label says of it. */
export async function ballContent(
	db: Db,
	{ kindId, cut, colours, planId, planVersion, massG, scaleErrorG }: BallEntry,
	at: Date
): Promise<Read> {
	const kind = (await listKinds(db)).find(({ id }) => id === kindId);
	if (!kind) return { problem: say.thatKindOfBagIs(), field: 'kind' };
	const plan =
		planId === null || planVersion === null ? null : await findPlanVersion(db, planId, planVersion);
	if (planId !== null && !plan) return { problem: say.thatPlanIsNotIn(), field: 'plan' };
	const known = knowledgeOf(await practiceOfGroup(db), kind);
	const bags = colours.reduce((sum, one) => sum + one.bags, 0);
	const pieces = bags * cut.piecesPerBag;
	const { expected, low, high } =
		massG === null
			? strandOfPiecesM(cut, known, pieces)
			: strandOfMassM(cut, known, massG, scaleErrorG);
	const toTenth = (metres: number) => Math.round(metres * 10) / 10;
	return {
		value: {
			kindId,
			kind: kind.name,
			colours,
			cut,
			bags,
			pieces,
			metres: { expected: toTenth(expected), low: toTenth(low), high: toTenth(high) },
			massG,
			madeOn: at.toISOString().slice(0, 10),
			planName: plan?.name ?? null
		}
	};
}
