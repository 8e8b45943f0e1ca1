import { ledger as say } from '$lib/words/gather';
import type { Db } from '$lib/server/db/db';
import type { MovementLine } from '$lib/stages/gather/lines';
import { oddMovement } from '$lib/core/gather/odd-count';
import type { MovementEntry } from '$lib/entries/types/movement';
import { oddCountWords } from '$lib/stages/gather/odd-count-words';
import type { StoreLine } from '$lib/stages/gather/store-view';
import type { Booked } from '$lib/server/book/entries';
import { elsewhereOf, moveInStore } from '$lib/server/book/movements';
import type { SaveResult } from '$lib/server/db/save-result';
import { refuse } from '$lib/server/db/save-result';

/** What the store holds, a line for each kind, colour and form that there is any of. */
export const listBalances = (db: Db): Promise<StoreLine[]> =>
	db.many<StoreLine>(
		`select l.kind_id as "kindId", k.name as kind, l.colour, l.form, sum(b.amount) as amount,
			max(b.moved_at) as "movedAt"
		 from balance b
		 join line l on l.group_id = b.group_id and l.id = b.line_id
		 join bag_kind k on k.group_id = l.group_id and k.id = l.kind_id
		 where b.group_id = $1 and b.holder = 'store' and b.amount > 0
		 group by l.kind_id, k.name, l.colour, l.form
		 order by k.name, l.colour, l.form`,
		[db.groupId]
	);

/** Movements shown of one line at a time. */
export const movementsPerPage = 25;

/** The newest movements of one line of the store, or the ones before an entry; one more than a page, to show that there are more. */
export const listMovements = (
	db: Db,
	line: { readonly kindId: string; readonly colour: string; readonly form: string },
	before = Number.MAX_SAFE_INTEGER
): Promise<MovementLine[]> =>
	db.many<MovementLine>(
		`select e.id, m.amount, e.reason, e.note, p.name as "byName", e.typed_at as "movedAt",
			e.type = 'movement' as "isMovement",
			t.by_entry_id as "takenBackBy"
		 from line l
		 join movement m on m.group_id = l.group_id and m.line_id = l.id
		 join entry e on e.group_id = m.group_id and e.id = m.entry_id
		 left join person p on p.group_id = e.group_id and p.id = e.person_id
		 left join taken_back t on t.group_id = e.group_id and t.entry_id = e.id
		 where l.group_id = $1 and l.kind_id = $2 and l.colour = $3 and l.form = $4
			and m.holder = 'store' and m.entry_id < $5
		 order by m.entry_id desc limit $6`,
		[db.groupId, line.kindId, line.colour, line.form, before, movementsPerPage + 1]
	);

/** The sentence for what the database refused; null where it refused nothing we know. */
export function refusalOf(error: unknown): SaveResult | null {
	const { code, constraint } = error as { code?: string; constraint?: string };
	if (code === '23514' && /balance/.test(constraint ?? ''))
		return refuse('amount', say.thereIsNotThatMuch());
	if (code === '23503') return refuse('kind', say.thatKindOfBagIs());
	return null;
}

/** Saved, or refused with the sentence for what the database would not have. */
export async function orRefusal(work: Promise<SaveResult>): Promise<SaveResult> {
	try {
		return await work;
	} catch (error) {
		const refusal = refusalOf(error);
		if (refusal) return refusal;
		throw error;
	}
}

/** Books a movement of the store, whole or not at all. */
export const keepMovement = (
	db: Db,
	{ kindId, colour, form, amount, reason, isSure }: MovementEntry,
	{ entryId }: Booked
): Promise<SaveResult> =>
	orRefusal(
		db.transaction(async (db): Promise<SaveResult> => {
			const odd = oddMovement(amount, form === 'scrap');
			if (odd && !isSure) return refuse('sure', oddCountWords(odd));
			const elsewhere = elsewhereOf(reason);
			await moveInStore(db, [{ entryId, kindId, colour, form, amount, elsewhere }]);
			return { outcome: 'kept', id: entryId };
		})
	);
