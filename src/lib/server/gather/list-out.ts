import type { ListName } from '$lib/stages/gather/lists/columns';
import type { PoolClient } from 'pg';
import type { GroupId } from '$lib/server/base/group-id';
import { many } from '$lib/server/db/verbs';

/** One row of a list that is taken out: its place in the order, and its cells in the order of the heads. */
export interface OutRow {
	readonly id: number;
	readonly cells: readonly (string | number | null)[];
}

const texts: Readonly<Record<ListName, string>> = {
	'drop-offs': `select d.id, json_build_array(to_char(d.came_on, 'YYYY-MM-DD'), p.name,
			round(d.bags), round(d.bags_low), round(d.bags_high), d.sacks, d.brought_by, d.note) as cells
		from standing_drop_off d join place p on p.group_id = d.group_id and p.id = d.place_id
		where d.group_id = $1 and d.id > $2 order by d.id limit $3`,
	movements: `select m.id, json_build_array(
			to_char(m.moved_at at time zone 'UTC', 'YYYY-MM-DD"T"HH24:MI:SS"Z"'), k.name, m.colour,
			m.form, trim_scale(m.amount), m.reason, m.by_name, m.note) as cells
		from movement m join bag_kind k on k.group_id = m.group_id and k.id = m.kind_id
		where m.group_id = $1 and m.id > $2 order by m.id limit $3`
};

/** The next rows of a list after one, the oldest first; fewer than the limit at its end. */
export const rowsAfter = (
	groupId: GroupId,
	list: ListName,
	after: number,
	limit: number,
	client?: PoolClient
): Promise<OutRow[]> => many<OutRow>(texts[list], [groupId, after, limit], client);
