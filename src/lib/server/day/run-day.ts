import { waysOf } from '$lib/core/effort/tasks';
import type { GroupId } from '$lib/server/base/group-id';
import { partKey } from '$lib/server/db/part-key';
import type { SaveResult } from '$lib/server/db/save-result';
import { refuse } from '$lib/server/db/save-result';
import { withTransaction } from '$lib/server/db/transaction';
import { execute } from '$lib/server/db/verbs';
import { bookEntry } from '$lib/server/entries/take-entry';
import { heavily } from '$lib/server/heavy/heavy-work';
import { findDay } from '$lib/server/people/day';
import { workOfDay } from '$lib/server/prepare/day-work';
import { tapsOfDay } from '$lib/server/prepare/taps';
import type { PlannedDay } from '$lib/stages/day/day-view';
import type { Learned } from '$lib/stages/day/learned';
import { learnedOf } from '$lib/stages/day/learned';
import { lineDayOf } from '$lib/stages/day/line-day';

const gone = refuse(
	'day',
	'That day is not among those to come, or somebody changed it meanwhile.'
);

/** Opens a day: what is foreseen of it then is kept, to be compared with what comes of it. */
export async function openDay(groupId: GroupId, id: string, version: number): Promise<SaveResult> {
	const day = await findDay(groupId, id);
	const { work } = day ? await workOfDay(groupId, day) : { work: null };
	if (!day || !work) return gone;
	const foreseen = await heavily('foresee', lineDayOf(day, work, day.seats));
	const set = await execute(
		`update table_day set version = version + 1, opened_at = now(), foreseen = $4
		 where group_id = $1 and id = $2 and version = $3 and called_off_at is null and closed_at is null`,
		[groupId, id, version, foreseen]
	);
	return set === 1 ? { outcome: 'kept', id } : gone;
}

/** A work that was learned as timed work, under a key of the day's: closing twice counts it once. */
async function bookLearned(
	groupId: GroupId,
	{ id, day }: PlannedDay,
	{ station, units, minutes }: Learned,
	nth: number
): Promise<SaveResult> {
	const [way = ''] = waysOf(station);
	const typed = { work: station, way, units: String(units), minutes: String(minutes) };
	return bookEntry(
		groupId,
		{
			type: 'timed',
			work: station,
			way,
			maker: null,
			units,
			people: 1,
			minutes,
			workedOn: day,
			isSure: true
		},
		{
			key: partKey(id, nth + 1),
			digest: '',
			typed,
			at: new Date(),
			device: null,
			sequence: null,
			linkId: null
		}
	);
}

/** Closes a day: who came is kept, and its works are learned from the taps, with no one typing them. */
export async function closeDay(
	groupId: GroupId,
	id: string,
	version: number,
	came: readonly string[]
): Promise<SaveResult> {
	const before = await findDay(groupId, id);
	const { work } = before ? await workOfDay(groupId, before) : { work: null };
	return withTransaction(async (client): Promise<SaveResult> => {
		const set = await execute(
			`update table_day set version = version + 1, opened_at = coalesce(opened_at, now()), closed_at = now()
			 where group_id = $1 and id = $2 and version = $3 and called_off_at is null and closed_at is null`,
			[groupId, id, version],
			client
		);
		if (set === 0) return gone;
		await execute(
			'update day_person set came = person_id = any($3::uuid[]) where group_id = $1 and day_id = $2',
			[groupId, id, came],
			client
		);
		const day = await findDay(groupId, id);
		if (!day || !work) return { outcome: 'kept', id };
		const learned = learnedOf(day, work, (await tapsOfDay(groupId, id)).done);
		// What no pair of hands can, as where nobody was seated, teaches nothing: the day is closed all the same.
		for (const [nth, one] of learned.entries()) await bookLearned(groupId, day, one, nth);
		return { outcome: 'kept', id };
	});
}
