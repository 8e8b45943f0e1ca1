import type { Db } from '$lib/server/db/db';
import type { LedgerReason } from '$lib/core/store/forms';
import type { DropOffRow, MovementRow } from '$lib/stages/gather/lists/read-row';
import type { PoolClient } from 'pg';
import { ensurePersons } from '$lib/server/book/persons';
import { elsewhereOf, moveInStore } from '$lib/server/book/movements';
import { partKey } from '$lib/server/db/part-key';

type Line = { kindId: string; colour: string; form: string; amount: number };

const balanceText = `select l.kind_id as "kindId", l.colour, l.form, b.amount
	from balance b join line l on l.group_id = b.group_id and l.id = b.line_id
	where b.group_id = $1 and b.holder = 'store'`;

/** What there is of each line of the store; with a client, held until its transaction ends. */
export const holdBalances = (db: Db, client?: PoolClient): Promise<Line[]> =>
	client
		? db.many<Line>(`${balanceText} order by b.line_id for update of b`, [db.groupId])
		: db.many<Line>(balanceText, [db.groupId]);

/** One column of many rows. */
const column = <Row, Value>(rows: readonly Row[], value: (row: Row) => Value): Value[] =>
	rows.map(value);
const keys = (id: string, from: number, rows: readonly unknown[]): string[] =>
	rows.map((_, at) => partKey(id, from + at + 1));

/** An entry of the book for each row of a list, in their order: their ids. */
async function enterRows(
	db: Db,
	id: string,
	from: number,
	rows: readonly {
		readonly type: 'drop-off' | 'movement';
		readonly byName: string | null;
		readonly reason: LedgerReason | null;
		readonly note: string | null;
		readonly at: Date | string | null;
	}[]
): Promise<number[]> {
	const names = column(rows, ({ byName }) => byName);
	await ensurePersons(db, names);
	const entered = await db.many<{ id: number }>(
		`insert into entry (group_id, key, digest, type, typed_at, person_id, reason, note, list_import_id)
		 select $1, r.key, '', r.type, coalesce(r.at, now()), p.id, r.reason, r.note, $8::uuid
		 from unnest($2::uuid[], $3::text[], $4::timestamptz[], $5::text[], $6::text[], $7::text[])
			with ordinality as r (key, type, at, name, reason, note, nth)
		 left join person p on p.group_id = $1 and lower(btrim(p.name)) = lower(btrim(r.name))
		 order by r.nth returning id`,
		[
			db.groupId,
			keys(id, from, rows),
			column(rows, ({ type }) => type),
			column(rows, ({ at }) => at),
			names,
			column(rows, ({ reason }) => reason),
			column(rows, ({ note }) => note),
			id
		]
	);
	return entered.map(({ id: entryId }) => entryId);
}

/** Appends rows of a list to the drop-offs, making the places that are new. */
export async function appendDropOffs(
	db: Db,
	id: string,
	from: number,
	rows: readonly DropOffRow[]
): Promise<void> {
	const places = column(rows, ({ place }) => place);
	await db.execute(
		`insert into place (group_id, name)
		 select distinct on (lower(btrim(name))) $1::uuid, name from unnest($2::text[]) as name
		 on conflict (group_id, lower(btrim(name))) do update set gives_bags = true,
			version = place.version + 1 where not place.gives_bags`,
		[db.groupId, places]
	);
	const brought = column(rows, ({ broughtBy }) => broughtBy);
	await ensurePersons(db, brought);
	const entryIds = await enterRows(
		db,
		id,
		from,
		rows.map(({ note }) => ({
			type: 'drop-off',
			byName: null,
			reason: null,
			note,
			at: null
		}))
	);
	await db.execute(
		`insert into drop_off (group_id, entry_id, place_id, came_on, brought_by_id, sacks, method, bags,
			bags_low, bags_high)
		 select $1, r.entry_id, coalesce(p.same_as, p.id), r.came_on, b.id, r.sacks, 'hand', r.bags, r.low, r.high
		 from unnest($2::bigint[], $3::text[], $4::date[], $5::int[], $6::float8[], $7::float8[],
			$8::float8[], $9::text[])
			with ordinality as r (entry_id, place, came_on, sacks, bags, low, high, brought_by, at)
		 join place p on p.group_id = $1 and lower(btrim(p.name)) = lower(btrim(r.place))
		 left join person b on b.group_id = $1 and lower(btrim(b.name)) = lower(btrim(r.brought_by))
		 order by r.at`,
		[
			db.groupId,
			entryIds,
			places,
			column(rows, ({ cameOn }) => cameOn),
			column(rows, ({ sacks }) => sacks),
			column(rows, ({ bags }) => bags),
			column(rows, ({ bagsLow }) => bagsLow),
			column(rows, ({ bagsHigh }) => bagsHigh),
			brought
		]
	);
}

/** Appends rows of a list to the book, in their order. */
export async function appendMovements(
	db: Db,
	id: string,
	from: number,
	rows: readonly MovementRow[]
): Promise<void> {
	const entryIds = await enterRows(
		db,
		id,
		from,
		rows.map(({ byName, reason, note, movedAt }) => ({
			type: 'movement',
			byName,
			reason,
			note,
			at: movedAt
		}))
	);
	await moveInStore(
		db,
		rows.map(({ kindId, colour, form, amount, reason }, at) => ({
			entryId: entryIds[at] as number,
			kindId,
			colour,
			form,
			amount,
			elsewhere: elsewhereOf(reason)
		}))
	);
}
