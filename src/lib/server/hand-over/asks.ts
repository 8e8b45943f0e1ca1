import { asks as say } from '$lib/words/hand-over';
import type { Db } from '$lib/server/db/db';
import type { ComingMat } from '$lib/core/hand-over/promises';
import { countOn } from '$lib/core/hand-over/promises';
import type { AskEntry, PromiseEntry } from '$lib/entries/types/ask';
import type { AskLine } from '$lib/stages/hand-over/hand-over-view';
import type { MatLine } from '$lib/stages/making/mat-view';
import { dayAfter } from '$lib/ui/days';
import type { HallDay } from '$lib/ui/reader';
import { startingPlan } from '$lib/core/model/starting-plan';
import { askFarOff } from '$lib/server/book/ask-far-off';
import type { Booked } from '$lib/server/book/entries';
import type { SaveResult } from '$lib/server/db/save-result';
import { refuse } from '$lib/server/db/save-result';
import { listMats } from '$lib/server/making/mats';
import { listReady } from './deliveries';

/** Keeps what a place asks for. */
export async function keepAsk(
	db: Db,
	{ placeId, mats, size, byDay, note }: AskEntry,
	{ entryId, isSure }: Booked
): Promise<SaveResult> {
	const { widthMm, lengthMm } = startingPlan.target;
	const far = askFarOff({ isSure }, [
		{ what: say.width(), value: size?.widthMm ?? null, expected: widthMm },
		{ what: say.length(), value: size?.lengthMm ?? null, expected: lengthMm }
	]);
	if (far) return far;
	const place = await db.writer.maybeOne<{ id: string }>(
		'select id from place where group_id = $1 and id = $2 and receives_mats for share',
		[db.groupId, placeId]
	);
	if (!place) return refuse('place', say.thatPlaceIsNotAmong());
	await db.execute(
		`insert into mat_ask (group_id, entry_id, place_id, mats, width_mm, length_mm, by_day, note)
		 values ($1, $2, $3, $4, $5, $6, $7, $8)`,
		[db.groupId, entryId, placeId, mats, size?.widthMm ?? null, size?.lengthMm ?? null, byDay, note]
	);
	return { outcome: 'kept', id: entryId };
}

/** Keeps how many a place was promised; a later promise for the same ask stands for the one before. */
export async function keepPromise(
	db: Db,
	{ askId, mats }: PromiseEntry,
	{ entryId }: Booked
): Promise<SaveResult> {
	const ask = await db.writer.maybeOne<{ mats: number }>(
		'select mats from standing_ask where group_id = $1 and entry_id = $2',
		[db.groupId, askId]
	);
	if (!ask) return refuse('ask', say.thatRequestIsGone());
	if (mats > ask.mats) return refuse('mats', say.theyAskForPromiseNo({ mats: ask.mats }));
	await db.execute(
		'insert into mat_promise (group_id, entry_id, ask_id, mats) values ($1, $2, $3, $4)',
		[db.groupId, entryId, askId, mats]
	);
	return { outcome: 'kept', id: entryId };
}

type AskRow = Omit<AskLine, 'handed' | 'counts' | 'isDone'> & { readonly placeId: string };

/** How many mats went to each place since it began to ask, and have not come back. */
const handedSince = (db: Db) =>
	db.many<{ placeId: string; at: Date }>(
		`select h.place_id as "placeId", e.typed_at as at from handed_over h
		 join entry e on e.group_id = h.group_id and e.id = h.entry_id
		 where h.group_id = $1 and exists (select 1 from standing_ask a
			where a.group_id = h.group_id and a.place_id = h.place_id and a.typed_at <= e.typed_at)
		 order by e.typed_at, h.thing_id`,
		[db.groupId]
	);

/** Reads the mats that are being made. */
type MatsInHand = () => Promise<readonly MatLine[]>;

