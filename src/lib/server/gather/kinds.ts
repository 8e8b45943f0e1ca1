import { kinds as say } from '$lib/words/gather';
import type { Db } from '$lib/server/db/db';
import { similarName } from '$lib/core/gather/similar-name';
import type { BagSource } from '$lib/core/hand-over/kept';
import type { Bag } from '$lib/core/bag/measure-bag';
import type { BagKindEntry } from '$lib/entries/types/bag-kind';
import { filmCall } from '$lib/stages/gather/film-words';
import type { Booked } from '$lib/server/book/entries';
import type { SaveResult } from '$lib/server/db/save-result';
import { refuse } from '$lib/server/db/save-result';

export interface KindLine extends Bag {
	readonly id: string;
	readonly name: string;
	/** Of how many bags its mass was found. */
	readonly handfulCount: number;
	/** Whether its bags were used before they came. */
	readonly source: BagSource;
}

export interface StoredKind extends KindLine {
	/** Bags for strand in the store. */
	readonly bags: number;
	/** Whether anything of it was ever in the store. */
	readonly isUsed: boolean;
}

/** The statement that asks for the kinds of a group. */
export const kindsText = `select id, name, flat_width_mm as "flatWidthMm", gusset_mm as "gussetMm",
		body_mm as "bodyMm", handle_mm as "handleMm", mass_g as "massG",
		handful_count as "handfulCount", source
	from standing_kind where group_id = $1 order by created_at, name`;

/** The kinds of bag a group knows, the oldest first. */
export const listKinds = (db: Db): Promise<KindLine[]> =>
	db.many<KindLine>(kindsText, [db.groupId]);

/** The same, with what the store has of each. */
export const listStoredKinds = (db: Db): Promise<StoredKind[]> =>
	db.many<StoredKind>(
		`select k.id, k.name, k.flat_width_mm as "flatWidthMm", k.gusset_mm as "gussetMm",
			k.body_mm as "bodyMm", k.handle_mm as "handleMm", k.mass_g as "massG",
			k.handful_count as "handfulCount", k.source, coalesce(sum(b.amount) filter (where l.form = 'bag'), 0) as bags,
			(count(l.id) > 0 or exists (select 1 from sorting s
				where s.group_id = $1 and s.kind_id = k.id)) as "isUsed"
		 from standing_kind k
		 left join line l on l.group_id = $1 and l.kind_id = k.id
		 left join balance b on b.group_id = $1 and b.line_id = l.id and b.holder = 'store'
		 where k.group_id = $1 group by k.group_id, k.id, k.name, k.flat_width_mm, k.gusset_mm, k.body_mm,
			k.handle_mm, k.mass_g, k.handful_count, k.source, k.created_at order by k.created_at, k.name`,
		[db.groupId]
	);

const sameName = refuse('name', say.thereIsAlreadyAKind());

/** Keeps a kind of bag, or its measures anew. The key of a new one is its id, so that a resend makes one kind. */
export async function keepBagKind(
	db: Db,
	{ kindId, name, bag, handfulCount, source, isSure }: BagKindEntry,
	{ key }: Booked
): Promise<SaveResult> {
	const film = filmCall(bag);
	if (film.isOdd && !isSure) return refuse('sure', film.words);
	if (kindId === null && !isSure) {
		const known = (await listKinds(db)).map((kind) => kind.name);
		const similar = similarName(name, known);
		if (similar !== null) return refuse('sure', say.thereIsAKindIs({ similar }));
	}
	const measures = [
		name,
		bag.flatWidthMm,
		bag.gussetMm,
		bag.bodyMm,
		bag.handleMm,
		bag.massG,
		handfulCount,
		source
	];
	try {
		if (kindId !== null) {
			const changed = await db.execute(
				`update bag_kind set name = $3, flat_width_mm = $4, gusset_mm = $5, body_mm = $6,
					handle_mm = $7, mass_g = $8, handful_count = $9,
					source = case when $10 = 'unknown' then source else $10 end
				 where group_id = $1 and id = $2 and removed_at is null`,
				[db.groupId, kindId, ...measures]
			);
			return changed === 1
				? { outcome: 'kept', id: kindId }
				: refuse('name', say.thatKindOfBagIs());
		}
		const kept = await db.writer.maybeOne<{ id: string }>(
			`insert into bag_kind (group_id, id, name, flat_width_mm, gusset_mm, body_mm, handle_mm, mass_g,
				handful_count, source)
			 values ($1, $2, $3, $4, $5, $6, $7, $8, $9, $10) on conflict (group_id, id) do nothing returning id`,
			[db.groupId, key, ...measures]
		);
		return { outcome: kept ? 'kept' : 'duplicate', id: key };
	} catch (error) {
		if ((error as { code?: string }).code === '23505') return sameName;
		throw error;
	}
}

/** Takes a kind off the list, to be brought back; false where it has a history in the store, or is gone already. */
export const removeKind = async (db: Db, id: string): Promise<boolean> =>
	(await db.execute(
		`update bag_kind k set removed_at = now() where k.group_id = $1 and k.id = $2 and k.removed_at is null
			and not exists (select 1 from line l where l.group_id = $1 and l.kind_id = $2)
			and not exists (select 1 from sorting s where s.group_id = $1 and s.kind_id = $2)`,
		[db.groupId, id]
	)) === 1;
