import type { GroupId } from '$lib/server/base/group-id';
import { many } from '$lib/server/db/verbs';
import { bagsGiven } from '$lib/server/hand/given-bags';

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
	const given = await bagsGiven(groupId, codes);
	const sizes = await many<Pick<MatSize, 'code' | 'widthMm' | 'lengthMm'>>(
		`select t.code, c.width_mm as "widthMm", c.length_mm as "lengthMm"
		 from thing t
		 join lateral (select width_mm, length_mm from standing_check s
			where s.group_id = t.group_id and s.thing_id = t.id order by s.entry_id desc limit 1) c on true
		 where t.group_id = $1 and t.code = any($2::text[]) and t.sort = 'mat'`,
		[groupId, codes]
	);
	return new Map(
		sizes.map((size) => {
			const { bags = null, filmMg = null } = given.get(size.code) ?? {};
			return [size.code, { ...size, bags, filmMg }];
		})
	);
}