/** Mats that are ready, wait for a check or are being made, and when they will be ready. */
async function comingMats(
	db: Db,
	{ today }: HallDay,
	matsInHand: MatsInHand
): Promise<ComingMat[]> {
	const [ready, checking, inHand] = await Promise.all([
		listReady(db),
		db.many<{ widthMm: number | null; lengthMm: number | null }>(
			`select c.width_mm as "widthMm", c.length_mm as "lengthMm"
			 from thing_state s
			 left join last_check c on c.group_id = s.group_id and c.thing_id = s.thing_id
			 where s.group_id = $1 and s.sort = 'mat' and s.what in ('finished', 'mended', 'to-mend', 'sent-back')`,
			[db.groupId]
		),
		matsInHand()
	]);
	/** A mat is said to be done in a week: it is there when that ends. */
	const weekAfter = (day: string | null) => day && dayAfter(day, 7);
	return [
		...ready.map(({ widthMm, lengthMm }) => ({
			widthMm,
			lengthMm,
			early: '',
			middle: '',
			late: ''
		})),
		// A check and what it may ask for takes about a week, or two.
		...checking.map(({ widthMm, lengthMm }) => ({
			widthMm: widthMm ?? 0,
			lengthMm: lengthMm ?? 0,
			early: today,
			middle: dayAfter(today, 7),
			late: dayAfter(today, 14)
		})),
		...inHand.map(({ look, ready: { low, middle, high } }) => ({
			widthMm: look?.widthMm ?? 0,
			lengthMm: look?.lengthMm ?? 0,
			early: weekAfter(low),
			middle: weekAfter(middle),
			late: weekAfter(high)
		}))
	];
}

/** What places ask for: what they were promised, what went to them since, and what they can count on. */
export const listAsks = (db: Db, now: HallDay): Promise<AskLine[]> =>
	asksBy(db, now, () => listMats(db, now));

/** The same by the mats that lie there alone: who waits is said at the shelf without foreseeing any mat. */
export const listWaiting = (db: Db, now: HallDay): Promise<AskLine[]> =>
	asksBy(db, now, () => Promise.resolve([]));

/** The same, where the mats being made are read for something else, too; without an ask nobody waits for them. */
export async function asksBy(db: Db, now: HallDay, matsInHand: MatsInHand): Promise<AskLine[]> {
	const asks = await db.many<AskRow>(
		`select a.entry_id as id, a.place_id as "placeId", p.name as "placeName", a.mats,
			a.width_mm as "widthMm", a.length_mm as "lengthMm", to_char(a.by_day, 'YYYY-MM-DD') as "byDay", a.note,
			a.typed_at as at, (select m.mats from standing_promise m
				where m.group_id = $1 and m.ask_id = a.entry_id order by m.entry_id desc limit 1) as promised
		 from standing_ask a join place_known p on p.group_id = $1 and p.id = a.place_id
		 where a.group_id = $1 and a.by_day > $2::date - 60 order by a.by_day, a.entry_id limit 200`,
		[db.groupId, now.today]
	);
	if (asks.length === 0) return [];
	const [sent, coming] = await Promise.all([handedSince(db), comingMats(db, now, matsInHand)]);
	// What went to a place since it asked is dealt to its asks, the soonest first.
	const handed = new Map<number, number>();
	for (const { placeId, at } of sent) {
		const ask = asks.find(
			(one) => one.placeId === placeId && one.at <= at && (handed.get(one.id) ?? 0) < one.mats
		);
		if (ask) handed.set(ask.id, (handed.get(ask.id) ?? 0) + 1);
	}
	const counts = countOn(
		asks.map(({ id, mats, widthMm, lengthMm, byDay }) => ({
			mats: mats - (handed.get(id) ?? 0),
			size: widthMm === null || lengthMm === null ? null : { widthMm, lengthMm },
			byDay
		})),
		coming
	);
	return asks.map(({ placeId: _, ...ask }, at): AskLine => {
		const gone = handed.get(ask.id) ?? 0;
		return {
			...ask,
			handed: gone,
			isDone: gone >= ask.mats,
			counts: counts[at] ?? { ready: 0, low: 0, expected: 0, high: 0 }
		};
	});
}
