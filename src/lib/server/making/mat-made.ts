import { matMade as say } from '$lib/words/making';
import type { Db } from '$lib/server/db/db';
import type { Practice } from '$lib/core/practice/practice';
import type { MatSaid } from '$lib/stages/making/mat-view';
import { nothingSaid } from '$lib/stages/making/mat-view';
import type { Made } from '$lib/stages/making/mat-view';
import type { PlanDocument } from '$lib/stages/plan/document/document';
import { practiceOfGroup } from '$lib/server/measures/practice';
import { findPlanVersion } from '$lib/server/plan/plan-versions';
import type { Making } from './making';
import { ownMaking } from './making';
import { makingOfVersion } from './makings';
import { matInHand } from './mat-in-hand';
import { saidOf } from './said';

/** A mat as an entry on it finds it. */
export interface MatMade {
	readonly id: number;
	readonly planId: string;
	readonly planVersion: number;
	readonly document: PlanDocument;
	readonly practice: Practice;
	/** With the rows and colours it goes on with. */
	readonly making: Making;
	readonly said: MatSaid;
	readonly made: Made;
	readonly problem?: never;
}

/** Rows made at the ends of a mat, as the book has them now. */
const rowsMade = async (db: Db, thingId: number): Promise<Made> =>
	(await db.maybeOne<{ near: number; far: number }>(
		`select coalesce(max(made) filter (where side = 'near'), 0) as near,
			coalesce(max(made) filter (where side = 'far'), 0) as far
		 from rows_made where group_id = $1 and thing_id = $2`,
		[db.groupId, thingId]
	)) ?? { near: 0, far: 0 };

/**
 * The mat with a label, where it is being made, with all that is known of it; else why it is not.
 *
 * @param before the entry that asks: it finds the mat as it was; null for the mat as it is
 */
export async function findMatMade(
	db: Db,
	code: string,
	before: number | null
): Promise<MatMade | { readonly problem: string }> {
	const found = await matInHand(db, code);
	if (found.problem !== undefined) return found;
	const { id, planId, planVersion, stripes } = found;
	const version = await findPlanVersion(db, planId, planVersion);
	if (!version) return { problem: say.thePlanOfIsNot({ code }) };
	const { document } = version;
	const practice = await practiceOfGroup(db);
	const said = (await saidOf(db, [code], before)).get(code) ?? nothingSaid;
	return {
		id,
		planId,
		planVersion,
		document,
		practice,
		making: ownMaking(makingOfVersion(found, document, practice), said.stripes, stripes),
		said,
		made: await rowsMade(db, id)
	};
}
