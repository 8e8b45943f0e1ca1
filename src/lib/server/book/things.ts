import { things as say } from '$lib/words/house';
import type { Db } from '../db/db';
import { readCode } from '$lib/core/code/code';
import { codeWords } from '$lib/ui/code-words';
import type { ThingEvent, ThingSort } from '$lib/core/store/forms';
import { isReserved } from './codes';
import type { SaveResult } from '../db/save-result';
import { refuse } from '../db/save-result';

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
	db: Db,
	entryId: number,
	{ code: typed, sort, plan, content }: ThingMade,
	happened: ThingEvent = 'made'
): Promise<SaveResult> {
	const read = readCode(typed);
	if (read.problem) return refuse('code', codeWords[read.problem]);
	if (!(await isReserved(db, read.serial))) return refuse('code', say.noLabelWithThatCode());
	const bound = await db.maybeOne<{ id: number }>(
		`insert into thing (group_id, code, sort, entry_id, plan_id, plan_version, content)
		 values ($1, $2, $3, $4, $5, $6, $7) on conflict (group_id, code) do nothing returning id`,
		[db.groupId, read.code, sort, entryId, plan?.id ?? null, plan?.version ?? null, content]
	);
	if (!bound) return refuse('code', say.thatLabelIsOnSomething());
	await db.execute(
		'insert into thing_event (group_id, entry_id, thing_id, what) values ($1, $2, $3, $4)',
		[db.groupId, entryId, bound.id, happened]
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
export const findThing = (db: Db, code: string): Promise<ThingLine | null> =>
	db.maybeOne<ThingLine & { content: object }>(
		`select t.id, t.code, t.sort, t.plan_id as "planId", t.plan_version as "planVersion", t.content,
			(select s.what from thing_state s where s.group_id = $1 and s.thing_id = t.id) as state
		 from thing t where t.group_id = $1 and t.code = $2`,
		[db.groupId, code]
	);

/** Holds the thing with a label until the transaction ends: of two who act on it at once the second finds what the first did. */
export const holdThing = (db: Db, code: string): Promise<{ id: number } | null> =>
	db.maybeOne<{ id: number }>('select id from thing where group_id = $1 and code = $2 for update', [
		db.groupId,
		code
	]);

/** Appends what happens to a thing, by an entry. */
export const happenTo = (
	db: Db,
	entryId: number,
	thingId: number,
	what: ThingEvent,
	massG: number | null = null
): Promise<{ id: number }> =>
	db.one<{ id: number }>(
		`insert into thing_event (group_id, entry_id, thing_id, what, mass_g)
		 values ($1, $2, $3, $4, $5) returning id`,
		[db.groupId, entryId, thingId, what, massG]
	);
