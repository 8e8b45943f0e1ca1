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

/** What lies there in balls and chains, alike ones together. */
export const listBallStock = (groupId: GroupId): Promise<BallStock[]> =>
	many<BallStock>(
		`select t.content ->> 'kindId' as "kindId", t.content -> 'cut' as cut,
			t.content -> 'colours' as colours, l.balls
		 from (select min(thing_id) as thing_id, count(*)::integer as balls
			from lying where group_id = $1 group by alike) l
		 join thing t on t.group_id = $1 and t.id = l.thing_id order by t.id`,
		[groupId]
	);
