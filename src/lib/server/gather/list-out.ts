import type { Db } from '$lib/server/db/db';
import type { ListName } from '$lib/stages/gather/lists/columns';
import { isAfterPlace, movementPlace } from '$lib/server/book/movement-place';

/** One row of a list that is taken out: its place in the order, and its cells in the order of the heads. */
export interface OutRow {
	readonly id: number;
	readonly cells: readonly (string | number | null)[];
}

const texts: Readonly<Record<ListName, string>> = {
	'drop-offs': `select d.id, json_build_array(to_char(d.came_on, 'YYYY-MM-DD'), p.name,
			round(d.bags), round(d.bags_low), round(d.bags_high), d.sacks, b.name, e.note) as cells
		from standing_drop_off d join place_known p on p.group_id = d.group_id and p.id = d.place_id
		join entry e on e.group_id = d.group_id and e.id = d.entry_id
		left join person b on b.group_id = d.group_id and b.id = d.brought_by_id
		where d.group_id = $1 and d.id > $2 order by d.id limit $3`,
	movements: `select ${movementPlace} as id, json_build_array(
			to_char(e.typed_at at time zone 'UTC', 'YYYY-MM-DD"T"HH24:MI:SS"Z"'), k.name, l.colour,
			l.form, trim_scale(m.amount), e.reason, b.name, e.note) as cells
		from movement m
		join entry e on e.group_id = m.group_id and e.id = m.entry_id
		join line l on l.group_id = m.group_id and l.id = m.line_id
		join bag_kind k on k.group_id = l.group_id and k.id = l.kind_id
		left join person b on b.group_id = e.group_id and b.id = e.person_id
		where m.group_id = $1 and m.holder = 'store' and ${isAfterPlace}
		order by m.entry_id, m.part limit $3`
};

/** The next rows of a list after one, the oldest first; fewer than the limit at its end. */
export const rowsAfter = (
	db: Db,
	list: ListName,
	after: number,
	limit: number
): Promise<OutRow[]> => db.many<OutRow>(texts[list], [db.groupId, after, limit]);
