import type { GroupId } from '$lib/server/base/group-id';
import { many } from '$lib/server/db/verbs';

/** How large a mat is by its last check, and what lies in it by the labels of its balls; null where none says so. */
export interface MatSize {
	readonly code: string;
	readonly widthMm: number;
	readonly lengthMm: number;
	readonly bags: number | null;
	readonly filmMg: number | null;
}

/** The sizes of mats that were checked, by their labels. */
export async function matSizes(
	groupId: GroupId,
	codes: readonly string[]
): Promise<Map<string, MatSize>> {
	const sizes = await many<MatSize>(
		`select t.code, c.width_mm as "widthMm", c.length_mm as "lengthMm", given.bags, given.film as "filmMg"
		 from thing t
		 join lateral (select width_mm, length_mm from standing_check s
			where s.group_id = t.group_id and s.thing_id = t.id order by s.entry_id desc limit 1) c on true
		 left join lateral (select sum((b.content ->> 'bags')::double precision) as bags,
				sum((b.content ->> 'filmMg')::double precision) as film
			from entry e join thing b on b.group_id = e.group_id and b.code = e.typed ->> 'ball'
			where e.group_id = t.group_id and e.type = 'issue' and e.typed ->> 'mat' = t.code
				and not exists (select 1 from taken_back k where k.group_id = e.group_id and k.entry_id = e.id)) given on true
		 where t.group_id = $1 and t.code = any($2::text[]) and t.sort = 'mat'`,
		[groupId, codes]
	);
	return new Map(sizes.map((size) => [size.code, size]));
}
