import { runDay as say } from '$lib/words/table-day';
import { enteredHere } from '$lib/server/book/entries';
import type { Db } from '$lib/server/db/db';
import { partKey } from '$lib/server/db/part-key';
import type { SaveResult } from '$lib/server/db/save-result';
import { refuse } from '$lib/server/db/save-result';
import { bookEntry } from '$lib/server/entries/take-entry';
import { runInWorker } from '$lib/server/heavy/heavy-work';
import { findDay } from '$lib/server/people/day';
import { workOfDay } from '$lib/server/prepare/day-work';
import { leaveOutTimedWork } from '$lib/server/measures/timed-work';
import { lotsOfDay } from '$lib/server/prepare/taps';
import type { PlannedDay } from '$lib/stages/table-day/day-view';
import type { Learned, Taught } from '$lib/stages/table-day/learned';
import { learnedOf } from '$lib/stages/table-day/learned';
import type { LineStation } from '$lib/core/assembly-line/assembly-line';
import { lineStations } from '$lib/core/assembly-line/assembly-line';
import { lineDayOf } from '$lib/stages/table-day/line-day';

const gone = refuse('day', say.thatDayIsNotAmong());

/** Opens a day: what is foreseen of it then is kept, to be compared with what comes of it. */
export async function openDay(
	db: Db,
	id: string,
	version: number,
	at = new Date()
): Promise<SaveResult> {
	const day = await findDay(db, id);
	const { work } = day ? await workOfDay(db, day) : { work: null };
	if (!day || !work) return gone;
	const foreseen = await runInWorker('foresee', lineDayOf(day, work, day.seats));
	const set = await db.execute(
		`update table_day set version = version + 1, opened_at = $5, foreseen = $4
		 where group_id = $1 and id = $2 and version = $3 and called_off_at is null and closed_at is null`,
		[db.groupId, id, version, foreseen, at]
	);
	return set === 1 ? { outcome: 'kept', id } : gone;
}

/** The key under which a day's learned work stands: always the same, so that closing twice counts it once. */
const learnedKey = (dayId: string, station: LineStation): string =>
	partKey(dayId, lineStations.indexOf(station) + 1);

/** Books a work that was learned as timed work; it teaches, or lies there to be looked at. */
async function bookLearned(
	db: Db,
	{ id, day }: PlannedDay,
	{ station, way, units, minutes }: Learned,
	isTaught: boolean
): Promise<void> {
	const typed = { work: station, way, units: String(units), minutes: String(minutes) };
	const saved = await bookEntry(
		db,
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
			...enteredHere,
			key: learnedKey(id, station),
			typed,
			at: new Date()
		}
	);
	if (saved.outcome === 'kept' && !isTaught) await leaveOutTimedWork(db, Number(saved.id), true);
}

/** What a day taught as it was ended, and whether it counts. */
export const taughtBy = (db: Db, dayId: string): Promise<Taught[]> =>
	db.many<Taught>(
		`select w.id, w.work as station, w.units, w.minutes, w.is_left_out as "isLeftOut"
		 from standing_timed_work w join entry e on e.group_id = w.group_id and e.id = w.entry_id
		 where w.group_id = $1 and e.key = any($2::uuid[]) order by w.id`,
		[db.groupId, lineStations.map((station) => learnedKey(dayId, station))]
	);

/** What was said of the speeds that were shown as a day was ended. */
export interface SaidOfSpeeds {
	readonly shown: readonly string[];
	readonly taught: readonly string[];
}

/**
 * Closes a day: who came is kept, and its works are learned from the taps, with no one typing them. A speed that is
 * odd teaches only where somebody said so.
 */
export async function closeDay(
	db: Db,
	id: string,
	version: number,
	came: readonly string[],
	{ shown, taught }: SaidOfSpeeds = { shown: [], taught: [] },
	at = new Date()
): Promise<SaveResult> {
	const before = await findDay(db, id);
	const { work } = before ? await workOfDay(db, before) : { work: null };
	return db.transaction(async (db): Promise<SaveResult> => {
		const set = await db.execute(
			`update table_day set version = version + 1, opened_at = coalesce(opened_at, $4), closed_at = $4
			 where group_id = $1 and id = $2 and version = $3 and called_off_at is null and closed_at is null`,
			[db.groupId, id, version, at]
		);
		if (set === 0) return gone;
		await db.execute(
			'update day_person set came = person_id = any($3::uuid[]) where group_id = $1 and day_id = $2',
			[db.groupId, id, came]
		);
		const day = await findDay(db, id);
		if (!day || !work) return { outcome: 'kept', id };
		// What no pair of hands can teaches nothing: the day is closed all the same.
		for (const one of learnedOf(day, work, await lotsOfDay(db, id)))
			await bookLearned(
				db,
				day,
				one,
				shown.includes(one.station) ? taught.includes(one.station) : !one.isOdd
			);
		return { outcome: 'kept', id };
	});
}
