import type { Db } from '$lib/server/db/db';
import { isDatabaseAway } from '$lib/server/db/pool';
import { Memo } from '$lib/server/db/cache';
import type { GoalSaid } from '$lib/stages/season/season-said';
import type { SeasonBasis } from '$lib/stages/season/season-view';
import type { SeasonLook } from '$lib/stages/season/season-look';
import { dayAfter } from '$lib/ui/days';

/** Groups whose season of a day was written down. */
const kept = new Memo<true>(10_000);
/** Looks older than this say nothing any more, days. */
const oldestLook = 200;

/** Writes down how a season stood on a day, and what was forecast then: once a day, by whoever looks first. */
export async function keepLook(
	db: Db,
	basis: SeasonBasis,
	goals: readonly GoalSaid[],
	weeks: SeasonLook['weeks']
): Promise<void> {
	const key = `${db.groupId} ${basis.today}`;
	if (kept.get(key)) return;
	const said = basis.goals.map(({ by, wanted }, at) => ({ by, wanted, ...goals[at] }));
	try {
		await db.execute(
			`insert into season_look (group_id, day, basis, said) values ($1, $2, $3, $4) on conflict do nothing`,
			[db.groupId, basis.today, { ...basis, weeks }, JSON.stringify(said)]
		);
		await db.execute('delete from season_look where group_id = $1 and day < $2', [
			db.groupId,
			dayAfter(basis.today, -oldestLook)
		]);
	} catch (error) {
		// A look that is not written down is written down at the next one.
		if (isDatabaseAway(error)) return;
		throw error;
	}
	kept.set(key, true);
}

const lookText = `select to_char(day, 'YYYY-MM-DD') as day, basis - 'weeks' as basis, basis -> 'weeks' as weeks, said
	from season_look where group_id = $1`;

/** How the season stood a week ago: the newest look that is as old, else the oldest there is before today. */
export async function lookOfLastWeek(db: Db, today: string): Promise<SeasonLook | null> {
	return (
		(await db.maybeOne<SeasonLook>(
			`${lookText} and day <= $2::date - 7 order by day desc limit 1`,
			[db.groupId, today]
		)) ??
		(await db.maybeOne<SeasonLook>(`${lookText} and day < $2 order by day limit 1`, [
			db.groupId,
			today
		]))
	);
}

/** How the season stood so many weeks ago, or a few days before; null where nobody looked then. */
export const lookOfWeeksAgo = (db: Db, today: string, weeks: number): Promise<SeasonLook | null> =>
	db.maybeOne<SeasonLook>(
		`${lookText} and day between $2::date - 7 * $3::integer - 6 and $2::date - 7 * $3::integer order by day desc limit 1`,
		[db.groupId, today, weeks]
	);
