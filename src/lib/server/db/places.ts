import type { PoolClient } from 'pg';
import type { GroupId } from '../group';
import { many, one } from './verbs';

export interface PlaceLine {
	readonly id: string;
	readonly name: string;
	readonly bags: number;
	readonly sorted: number;
	readonly rejected: number;
	readonly lastCame: string | null;
}

export const listPlaces = (groupId: GroupId): Promise<PlaceLine[]> =>
	many<PlaceLine>(
		`select p.id, p.name, coalesce(d.bags, 0) as bags, coalesce(s.sorted, 0) as sorted,
			coalesce(s.rejected, 0) as rejected, to_char(d.last_came, 'YYYY-MM-DD') as "lastCame"
		 from place p
		 left join (select place_id, sum(bags) as bags, max(came_on) as last_came
			from standing_drop_off where group_id = $1 group by place_id) d on d.place_id = p.id
		 left join (select place_id, sum(strand + stuffing + rejected) as sorted,
			sum(stuffing + rejected) as rejected
			from standing_sorting where group_id = $1 group by place_id) s on s.place_id = p.id
		 where p.group_id = $1 order by p.name`,
		[groupId]
	);

/** The place of that name, a new one where there is none yet. */
export const placeOf = (
	client: PoolClient,
	groupId: GroupId,
	name: string
): Promise<{ id: string }> =>
	one<{ id: string }>(
		`insert into place (group_id, name) values ($1, $2)
		 on conflict (group_id, lower(btrim(name))) do update set name = place.name returning id`,
		[groupId, name],
		client
	);
