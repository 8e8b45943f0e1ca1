import type { DropOffRow, MovementRow } from '$lib/stages/gather/lists/read-row';
import type { PoolClient } from 'pg';
import type { GroupId } from '$lib/server/base/group-id';
import { partKey } from '$lib/server/db/part-key';
import { execute, many } from '$lib/server/db/verbs';

type Line = { kindId: string; colour: string; form: string; amount: number };

/** What there is of each line of the store; with a client, held until its transaction ends. */
export const holdBalances = (groupId: GroupId, client?: PoolClient): Promise<Line[]> =>
	client
		? many<Line>(
				`select kind_id as "kindId", colour, form, amount from balance where group_id = $1
				 order by group_id, kind_id, colour, form for update`,
				[groupId],
				client
			)
		: many<Line>(
				'select kind_id as "kindId", colour, form, amount from balance where group_id = $1',
				[groupId]
			);

/** One column of many rows. */
const column = <Row, Value>(rows: readonly Row[], value: (row: Row) => Value): Value[] =>
	rows.map(value);
const keys = (id: string, from: number, rows: readonly unknown[]): string[] =>
	rows.map((_, at) => partKey(id, from + at + 1));

/** Appends rows of a list to the drop-offs, making the places that are new. */
export async function appendDropOffs(
	client: PoolClient,
	groupId: GroupId,
	id: string,
	from: number,
	rows: readonly DropOffRow[]
): Promise<void> {
	const places = column(rows, ({ place }) => place);
	await execute(
		`insert into place (group_id, name)
		 select distinct on (lower(btrim(name))) $1::uuid, name from unnest($2::text[]) as name
		 on conflict (group_id, lower(btrim(name))) do nothing`,
		[groupId, places],
		client
	);
	await execute(
		`insert into drop_off (group_id, key, place_id, came_on, brought_by, sacks, method, bags,
			bags_low, bags_high, note, list_import_id)
		 select $1, r.key, p.id, r.came_on, r.brought_by, r.sacks, 'hand', r.bags, r.low, r.high, r.note,
			$11::uuid
		 from unnest($2::uuid[], $3::text[], $4::date[], $5::text[], $6::int[], $7::float8[],
			$8::float8[], $9::float8[], $10::text[]) with ordinality
			as r (key, place, came_on, brought_by, sacks, bags, low, high, note, at)
		 join place p on p.group_id = $1 and lower(btrim(p.name)) = lower(btrim(r.place))
		 order by r.at on conflict (group_id, key) do nothing`,
		[
			groupId,
			keys(id, from, rows),
			places,
			column(rows, ({ cameOn }) => cameOn),
			column(rows, ({ broughtBy }) => broughtBy),
			column(rows, ({ sacks }) => sacks),
			column(rows, ({ bags }) => bags),
			column(rows, ({ bagsLow }) => bagsLow),
			column(rows, ({ bagsHigh }) => bagsHigh),
			column(rows, ({ note }) => note),
			id
		],
		client
	);
}

/** Appends rows of a list to the ledger, in their order. */
export async function appendMovements(
	client: PoolClient,
	groupId: GroupId,
	id: string,
	from: number,
	rows: readonly MovementRow[]
): Promise<void> {
	await execute(
		`insert into movement (group_id, key, kind_id, colour, form, amount, reason, note, by_name, moved_at,
			list_import_id)
		 select $1, key, kind_id, colour, form, amount, reason, note, by_name, coalesce(moved_at, now()),
			$11::uuid
		 from unnest($2::uuid[], $3::uuid[], $4::text[], $5::text[], $6::numeric[], $7::text[],
			$8::text[], $9::text[], $10::timestamptz[]) with ordinality
			as r (key, kind_id, colour, form, amount, reason, note, by_name, moved_at, at)
		 order by at on conflict (group_id, key) do nothing`,
		[
			groupId,
			keys(id, from, rows),
			column(rows, ({ kindId }) => kindId),
			column(rows, ({ colour }) => colour),
			column(rows, ({ form }) => form),
			column(rows, ({ amount }) => amount),
			column(rows, ({ reason }) => reason),
			column(rows, ({ note }) => note),
			column(rows, ({ byName }) => byName),
			column(rows, ({ movedAt }) => movedAt),
			id
		],
		client
	);
}
