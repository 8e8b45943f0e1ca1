import type { Db } from '$lib/server/db/db';
import type { DropOffRow, MovementRow } from '$lib/stages/gather/lists/read-row';

/** Rows with their places in the list, the ones that could not be read left out. */
const placed = <Row>(rows: readonly (Row | null)[]): { at: number; row: Row }[] =>
	rows.flatMap((row, at) => (row === null ? [] : [{ at, row }]));

const places = (found: readonly { at: number }[]): Set<number> =>
	new Set(found.map(({ at }) => at));

/** Which rows of a list of drop-offs are there already: of the same place, day and count. Two alike in the list need two alike there. */
export async function knownDropOffs(
	db: Db,
	rows: readonly (DropOffRow | null)[]
): Promise<Set<number>> {
	const given = placed(rows);
	if (given.length === 0) return new Set();
	return places(
		await db.many<{ at: number }>(
			`with given as (
				select at, place, came_on, bags,
					row_number() over (partition by place, came_on, bags order by at) as nth
				from (select at, lower(btrim(place)) as place, came_on, bags
					from unnest($2::int[], $3::text[], $4::date[], $5::float8[])
						as g (at, place, came_on, bags)) g
			), there as (
				select lower(btrim(p.name)) as place, d.came_on, d.bags, count(*) as alike
				from standing_drop_off d join place_known p on p.group_id = d.group_id and p.id = d.place_id
				where d.group_id = $1
					and d.came_on between (select min(came_on) from given) and (select max(came_on) from given)
				group by 1, 2, 3
			)
			select g.at from given g join there t using (place, came_on, bags) where g.nth <= t.alike`,
			[
				db.groupId,
				given.map(({ at }) => at),
				given.map(({ row }) => row.place),
				given.map(({ row }) => row.cameOn),
				given.map(({ row }) => row.bags)
			]
		)
	);
}

/** Which rows of a list of movements are there already: of the same line, amount and moment. A row without a moment is never known. */
export async function knownMovements(
	db: Db,
	rows: readonly (MovementRow | null)[]
): Promise<Set<number>> {
	const given = placed(rows).filter(({ row }) => row.movedAt !== null);
	if (given.length === 0) return new Set();
	return places(
		await db.many<{ at: number }>(
			`with given as (
				select g.*, row_number() over (
					partition by kind_id, colour, form, amount, moved_at order by at) as nth
				from unnest($2::int[], $3::uuid[], $4::text[], $5::text[], $6::numeric[], $7::timestamptz[])
					as g (at, kind_id, colour, form, amount, moved_at)
			), there as (
				select l.kind_id, l.colour, l.form, m.amount, e.typed_at as moved_at, count(*) as alike
				from standing_entry e
				join movement m on m.group_id = e.group_id and m.entry_id = e.id and m.holder = 'store'
				join line l on l.group_id = m.group_id and l.id = m.line_id
				where e.group_id = $1 and e.reason <> 'correction'
					and e.typed_at in (select moved_at from given)
				group by 1, 2, 3, 4, 5
			)
			select g.at from given g join there t using (kind_id, colour, form, amount, moved_at)
			where g.nth <= t.alike`,
			[
				db.groupId,
				given.map(({ at }) => at),
				given.map(({ row }) => row.kindId),
				given.map(({ row }) => row.colour),
				given.map(({ row }) => row.form),
				given.map(({ row }) => row.amount),
				given.map(({ row }) => row.movedAt)
			]
		)
	);
}
