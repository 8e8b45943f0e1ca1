import { messages as msg } from '$lib/words/making';
import { type Db } from '$lib/server/db/db';
import type { RemindEntry } from '$lib/entries/types/mat-course';
import type { Booked } from '$lib/server/book/entries';
import { holdThing } from '$lib/server/book/things';
import type { SaveResult } from '$lib/server/db/save-result';
import { refuse } from '$lib/server/db/save-result';
import { matInHand } from './mat-in-hand';

/** A message to a person. */
export interface Message {
	readonly personId: string;
	readonly words: string;
}

/** What a message is sent with, and the mat or the table day it is of. */
export interface MessageOf {
	readonly entryId: number;
	readonly thingId: number | null;
	readonly dayId: string | null;
}

/** What carries messages to people. A real one would post them; whatever it is, it is told within the entry's own transaction. */
export interface Messenger {
	send(db: Db, message: Message, of: MessageOf): Promise<void>;
}

/** A stand-in: messages lie in an outbox where they can be read, and nothing leaves the machine. */
export const outboxMessenger: Messenger = {
	send: async (db, { personId, words }, { entryId, thingId, dayId }) =>
		void (await db.execute(
			'insert into message (group_id, entry_id, thing_id, day_id, person_id, words) values ($1, $2, $3, $4, $5, $6)',
			[db.groupId, entryId, thingId, dayId, personId, words]
		))
};

/** Days within which nobody is written to twice about one mat. */
const quietDays = 7;

/** Says a kind word to whoever has a mat: it asks, and presses nobody. Names stand with the persons alone. */
export const keepRemind = (
	db: Db,
	{ mat }: RemindEntry,
	{ entryId, at }: Booked
): Promise<SaveResult> =>
	db.transaction(async (db): Promise<SaveResult> => {
		const found = await matInHand(db, mat);
		if (found.problem !== undefined) return refuse('mat', found.problem);
		// Held, so that two who write at once write once.
		await holdThing(db, mat);
		const hand = await db.maybeOne<{ personId: string | null }>(
			`select p.id as "personId" from standing_hand_on h
			 left join person p on p.group_id = h.group_id and p.id = h.person_id and p.name is not null
			 where h.group_id = $1 and h.thing_id = $2
			 order by h.entry_id desc limit 1`,
			[db.groupId, found.id]
		);
		if (!hand?.personId) return refuse('mat', msg.liesAtTheTableThere({ mat }));
		const lately = await db.maybeOne<{ entryId: number }>(
			`select m.entry_id as "entryId" from standing_message m
			 join entry e on e.group_id = m.group_id and e.id = m.entry_id
			 where m.group_id = $1 and m.thing_id = $2 and m.person_id = $3
				and e.typed_at > $4::timestamptz - make_interval(days => $5::integer)
			 limit 1`,
			[db.groupId, found.id, hand.personId, at, quietDays]
		);
		if (lately) return refuse('mat', msg.theyAlreadyGotAMessage());
		const words = msg.howIsTheMatComing({ mat });
		await outboxMessenger.send(
			db,
			{ personId: hand.personId, words },
			{ entryId, thingId: found.id, dayId: null }
		);
		return { outcome: 'kept', id: entryId };
	});

/** A message as it lies in the outbox. */
export interface MessageLine {
	readonly id: number;
	readonly personId: string;
	/** The mat or the table day it is of; of neither, it is the note of a week. */
	readonly mat: string | null;
	readonly day: string | null;
	readonly to: string;
	readonly words: string;
	readonly at: Date;
}

/** The messages of a group, the newest first; those to somebody who was forgotten lie there for nobody. */
export const listMessages = (db: Db): Promise<MessageLine[]> =>
	db.many<MessageLine>(
		`select m.entry_id as id, m.person_id as "personId", t.code as mat, to_char(d.day, 'YYYY-MM-DD') as day, p.name as "to", m.words, e.typed_at as at
		 from standing_message m
		 join entry e on e.group_id = m.group_id and e.id = m.entry_id
		 left join thing t on t.group_id = m.group_id and t.id = m.thing_id
		 left join table_day d on d.group_id = m.group_id and d.id = m.day_id
		 join person p on p.group_id = m.group_id and p.id = m.person_id and p.name is not null
		 where m.group_id = $1
		 order by m.entry_id desc, lower(btrim(p.name)) limit 400`,
		[db.groupId]
	);
