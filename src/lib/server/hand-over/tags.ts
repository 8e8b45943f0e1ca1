import type { Db } from '$lib/server/db/db';
import type { LengthSystem } from '$lib/core/units/format-length';
import { sizeWords, tagWords } from '$lib/stages/hand-over/hand-over-words';
import type { Label } from '$lib/server/sheets/label-scene';

/** Which tags are wanted: of some mats, or of all of a delivery. */
export interface TagsAsked {
	readonly mats: readonly string[];
	readonly delivery: string | null;
	readonly origin: string;
	readonly system: LengthSystem;
}

/** Tags for mats: the code, the size by the last check, and how they are cared for. */
export async function tagsOf(
	db: Db,
	{ mats, delivery, origin, system }: TagsAsked
): Promise<Label[]> {
	const found = await db.many<{ code: string; widthMm: number | null; lengthMm: number | null }>(
		`select t.code, c.width_mm as "widthMm", c.length_mm as "lengthMm"
		 from thing t
		 join thing_state s on s.group_id = $1 and s.thing_id = t.id
		 left join last_check c on c.group_id = $1 and c.thing_id = t.id
		 where t.group_id = $1 and t.sort = 'mat' and (t.code = any($2::text[]) or exists (
			select 1 from standing_delivery d
			join thing o on o.group_id = $1 and o.id = d.thing_id and o.code = $3::text
			join delivery_mat m on m.group_id = $1 and m.entry_id = d.entry_id and m.thing_id = t.id
			where d.group_id = $1))
		 order by t.id limit 400`,
		[db.groupId, mats, delivery]
	);
	return found.map(({ code, widthMm, lengthMm }) => ({
		code,
		address: `${origin}/hand-over/mats/${code}`,
		lines: [
			...(widthMm === null || lengthMm === null ? [] : [sizeWords({ widthMm, lengthMm }, system)]),
			...tagWords
		]
	}));
}
