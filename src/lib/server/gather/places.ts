import { places as say } from '$lib/words/gather';
import type { AcceptingPlace } from '$lib/core/check/judge-mat';
import type { Db } from '$lib/server/db/db';
import { similarName } from '$lib/core/gather/similar-name';
import type { PlaceSoFar } from '$lib/core/gather/odd-count';
import type { ReceivingWords } from '$lib/stages/hand-over/hand-over-view';
import type { SaveResult } from '$lib/server/db/save-result';
import { refuse } from '$lib/server/db/save-result';

export interface PlaceLine {
	readonly id: string;
	readonly name: string;
	readonly bags: number;
	readonly dropOffs: number;
	readonly sorted: number;
	readonly rejected: number;
	readonly lastCame: string | null;
	/** Places that are the same, under other names. */
	readonly also: readonly { readonly id: string; readonly name: string }[];
}

export const listPlaces = (db: Db): Promise<PlaceLine[]> =>
	db.many<PlaceLine>(
		`select p.id, p.name, sum(t.bags)::double precision as bags, sum(t.drop_offs)::integer as "dropOffs",
			sum(t.sorted)::double precision as sorted, sum(t.rejected)::double precision as rejected,
			to_char(max(t.last_came), 'YYYY-MM-DD') as "lastCame",
			coalesce(json_agg(json_build_object('id', o.id, 'name', o.name) order by o.name)
				filter (where o.id <> p.id), '[]') as also
		 from place p
		 join place o on o.group_id = p.group_id and (o.id = p.id or o.same_as = p.id)
		 join place_tally t on t.group_id = o.group_id and t.place_id = o.id
		 where p.group_id = $1 and p.same_as is null
		 group by p.group_id, p.id having bool_or(o.gives_bags) order by p.name`,
		[db.groupId]
	);

/** A place that receives mats. */
export interface ReceivingPlace {
	readonly id: string;
	readonly name: string;
	readonly givesBags: boolean;
}

/** What a place accepts, as its columns have it. */
const acceptsText = `jsonb_strip_nulls(jsonb_build_object('leastLengthMm', least_length_mm, 'leastWidthMm', least_width_mm,
	'mostLengthMm', most_length_mm, 'mostWidthMm', most_width_mm)) as accepts`;

/** The places that receive mats, with what they accept. */
export const listAccepting = (db: Db): Promise<AcceptingPlace[]> =>
	db.many<AcceptingPlace>(
		`select name, ${acceptsText} from place
		 where group_id = $1 and receives_mats and same_as is null order by lower(btrim(name)) limit 200`,
		[db.groupId]
	);

/** The places that receive mats. */
export const listReceivingPlaces = (db: Db): Promise<ReceivingPlace[]> =>
	db.many<ReceivingPlace>(
		`select id, name, gives_bags as "givesBags" from place
		 where group_id = $1 and receives_mats and same_as is null order by lower(btrim(name))`,
		[db.groupId]
	);

/** How the places that receive mats do so. */
export const listPlaceWords = (db: Db): Promise<ReceivingWords[]> =>
	db.many<ReceivingWords>(
		`select id, version, name, hours, stairs, own_rules as "ownRules", ${acceptsText} from place
		 where group_id = $1 and receives_mats and same_as is null order by lower(btrim(name))`,
		[db.groupId]
	);

/** Keeps how a place receives mats, where nobody changed it meanwhile. */
export async function keepPlaceWords(
	db: Db,
	{ id, version, hours, stairs, ownRules, accepts }: Omit<ReceivingWords, 'name'>
): Promise<SaveResult> {
	const kept = await db.execute(
		`update place set hours = $4, stairs = $5, own_rules = $6, least_length_mm = $7, least_width_mm = $8,
			most_length_mm = $9, most_width_mm = $10, version = version + 1
		 where group_id = $1 and id = $2 and version = $3 and receives_mats`,
		[
			db.groupId,
			id,
			version,
			hours,
			stairs,
			ownRules,
			accepts.leastLengthMm ?? null,
			accepts.leastWidthMm ?? null,
			accepts.mostLengthMm ?? null,
			accepts.mostWidthMm ?? null
		]
	);
	return kept === 1
		? { outcome: 'kept', id }
		: refuse('hours', say.somebodyChangedThisPlaceMeanwhile());
}

