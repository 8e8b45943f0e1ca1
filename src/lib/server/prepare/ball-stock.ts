import type { ColourName } from '$lib/core/colour/colours';
import type { CutSnapshot } from '$lib/core/prepare/cut-pile';
import type { GroupId } from '$lib/server/base/group-id';
import { many } from '$lib/server/db/verbs';

/** Balls and chains that lie there, all of one kind, cut and colours: how many, and the bags in them. */
export interface BallStock {
	readonly kindId: string;
	readonly cut: CutSnapshot;
	readonly colours: readonly { readonly colour: ColourName; readonly bags: number }[];
	readonly balls: number;
}

/** In a statement that reads a thing as `t`: it was made, stands, and nothing else happened to it since. */
export const isLying = `not exists (select 1 from taken_back b
		where b.group_id = t.group_id and b.entry_id = t.entry_id)
	and not exists (select 1 from thing_event e where e.group_id = t.group_id and e.thing_id = t.id
		and e.what <> 'made' and not exists (select 1 from taken_back b
			where b.group_id = e.group_id and b.entry_id = e.entry_id))`;

/** What lies there in balls and chains, alike ones together. */
export const listBallStock = (groupId: GroupId): Promise<BallStock[]> =>
	many<BallStock>(
		`select content ->> 'kindId' as "kindId", content -> 'cut' as cut, content -> 'colours' as colours,
			count(*)::integer as balls
		 from thing t where t.group_id = $1 and t.sort in ('ball', 'chain') and ${isLying}
		 group by 1, 2, 3 order by 1, 2, 3`,
		[groupId]
	);
