import type { Db } from '../db/db';
import type { RemovedLine, RemovedSort } from '$lib/ui/removed';
import { removedDays } from '$lib/ui/removed';
import { restorePlan } from '../plan/plans';

/** What was removed of late and can be brought back, the newest first. */
export const listRemoved = (db: Db): Promise<RemovedLine[]> =>
	db.many<RemovedLine>(
		`select * from (
			select 'plan' as sort, id, name, deleted_at as at from plan
			where group_id = $1 and deleted_at > now() - make_interval(days => $2::integer)
			union all select 'kind', id, name, removed_at from bag_kind
			where group_id = $1 and removed_at > now() - make_interval(days => $2::integer)
			union all select 'place', id, name, receiving_ended_at from place
			where group_id = $1 and not receives_mats and receiving_ended_at > now() - make_interval(days => $2::integer)
			union all select 'tool', id, name, gone_at from tool
			where group_id = $1 and gone_at > now() - make_interval(days => $2::integer)) removed
		 order by at desc, id limit 200`,
		[db.groupId, removedDays]
	);

/** How bringing back went: `name` where another has its name by now. */
export type BroughtBack = 'back' | 'gone' | 'name';

const statements: Readonly<Record<Exclude<RemovedSort, 'plan'>, string>> = {
	kind: `update bag_kind set removed_at = null where group_id = $1 and id = $2 and removed_at > now() - make_interval(days => $3::integer)`,
	place: `update place set receives_mats = true, receiving_ended_at = null, version = version + 1
		where group_id = $1 and id = $2 and receiving_ended_at > now() - make_interval(days => $3::integer)`,
	tool: `update tool set gone_at = null where group_id = $1 and id = $2 and gone_at > now() - make_interval(days => $3::integer)`
};

/** Brings back what was removed of late. */
export async function bringBack(db: Db, sort: RemovedSort, id: string): Promise<BroughtBack> {
	try {
		const isBack =
			sort === 'plan'
				? await restorePlan(db, id)
				: (await db.execute(statements[sort], [db.groupId, id, removedDays])) === 1;
		return isBack ? 'back' : 'gone';
	} catch (problem) {
		if ((problem as { code?: string }).code === '23505') return 'name';
		throw problem;
	}
}
