import { timedWork as say } from '$lib/words/measures';
import type { Db } from '$lib/server/db/db';
import type { TimedLine } from '$lib/measures/lines';
import type { TimedEntry } from '$lib/entries/types/timed';
import { craftSeconds, oddTime } from '$lib/measures/odd-time';
import { figure } from '$lib/ui/number-words';
import { oddWords } from '$lib/measures/plan-basis';
import type { Booked } from '$lib/server/book/entries';
import { personOf } from '$lib/server/book/persons';
import type { SaveResult } from '$lib/server/db/save-result';
import { refuse } from '$lib/server/db/save-result';

export const listTimedWork = (db: Db): Promise<TimedLine[]> =>
	db.many<TimedLine>(
		`select w.id, w.work, p.name as maker, w.units, w.people, w.minutes,
			w.default_seconds as "defaultSeconds", to_char(w.worked_on, 'YYYY-MM-DD') as "workedOn",
			w.is_left_out as "isLeftOut"
		 from standing_timed_work w
		 left join person p on p.group_id = w.group_id and p.id = w.maker_id
		 where w.group_id = $1 order by w.worked_on desc, w.id desc limit 500`,
		[db.groupId]
	);

/** So many times slower or faster than the craft is a slip, whoever is sure of it. */
const slowest = 25;

/** Keeps timed work; an odd time only where the user has said that it is right. */
export async function keepTimedWork(
	db: Db,
	entry: TimedEntry,
	{ entryId }: Booked
): Promise<SaveResult> {
	const odd = oddTime(entry);
	if (odd && (odd.ratio > slowest || odd.ratio < 1 / slowest))
		return refuse('minutes', say.thisComesToTimesWhat({ ratio: figure(odd.ratio) }));
	if (odd && !entry.isSure) return refuse('sure', oddWords(odd));
	const kept = await db.writer.one<{ id: number }>(
		`insert into timed_work (group_id, entry_id, work, maker_id, units, people, minutes,
			default_seconds, worked_on)
		 values ($1, $2, $3, $4, $5, $6, $7, $8, $9) returning id`,
		[
			db.groupId,
			entryId,
			entry.work,
			await personOf(db, entry.maker),
			entry.units,
			entry.people,
			entry.minutes,
			craftSeconds(entry),
			entry.workedOn
		]
	);
	return { outcome: 'kept', id: kept.id };
}

/** Leaves timed work out, or counts it again. */
export const leaveOutTimedWork = (db: Db, id: number, isLeftOut: boolean) =>
	db.writer.maybeOne<{ id: number }>(
		'update timed_work set is_left_out = $3 where group_id = $1 and id = $2 returning id',
		[db.groupId, id, isLeftOut]
	);
