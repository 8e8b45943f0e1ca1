import type { BeginEntry, HandOnEntry } from '$lib/entries/types/begin';
import type { PoolClient } from 'pg';
import type { GroupId } from '$lib/server/base/group-id';
import { codeFor } from '$lib/server/book/codes';
import type { Booked } from '$lib/server/book/entries';
import { bindThing } from '$lib/server/book/things';
import type { SaveResult } from '$lib/server/db/save-result';
import { refuse } from '$lib/server/db/save-result';
import { withTransaction } from '$lib/server/db/transaction';
import { execute, maybeOne } from '$lib/server/db/verbs';
import { findPlan } from '$lib/server/plan/plans';
import { findPlanVersion } from '$lib/server/plan/plan-versions';
import { practiceOfGroup } from '$lib/server/measures/practice';
import { makingOfVersion } from './makings';
import { matInHand } from './mat-in-hand';

/** Whether somebody is at the table; nobody is always there. */
const isThere = async (groupId: GroupId, personId: string | null): Promise<boolean> =>
	personId === null ||
	(await maybeOne<{ id: string }>(
		'select id from person where group_id = $1 and id = $2 and name is not null',
		[groupId, personId]
	)) !== null;

const nobody = refuse('person', 'That person is not in the list any more.');

const give = (
	client: PoolClient,
	groupId: GroupId,
	entryId: number,
	thingId: number,
	personId: string | null
) =>
	execute(
		'insert into hand_on (group_id, entry_id, thing_id, person_id) values ($1, $2, $3, $4)',
		[groupId, entryId, thingId, personId],
		client
	);

/** Begins a mat: its label is bound, and somebody has it. */
export const keepBegin = (
	groupId: GroupId,
	{ planId, planVersion, personId, code: given }: BeginEntry,
	{ entryId, key }: Booked
): Promise<SaveResult> =>
	withTransaction(async (client): Promise<SaveResult> => {
		const version = planVersion ?? (await findPlan(groupId, planId))?.version;
		const found = version === undefined ? null : await findPlanVersion(groupId, planId, version);
		if (version === undefined || !found)
			return refuse('plan', 'That plan is not in the list any more.');
		if (!(await isThere(groupId, personId))) return nobody;
		const code = given ?? (await codeFor(groupId, key));
		if (!code) return refuse('code', 'This group has used all the codes there are.');
		const plan = { id: planId, version };
		const { look } = makingOfVersion(
			{ planId, planVersion: version },
			found.document,
			await practiceOfGroup(groupId)
		);
		const bound = await bindThing(
			client,
			groupId,
			entryId,
			{ code, sort: 'mat', plan, content: look ? { stripes: look.stripes } : {} },
			'begun'
		);
		if (bound.outcome === 'refused') return bound;
		await give(client, groupId, entryId, Number(bound.id), personId);
		return { outcome: 'kept', id: entryId };
	});

/** Passes a mat on. */
export const keepHandOn = (
	groupId: GroupId,
	{ mat, personId }: HandOnEntry,
	{ entryId }: Booked
): Promise<SaveResult> =>
	withTransaction(async (client): Promise<SaveResult> => {
		const found = await matInHand(groupId, mat);
		if (found.problem !== undefined) return refuse('mat', found.problem);
		if (!(await isThere(groupId, personId))) return nobody;
		await give(client, groupId, entryId, found.id, personId);
		return { outcome: 'kept', id: entryId };
	});