/** Says that a place receives mats; a new one where there is none of that name. */
export const addReceivingPlace = (db: Db, name: string): Promise<{ id: string }> =>
	db.writer.one<{ id: string }>(
		`insert into place (group_id, name, gives_bags, receives_mats) values ($1, $2, false, true)
		 on conflict (group_id, lower(btrim(name))) do update set receives_mats = true, receiving_ended_at = null,
			version = place.version + case when place.receives_mats then 0 else 1 end
		 returning id`,
		[db.groupId, name]
	);

/** Says that a place receives no mats any more; it can be brought back. */
export const endReceiving = async (db: Db, id: string): Promise<boolean> =>
	(await db.execute(
		`update place set receives_mats = false, receiving_ended_at = now(), version = version + 1
		 where group_id = $1 and id = $2 and receives_mats`,
		[db.groupId, id]
	)) === 1;

/** The place of that name that gives bags, a new one where there is none yet. */
export const placeOf = (db: Db, name: string): Promise<{ id: string }> =>
	db.one<{ id: string }>(
		`insert into place (group_id, name) values ($1, $2)
		 on conflict (group_id, lower(btrim(name))) do update set gives_bags = true returning coalesce(same_as, id) as id`,
		[db.groupId, name]
	);

/** A known place that a new name may be meant for; null where it is known, or unlike all. */
export async function similarPlace(db: Db, name: string): Promise<string | null> {
	const known = await db.many<{ name: string }>('select name from place where group_id = $1', [
		db.groupId
	]);
	return similarName(
		name,
		known.map((one) => one.name)
	);
}

/** What is asked where a new place is named nearly as one that is known. */
export const similarWords = (known: string): string => say.thereIsAPlaceIs({ known });

/** Makes two places one: the name of the first stands for the second from then on. */
export const makeOnePlace = (db: Db, id: string, asId: string): Promise<boolean> =>
	db.transaction(async (db) => {
		const made = await db.execute(
			`update place p set same_as = $3, version = p.version + 1
			 where p.group_id = $1 and (p.id = $2 or p.same_as = $2) and $2 <> $3::uuid
				and exists (select 1 from place o where o.group_id = $1 and o.id = $2 and o.same_as is null)
				and exists (select 1 from place o where o.group_id = $1 and o.id = $3 and o.same_as is null)`,
			[db.groupId, id, asId]
		);
		if (made === 0) return false;
		await db.execute(
			`update place p set version = p.version + 1,
				gives_bags = p.gives_bags or (select bool_or(o.gives_bags) from place o
					where o.group_id = $1 and o.same_as = $2),
				receives_mats = p.receives_mats or (select bool_or(o.receives_mats) from place o
					where o.group_id = $1 and o.same_as = $2)
			 where p.group_id = $1 and p.id = $2`,
			[db.groupId, asId]
		);
		return true;
	});

/** Makes a place one of its own again. */
export const makeOwnPlace = async (db: Db, id: string): Promise<boolean> =>
	(await db.execute(
		`update place set same_as = null, version = version + 1
		 where group_id = $1 and id = $2 and same_as is not null`,
		[db.groupId, id]
	)) === 1;

/** What each place has brought so far, by its name as `placeName` writes it. */
export const tallyOfNames = async (db: Db): Promise<Map<string, PlaceSoFar>> =>
	new Map((await listPlaces(db)).map((place) => [placeName(place.name), place]));

/** A place's name as the database tells places apart. */
export const placeName = (name: string): string => name.trim().toLowerCase();

/** What a place has brought and had sorted so far. */
export const tallyOfPlace = (db: Db, placeId: string): Promise<PlaceSoFar> =>
	db.one<PlaceSoFar & Record<string, number>>(
		`select sum(t.bags)::double precision as bags, sum(t.drop_offs)::integer as "dropOffs",
			sum(t.sorted)::double precision as sorted
		 from place p join place_tally t on t.group_id = $1 and t.place_id = p.id
		 where p.group_id = $1 and (p.id = $2 or p.same_as = $2) group by p.group_id`,
		[db.groupId, placeId]
	);
