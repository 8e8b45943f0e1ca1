import { sameKind as say } from '$lib/words/prepare';
import type { Db } from '$lib/server/db/db';
import type { SameKindEntry } from '$lib/entries/types/same-kind';
import type { ColourName } from '$lib/core/colour/colours';
import type { CutSnapshot } from '$lib/core/prepare/cut-pile';
import type { LineForm } from '$lib/core/store/forms';
import type { Booked } from '$lib/server/book/entries';
import { bookMoves, holdPiles, type BookedMove } from '$lib/server/book/piles';
import type { SaveResult } from '$lib/server/db/save-result';
import { refuse } from '$lib/server/db/save-result';
import { cutJson } from './piles';
import { orRefusal } from '$lib/server/gather/ledger';

/** A kind that is another by now, and the entry that says so. */
export interface SameKind {
	readonly id: number;
	readonly name: string;
	readonly asName: string;
}

/** The kinds that were made one with others, and are still. */
export const listSameKinds = (db: Db): Promise<SameKind[]> =>
	db.many<SameKind>(
		`select k.same_by_entry as id, k.name, a.name as "asName" from bag_kind k
		 join bag_kind a on a.group_id = k.group_id and a.id = k.same_as
		 where k.group_id = $1 and k.same_as is not null
			and not exists (select 1 from taken_back b where b.group_id = $1 and b.entry_id = k.same_by_entry)
		 order by lower(k.name)`,
		[db.groupId]
	);

interface Lying {
	readonly colour: ColourName;
	readonly form: LineForm;
	readonly cut: CutSnapshot | null;
}

/** What lies in the store of a kind. */
const lyingOf = (db: Db, kindId: string): Promise<Lying[]> =>
	db.many<Lying>(
		`select l.colour, l.form, ${cutJson} as cut from balance b
		 join line l on l.group_id = b.group_id and l.id = b.line_id
		 left join cut c on c.group_id = l.group_id and c.id = l.cut_id
		 where b.group_id = $1 and b.holder = 'store' and l.kind_id = $2 and (b.amount > 0 or b.film_mg > 0)`,
		[db.groupId, kindId]
	);

/** Makes two kinds one: all that lies there of the one is of the other, its film as it is. Taken back, they are two again. */
export const keepSameKind = (
	db: Db,
	{ kindId, asId }: SameKindEntry,
	{ entryId }: Booked
): Promise<SaveResult> =>
	orRefusal(
		db.transaction(async (db): Promise<SaveResult> => {
			const lying = await lyingOf(db, kindId);
			if (lying.some(({ form }) => form === 'ball' || form === 'chain'))
				return refuse('kind', say.ballsOfThisKindAre());
			const own = lying.map((one) => ({ ...one, kindId }));
			const goals = lying.map((one) => ({ ...one, kindId: asId }));
			const held = await holdPiles(db, [...own, ...goals]);
			const moves = own.flatMap((one, at): BookedMove[] => {
				const pile = held[at];
				if (!pile || (pile.amount === 0 && pile.filmMg === 0)) return [];
				const { amount, filmMg } = pile;
				const moved = { ...one, at: 'store' as const, matId: null };
				return [
					{ ...moved, amount: -amount, filmMg: -filmMg },
					{ ...moved, kindId: asId, amount, filmMg }
				];
			});
			await bookMoves(db, entryId, moves, held);
			const made = await db.execute(
				`update bag_kind k set same_as = $3, same_by_entry = $4
				 where k.group_id = $1 and k.id = $2
					and exists (select 1 from standing_kind s where s.group_id = $1 and s.id = $2)
					and exists (select 1 from standing_kind s where s.group_id = $1 and s.id = $3)`,
				[db.groupId, kindId, asId, entryId]
			);
			return made === 1 ? { outcome: 'kept', id: entryId } : refuse('kind', say.thatKindOfBagIs());
		})
	);
