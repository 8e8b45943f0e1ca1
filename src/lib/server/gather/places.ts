import type { PlaceSoFar } from '$lib/core/gather/odd-count';
import type { PoolClient } from 'pg';
import type { GroupId } from '$lib/server/base/group-id';
import { many, one } from '$lib/server/db/verbs';

export interface PlaceLine {
	readonly id: string;
	readonly name: string;
	readonly bags: number;
	readonly dropOffs: number;
	readonly sorted: number;
	readonly rejected: number;
	readonly lastCame: string | null;
}

export const listPlaces = (groupId: GroupId): Promise<PlaceLine[]> =>
	many<PlaceLine>(
		`select p.id, p.name, t.bags, t.drop_offs as "dropOffs", t.sorted, t.rejected,
			to_char(t.last_came, 'YYYY-MM-DD') as "lastCame"
		 from place p join place_tally t on t.group_id = p.group_id and t.place_id = p.id
		 where p.group_id = $1 and p.gives_bags order by p.name`,
		[groupId]
	);

/** The place of that name that gives bags, a new one where there is none yet. */
export const placeOf = (
	client: PoolClient,
	groupId: GroupId,
	name: string
): Promise<{ id: string }> =>
	one<{ id: string }>(
		`insert into place (group_id, name) values ($1, $2)
		 on conflict (group_id, lower(btrim(name))) do update set gives_bags = true returning id`,
		[groupId, name],
		client
	);

/** What each place has brought so far, by its name as `placeName` writes it. */
export const tallyOfNames = async (groupId: GroupId): Promise<Map<string, PlaceSoFar>> =>
	new Map((await listPlaces(groupId)).map((place) => [placeName(place.name), place]));

/** A place's name as the database tells places apart. */
export const placeName = (name: string): string => name.trim().toLowerCase();

/** What a place has brought and had sorted so far. */
export const tallyOfPlace = (
	client: PoolClient,
	groupId: GroupId,
	placeId: string
): Promise<PlaceSoFar> =>
	one<PlaceSoFar & Record<string, number>>(
		`select bags, drop_offs as "dropOffs", sorted from place_tally
		 where group_id = $1 and place_id = $2`,
		[groupId, placeId],
		client
	);
