import { takenBack as say } from '$lib/words/gather';
import type { Db } from '$lib/server/db/db';
import type { Correctable, CorrectionEntry } from '$lib/entries/types/correction';
import { restsOnWords } from '$lib/stages/gather/rests-on-words';
import type { RestingEntry } from '$lib/stages/gather/rests-on-words';
import type { Booked } from '$lib/server/book/entries';
import { moveBack } from '$lib/server/book/movements';
import type { SaveResult } from '$lib/server/db/save-result';
import { refuse } from '$lib/server/db/save-result';
import { refusalOf } from './ledger';

/** Which entry each thing that can be taken back belongs to; held, so that it is taken back once. */
const entryTexts: Readonly<Record<Correctable, string>> = {
	entry: 'select id as "entryId", type from entry where group_id = $1 and id = $2 for update',
	key: 'select id as "entryId", type from entry where group_id = $1 and key = $2::uuid for update',
	'drop-off': `select e.id as "entryId", e.type from drop_off d
		join entry e on e.group_id = d.group_id and e.id = d.entry_id
		where d.group_id = $1 and d.id = $2 for update of e`,
	sorting: `select e.id as "entryId", e.type from sorting s
		join entry e on e.group_id = s.group_id and e.id = s.entry_id
		where s.group_id = $1 and s.id = $2 for update of e`,
	movement: `select e.id as "entryId", e.type from movement_before_entry b
		join entry e on e.group_id = b.group_id and e.id = b.entry_id
		where b.group_id = $1 and b.id = $2 for update of e`
};

/** An entry that is to be taken back, found as it is named: drop-off 3 is not entry 3. */
export interface Corrected {
	readonly entryId: number;
	readonly type: string;
	readonly typedAt: Date;
}

/** The entry that a correction names, by what it says it is; null where there is none. */
export const findCorrected = (
	db: Db,
	of: Correctable,
	corrects: number | string
): Promise<Corrected | null> =>
	db.maybeOne<Corrected>(
		`select e.id as "entryId", e.type, e.typed_at as "typedAt" from entry e
		 where e.group_id = $1 and case $2
			when 'entry' then e.id::text = $3
			when 'key' then e.key::text = $3
			when 'drop-off' then e.id = (select d.entry_id from drop_off d
				where d.group_id = $1 and d.id::text = $3)
			when 'sorting' then e.id = (select s.entry_id from sorting s
				where s.group_id = $1 and s.id::text = $3)
			else e.id = (select b.entry_id from movement_before_entry b
				where b.group_id = $1 and b.id::text = $3) end`,
		[db.groupId, of, String(corrects)]
	);

/** Entries that took from the store what an entry put there, the newest first: they rest on it. */
const restingOn = (db: Db, entryId: number): Promise<RestingEntry[]> =>
	db.many<RestingEntry>(
		`select -m.amount as amount, l.colour, l.form, e.reason, e.typed_at as "typedAt"
		 from movement put
		 join movement m on m.group_id = put.group_id and m.line_id = put.line_id
			and m.holder = 'store' and m.amount < 0 and m.entry_id > put.entry_id
		 join standing_entry e on e.group_id = m.group_id and e.id = m.entry_id
		 join line l on l.group_id = m.group_id and l.id = m.line_id
		 where put.group_id = $1 and put.entry_id = $2 and put.holder = 'store' and put.amount > 0
			and e.reason <> 'correction'
		 order by m.entry_id desc limit 3`,
		[db.groupId, entryId]
	);

/** Piles of an entry that hung to dry and were sorted since. */
const driedSince = (db: Db, entryId: number) =>
	db.many<{ id: number }>(
		`select t.id from sorting s
		 join standing_sorting t on t.group_id = s.group_id and t.dried_from = s.id
		 where s.group_id = $1 and s.entry_id = $2`,
		[db.groupId, entryId]
	);

/** Things that an entry made and that later entries, which stand, did something with. */
const usedSince = (db: Db, entryId: number) =>
	db.many<{ code: string; sort: string }>(
		`select t.code, t.sort from thing t
		 where t.group_id = $1 and t.entry_id = $2 and exists (
			select 1 from (
				select e.entry_id from thing_event e where e.group_id = $1 and e.thing_id = t.id
				union all
				select m.entry_id from movement m where m.group_id = $1 and m.thing_id = t.id) later
			where later.entry_id <> t.entry_id
				and not exists (select 1 from taken_back b where b.group_id = $1 and b.by_entry_id = later.entry_id)
				and not exists (select 1 from taken_back b where b.group_id = $1 and b.entry_id = later.entry_id))
		 order by t.id limit 3`,
		[db.groupId, entryId]
	);

/** Moves back what an entry moved; the sentence where the store has not got it any more. */
async function movedBack(db: Db, entryId: number, byEntryId: number): Promise<SaveResult | null> {
	try {
		await db.attempt(() => moveBack(db, [entryId], byEntryId));
		return null;
	} catch (error) {
		if (!refusalOf(error)) throw error;
		return refuse('corrects', restsOnWords(await restingOn(db, entryId)));
	}
}

/**
 * Takes an entry back, once, with a reason: what it moved goes back, what it brought, sorted or
 * measured counts no more, and it stays in the lists. Where later entries rest on it, it says which.
 */
export const takeBack = (
	db: Db,
	{ of, corrects }: CorrectionEntry,
	{ entryId: byEntryId }: Booked
): Promise<SaveResult> =>
	db.transaction(async (db): Promise<SaveResult> => {
		const wrong = await db.maybeOne<{ entryId: number; type: string }>(entryTexts[of], [
			db.groupId,
			corrects
		]);
		if (!wrong) return refuse('corrects', say.thatIsNotInThe());
		if (wrong.type === 'correction') return refuse('corrects', say.thatIsAlreadyAnUndo());
		const taken = await db.execute(
			`insert into taken_back (group_id, entry_id, by_entry_id) values ($1, $2, $3)
			 on conflict (group_id, entry_id) do nothing`,
			[db.groupId, wrong.entryId, byEntryId]
		);
		if (taken === 0) return refuse('corrects', say.thatWasTakenBackAlready());
		if ((await driedSince(db, wrong.entryId)).length > 0)
			return refuse('corrects', say.bagsOfItThatDried());
		const [used] = await usedSince(db, wrong.entryId);
		if (used)
			return refuse('corrects', say.somethingWasDoneWithThe({ sort: used.sort, code: used.code }));
		const why = await movedBack(db, wrong.entryId, byEntryId);
		return why ?? { outcome: 'kept', id: byEntryId };
	});
