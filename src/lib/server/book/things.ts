import { readCode } from '$lib/core/code/code';
import { codeWords } from '$lib/ui/code-words';
import type { ThingEvent, ThingSort } from '$lib/core/store/forms';
import type { PoolClient } from 'pg';
import type { GroupId } from '../base/group-id';
import { isReserved } from './codes';
import type { SaveResult } from '../db/save-result';
import { refuse } from '../db/save-result';
import { execute, maybeOne, one } from '../db/verbs';

/** A thing that is made: the label it gets, of which version of which plan it is, and what is in it. */
export interface ThingMade {
	readonly code: string;
	readonly sort: ThingSort;
	readonly plan: { readonly id: string; readonly version: number } | null;
	readonly content: Readonly<Record<string, unknown>>;
}

/**
 * Binds a blank label to what an entry made. Its code must be one that was reserved, and is bound
 * once: whoever comes second with the same label is told.
 */
export async function bindThing(
	client: PoolClient,
	groupId: GroupId,
	entryId: number,
	{ code: typed, sort, plan, content }: ThingMade,
	happened: ThingEvent = 'made'
): Promise<SaveResult> {
	const read = readCode(typed);
	if (read.problem) return refuse('code', codeWords[read.problem]);
	if (!(await isReserved(groupId, read.serial)))
		return refuse(
			'code',
			'No label with that code has been printed for this group. Look at it again.'
		);
	const bound = await maybeOne<{ id: number }>(
		`insert into thing (group_id, code, sort, entry_id, plan_id, plan_version, content)
		 values ($1, $2, $3, $4, $5, $6, $7) on conflict (group_id, code) do nothing returning id`,
		[groupId, read.code, sort, entryId, plan?.id ?? null, plan?.version ?? null, content],
		client
	);
	if (!bound) return refuse('code', 'That label is on something already. Take the next one.');
	await execute(
		'insert into thing_event (group_id, entry_id, thing_id, what) values ($1, $2, $3, $4)',
		[groupId, entryId, bound.id, happened],
		client
	);
	return { outcome: 'kept', id: bound.id };
}

export interface ThingLine {
	readonly id: number;
	readonly code: string;
	readonly sort: ThingSort;
	readonly planId: string | null;
	readonly planVersion: number | null;
	readonly content: Readonly<Record<string, unknown>>;
	/** What happened to it last; null where the entry that made it was taken back. */
	readonly state: ThingEvent | null;
}

/** The thing with a code, or null. */
export const findThing = (groupId: GroupId, code: string): Promise<ThingLine | null> =>
	maybeOne<ThingLine & { content: object }>(
		`select t.id, t.code, t.sort, t.plan_id as "planId", t.plan_version as "planVersion", t.content,
			(select s.what from thing_state s where s.group_id = $1 and s.thing_id = t.id) as state
		 from thing t where t.group_id = $1 and t.code = $2`,
		[groupId, code]
	);

/** Holds the thing with a label until the transaction ends: of two who act on it at once the second finds what the first did. */
export const holdThing = (
	client: PoolClient,
	groupId: GroupId,
	code: string
): Promise<{ id: number } | null> =>
	maybeOne<{ id: number }>(
		'select id from thing where group_id = $1 and code = $2 for update',
		[groupId, code],
		client
	);

/** Appends what happens to a thing, by an entry. */
export const happenTo = (
	client: PoolClient,
	groupId: GroupId,
	entryId: number,
	thingId: number,
	what: ThingEvent,
	massG: number | null = null
): Promise<{ id: number }> =>
	one<{ id: number }>(
		`insert into thing_event (group_id, entry_id, thing_id, what, mass_g)
		 values ($1, $2, $3, $4, $5) returning id`,
		[groupId, entryId, thingId, what, massG],
		client
	);
