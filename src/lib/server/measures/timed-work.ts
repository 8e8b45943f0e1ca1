import type { TimedLine } from '$lib/measures/lines';
import type { TimedEntry } from '$lib/entries/types/timed';
import { craftSeconds, oddTime } from '$lib/measures/odd-time';
import { figure } from '$lib/ui/number-words';
import { oddWords } from '$lib/measures/plan-basis';
import type { GroupId } from '$lib/server/base/group-id';
import type { SaveResult } from '$lib/server/db/save-result';
import { saveResultOf, refuse } from '$lib/server/db/save-result';
import { many, maybeOne, writing } from '$lib/server/db/verbs';

export const listTimedWork = (groupId: GroupId): Promise<TimedLine[]> =>
	many<TimedLine>(
		`select id, work, maker, units, people, minutes, default_seconds as "defaultSeconds",
			to_char(worked_on, 'YYYY-MM-DD') as "workedOn", is_left_out as "isLeftOut"
		 from timed_work where group_id = $1 order by worked_on desc, id desc limit 500`,
		[groupId]
	);

/** So many times slower or faster than the craft is a slip, whoever is sure of it. */
const slowest = 25;

/** Keeps timed work; an odd time only where the user has said that it is right. */
export async function keepTimedWork(
	groupId: GroupId,
	key: string,
	entry: TimedEntry
): Promise<SaveResult> {
	const odd = oddTime(entry);
	if (odd && (odd.ratio > slowest || odd.ratio < 1 / slowest))
		return refuse(
			'minutes',
			`This comes to ${figure(odd.ratio)} times what was expected, which no pair of hands can. Look at the count and the minutes.`
		);
	if (odd && !entry.isSure) return refuse('sure', oddWords(odd));
	const kept = await maybeOne<{ id: number }>(
		`insert into timed_work (group_id, key, work, maker, units, people, minutes,
			default_seconds, worked_on)
		 values ($1, $2, $3, $4, $5, $6, $7, $8, $9)
		 on conflict (group_id, key) do nothing returning id`,
		[
			groupId,
			key,
			entry.work,
			entry.maker,
			entry.units,
			entry.people,
			entry.minutes,
			craftSeconds(entry),
			entry.workedOn
		],
		writing()
	);
	return saveResultOf(kept, 'timed_work', groupId, key);
}

/** Leaves timed work out, or counts it again. */
export const leaveOutTimedWork = (groupId: GroupId, id: number, isLeftOut: boolean) =>
	maybeOne<{ id: number }>(
		'update timed_work set is_left_out = $3 where group_id = $1 and id = $2 returning id',
		[groupId, id, isLeftOut],
		writing()
	);
