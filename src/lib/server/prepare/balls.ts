import type { Db } from '$lib/server/db/db';
import type { ThingEvent, ThingSort } from '$lib/core/store/forms';
import type { BallContent } from '$lib/stages/prepare/balls';

/** A ball or a chain that lies there. */
export interface BallLine {
	readonly id: number;
	readonly code: string;
	readonly sort: 'ball' | 'chain';
	readonly content: BallContent;
	/** Its label was printed, on a sheet or by the small printer. */
	readonly isPrinted: boolean;
}

/** Balls shown at a time. */
export const ballsPerPage = 48;

/** Balls and chains that lie there, the newest first, or those before one; one more than a page, to show that there are more. */
export const listBalls = (
	db: Db,
	before = Number.MAX_SAFE_INTEGER,
	limit = ballsPerPage + 1
): Promise<BallLine[]> =>
	db.many<BallLine>(
		`select t.id, t.code, t.sort, t.content,
			exists (select 1 from label_job j where j.group_id = $1 and j.code = t.code
				and j.printed_at is not null) as "isPrinted"
		 from lying l join thing t on t.group_id = l.group_id and t.id = l.thing_id
		 where l.group_id = $1 and l.thing_id < $2 order by l.thing_id desc limit $3`,
		[db.groupId, before, limit]
	);

/** Some things by their codes, in the order of the codes: what labels are printed of. */
export const thingsOf = (
	db: Db,
	codes: readonly string[]
): Promise<{ code: string; sort: ThingSort; content: BallContent }[]> =>
	db.many<{ code: string; sort: ThingSort; content: BallContent }>(
		`select t.code, t.sort, t.content from thing t
		 where t.group_id = $1 and t.code = any($2::text[]) order by array_position($2::text[], t.code)`,
		[db.groupId, codes]
	);

/** What happened to a thing, the oldest first. */
export interface ThingHappening {
	readonly what: ThingEvent;
	readonly at: Date;
	readonly byName: string | null;
	readonly isTakenBack: boolean;
}

export const listHappenings = (db: Db, thingId: number): Promise<ThingHappening[]> =>
	db.many<ThingHappening>(
		`select v.what, e.typed_at as at, p.name as "byName",
			exists (select 1 from taken_back b where b.group_id = $1 and b.entry_id = v.entry_id) as "isTakenBack"
		 from thing_event v join entry e on e.group_id = $1 and e.id = v.entry_id
		 left join person p on p.group_id = $1 and p.id = e.person_id
		 where v.group_id = $1 and v.thing_id = $2 order by v.id`,
		[db.groupId, thingId]
	);
