import type { Db } from '$lib/server/db/db';
import { lastSitting, sittingPauseMin } from '$lib/core/making/sitting';
import { oddTime } from '$lib/measures/odd-time';
import type { TimedEntry } from '$lib/entries/types/timed';
import type { Side } from '$lib/entries/types/row';
import { todayIn } from '$lib/ui/days';
import type { Booked } from '$lib/server/book/entries';
import { enter, enteredHere } from '$lib/server/book/entries';
import { keyFor } from '$lib/server/db/part-key';
import { keepTimedWork } from '$lib/server/measures/timed-work';
import { findMatMade } from './mat-made';

/** Taps of one device that are looked back on: more rows than anybody makes at one go. */
const mostTaps = 200;

interface Tap {
	readonly key: string;
	readonly step: number;
	readonly at: Date;
}

/** The taps of one device at an end of a mat before an entry, the newest first. */
const tapsBefore = (
	db: Db,
	thingId: number,
	side: Side,
	device: string,
	entryId: number,
	most: number
): Promise<Tap[]> =>
	db.many<Tap>(
		`select e.key, m.step, e.typed_at as at from row_mark m
		 join entry e on e.group_id = m.group_id and e.id = m.entry_id
		 where m.group_id = $1 and m.thing_id = $2 and m.side = $3 and m.step is not null
			and e.device = $4 and m.entry_id < $5
		 order by m.entry_id desc limit $6`,
		[db.groupId, thingId, side, device, entryId, most]
	);

/**
 * Learns somebody's pace of the sitting before a pause: a tap after twenty minutes ends it, and its rows
 * and minutes go to the measures, once. What was odd teaches nothing.
 */
export async function learnPace(
	db: Db,
	mat: { readonly id: number; readonly code: string },
	side: Side,
	{ entryId, at, device }: Booked
): Promise<void> {
	if (device === null) return;
	const minutes = (moment: Date) => moment.getTime() / 60_000;
	const [last] = await tapsBefore(db, mat.id, side, device, entryId, 1);
	if (!last || minutes(at) - minutes(last.at) <= sittingPauseMin) return;
	const taps = await tapsBefore(db, mat.id, side, device, entryId, mostTaps);
	const ordered = taps
		.map(({ step, at: moment }) => ({ step, atMin: minutes(moment) }))
		.sort((one, other) => one.atMin - other.atMin);
	const sitting = lastSitting(ordered);
	if (!sitting) return;
	const found = await findMatMade(db, mat.code, entryId);
	if (found.problem !== undefined || !found.making.pace) return;
	const { work, way, unitsPerRow } = found.making.pace;
	const who = await db.maybeOne<{ name: string | null; timeZone: string }>(
		`select p.name, coalesce(g.time_zone, 'UTC') as "timeZone" from volunteer_group g
		 left join lateral (select h.person_id from standing_hand_on h where h.group_id = $1 and h.thing_id = $2
			order by h.entry_id desc limit 1) hand on true
		 left join person p on p.group_id = $1 and p.id = hand.person_id
		 where g.id = $1`,
		[db.groupId, mat.id]
	);
	const timed: TimedEntry = {
		type: 'timed',
		work,
		way,
		maker: who?.name ?? null,
		units: Math.round(sitting.rows * unitsPerRow),
		people: 1,
		minutes: sitting.minutes,
		workedOn: todayIn(who?.timeZone ?? 'UTC', last.at),
		isSure: true
	};
	if (oddTime(timed)) return;
	const typed = { work, way, units: String(timed.units), minutes: String(sitting.minutes) };
	const booked = await enter(db, {
		...enteredHere,
		key: keyFor(last.key, 'sitting'),
		type: 'timed',
		typed,
		at: last.at,
		byName: null,
		reason: null,
		note: null
	});
	if (booked.met === 'entered')
		await keepTimedWork(db, timed, {
			entryId: booked.entryId,
			key: keyFor(last.key, 'sitting'),
			at: last.at,
			device,
			isSure: true
		});
}
