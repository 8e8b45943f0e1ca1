import type { PlaceSoFar } from '$lib/core/gather/odd-count';
import type { PlaceWords } from '$lib/stages/hand-over/hand-over-view';
import type { PoolClient } from 'pg';
import type { GroupId } from '$lib/server/base/group-id';
import type { SaveResult } from '$lib/server/db/save-result';
import { refuse } from '$lib/server/db/save-result';
import { execute, many, one, writing } from '$lib/server/db/verbs';

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

/** A place that receives mats. */
export interface ReceivingPlace {
	readonly id: string;
	readonly name: string;
	readonly givesBags: boolean;
}

/** The places that receive mats. */
export const listReceivingPlaces = (groupId: GroupId): Promise<ReceivingPlace[]> =>
	many<ReceivingPlace>(
		`select id, name, gives_bags as "givesBags" from place
		 where group_id = $1 and receives_mats order by lower(btrim(name))`,
		[groupId]
	);

/** How the places that receive mats do so. */
export const listPlaceWords = (groupId: GroupId): Promise<PlaceWords[]> =>
	many<PlaceWords>(
		`select id, version, name, hours, stairs, own_rules as "ownRules" from place
		 where group_id = $1 and receives_mats order by lower(btrim(name))`,
		[groupId]
	);

/** Keeps how a place receives mats, where nobody changed it meanwhile. */
export async function keepPlaceWords(
	groupId: GroupId,
	{ id, version, hours, stairs, ownRules }: Omit<PlaceWords, 'name'>
): Promise<SaveResult> {
	const kept = await execute(
		`update place set hours = $4, stairs = $5, own_rules = $6, version = version + 1
		 where group_id = $1 and id = $2 and version = $3 and receives_mats`,
		[groupId, id, version, hours, stairs, ownRules]
	);
	return kept === 1
		? { outcome: 'kept', id }
		: refuse(
				'hours',
				'Somebody changed this place meanwhile: what they set stands on the page. Say yours again.'
			);
}

/** Says that a place receives mats; a new one where there is none of that name. */
export const addReceivingPlace = (groupId: GroupId, name: string): Promise<{ id: string }> =>
	one<{ id: string }>(
		`insert into place (group_id, name, gives_bags, receives_mats) values ($1, $2, false, true)
		 on conflict (group_id, lower(btrim(name))) do update set receives_mats = true, receiving_ended_at = null,
			version = place.version + case when place.receives_mats then 0 else 1 end
		 returning id`,
		[groupId, name],
		writing()
	);

/** Says that a place receives no mats any more; it can be brought back. */
export const endReceiving = async (groupId: GroupId, id: string): Promise<boolean> =>
	(await execute(
		`update place set receives_mats = false, receiving_ended_at = now(), version = version + 1
		 where group_id = $1 and id = $2 and receives_mats`,
		[groupId, id]
	)) === 1;

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
