import type { Db } from '../db/db';
import type { Form, LedgerReason } from '$lib/core/store/forms';

/** Where what an entry moves comes from or goes to, beside the store and the mats. */
export type Elsewhere = 'outside' | 'difference';

/** What is counted again is set against the difference of the book; all else comes from outside or goes there. */
export const elsewhereOf = (reason: LedgerReason): Elsewhere =>
	reason === 'counted' ? 'difference' : 'outside';

/** So much of a line into the store (above nothing) or out of it (below), by an entry. */
export interface StoreMove {
	readonly entryId: number;
	readonly kindId: string;
	readonly colour: string;
	readonly form: Form;
	readonly amount: number;
	readonly elsewhere: Elsewhere;
}

const moveText = `with given as (
		select g.*, l.id as line_id
		from unnest($2::bigint[], $3::uuid[], $4::text[], $5::text[], $6::numeric[], $7::text[], $8::int[])
			with ordinality as g (entry_id, kind_id, colour, form, amount, elsewhere, part, nth)
		left join line l on l.group_id = $1 and l.kind_id = g.kind_id and l.colour = g.colour
			and l.form = g.form and l.cut_id is null
	), begun as (
		insert into line (group_id, kind_id, colour, form)
		select distinct $1::uuid, kind_id, colour, form from given where line_id is null order by 2, 3, 4
		on conflict do nothing returning id, kind_id, colour, form
	), placed as (
		select g.*, coalesce(g.line_id, b.id) as placed_id, film_mg(g.form, g.amount, k.mass_g) as film
		from given g
		join bag_kind k on k.group_id = $1 and k.id = g.kind_id
		left join begun b on b.kind_id = g.kind_id and b.colour = g.colour and b.form = g.form
	)
	insert into movement (group_id, entry_id, part, line_id, holder, amount, film_mg)
	select $1, p.entry_id, p.part + side.part, p.placed_id,
		case side.sign when 1 then 'store' else p.elsewhere end, p.amount * side.sign, p.film * side.sign
	from placed p cross join (values (1, 1), (2, -1)) as side (part, sign)
	where not exists (select 1 from placed where placed_id is null)
	order by p.nth, side.part`;

/** Where the two sides of each movement stand among those of its entry. */
function partsOf(moves: readonly StoreMove[]): number[] {
	const before = new Map<number, number>();
	return moves.map(({ entryId }) => {
		const part = before.get(entryId) ?? 0;
		before.set(entryId, part + 2);
		return part;
	});
}

/** Moves into the store and out of it, all in one statement: its film is set against elsewhere, and balances follow. */
export async function moveInStore(db: Db, moves: readonly StoreMove[]): Promise<void> {
	if (moves.length === 0) return;
	const values = [
		db.groupId,
		moves.map(({ entryId }) => entryId),
		moves.map(({ kindId }) => kindId),
		moves.map(({ colour }) => colour),
		moves.map(({ form }) => form),
		moves.map(({ amount }) => amount),
		moves.map(({ elsewhere }) => elsewhere),
		partsOf(moves)
	];
	// Another may have begun one of these lines at the same moment, unseen by the statement: it waited for it, and sees it when it asks anew.
	for (let attempt = 1; attempt <= 5; attempt++)
		if ((await db.execute(moveText, values)) === 2 * moves.length) return;
	throw new Error('movements found no line to be booked in');
}

/** Moves everything back that some entries moved, as one movement of each line, by another entry. */
export const moveBack = (db: Db, entryIds: readonly number[], byEntryId: number): Promise<number> =>
	db.execute(
		`insert into movement (group_id, entry_id, part, line_id, holder, thing_id, amount, film_mg)
		 select $1, $3, row_number() over (order by line_id, holder desc, thing_id), line_id, holder,
			thing_id, -sum(amount), -sum(film_mg)
		 from movement where group_id = $1 and entry_id = any($2::bigint[])
		 group by line_id, holder, thing_id having sum(amount) <> 0 or sum(film_mg) <> 0
		 order by line_id, holder desc, thing_id`,
		[db.groupId, entryIds, byEntryId]
	);
