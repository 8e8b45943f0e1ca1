import { begin as say } from '$lib/words/making';
import type { Db } from '$lib/server/db/db';
import type { BeginEntry, HandOnEntry } from '$lib/entries/types/begin';
import { codeFor } from '$lib/server/book/codes';
import type { Booked } from '$lib/server/book/entries';
import { bindThing } from '$lib/server/book/things';
import type { SaveResult } from '$lib/server/db/save-result';
import { refuse } from '$lib/server/db/save-result';
import { findPlan } from '$lib/server/plan/plans';
import { findPlanVersion } from '$lib/server/plan/plan-versions';
import { practiceOfGroup } from '$lib/server/measures/practice';
import { makingOfVersion } from './makings';
import { matInHand } from './mat-in-hand';

/** Whether somebody is at the table; nobody is always there. */
const isThere = async (db: Db, personId: string | null): Promise<boolean> =>
	personId === null ||
	(await db.maybeOne<{ id: string }>(
		'select id from person where group_id = $1 and id = $2 and name is not null',
		[db.groupId, personId]
	)) !== null;

const nobody = refuse('person', say.thatPersonIsNotIn());

const give = (db: Db, entryId: number, thingId: number, personId: string | null) =>
	db.execute(
		'insert into hand_on (group_id, entry_id, thing_id, person_id) values ($1, $2, $3, $4)',
		[db.groupId, entryId, thingId, personId]
	);

/** Begins a mat: its label is bound, and somebody has it. */
export const keepBegin = (
	db: Db,
	{ planId, planVersion, personId, code: given }: BeginEntry,
	{ entryId, key }: Booked
): Promise<SaveResult> =>
	db.transaction(async (db): Promise<SaveResult> => {
		const version = planVersion ?? (await findPlan(db, planId))?.version;
		const found = version === undefined ? null : await findPlanVersion(db, planId, version);
		if (version === undefined || !found) return refuse('plan', say.thatPlanIsNotIn());
		if (!(await isThere(db, personId))) return nobody;
		const code = given ?? (await codeFor(db, key));
		if (!code) return refuse('code', say.thisGroupHasUsedAll());
		const plan = { id: planId, version };
		const { look } = makingOfVersion(
			{ planId, planVersion: version },
			found.document,
			await practiceOfGroup(db)
		);
		const bound = await bindThing(
			db,
			entryId,
			{ code, sort: 'mat', plan, content: look ? { stripes: look.stripes } : {} },
			'begun'
		);
		if (bound.outcome === 'refused') return bound;
		await give(db, entryId, Number(bound.id), personId);
		return { outcome: 'kept', id: entryId };
	});

/** Passes a mat on. */
export const keepHandOn = (
	db: Db,
	{ mat, personId }: HandOnEntry,
	{ entryId }: Booked
): Promise<SaveResult> =>
	db.transaction(async (db): Promise<SaveResult> => {
		const found = await matInHand(db, mat);
		if (found.problem !== undefined) return refuse('mat', found.problem);
		if (!(await isThere(db, personId))) return nobody;
		await give(db, entryId, found.id, personId);
		return { outcome: 'kept', id: entryId };
	});
