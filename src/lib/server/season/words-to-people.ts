import { wordsToPeople as say } from '$lib/words/season';
import type { Db } from '$lib/server/db/db';
import type { DayWordEntry, WeekNoteEntry } from '$lib/entries/types/foretold';
import type { DayToTell } from '$lib/stages/today/words-to-people';
import { dayWord, remindedFrom } from '$lib/stages/today/words-to-people';
import { findGroup } from '$lib/server/db/groups';
import { nearDayWords } from '$lib/ui/day-words';
import { minuteIn, todayIn } from '$lib/ui/days';
import { usualZone } from '$lib/ui/reader';
import type { Booked } from '$lib/server/book/entries';
import type { SaveResult } from '$lib/server/db/save-result';
import { refuse } from '$lib/server/db/save-result';
import { outboxMessenger } from '$lib/server/making/messages';

/** How many people of a table have a name, and could be written to. */
export const peopleToTell = (db: Db): Promise<{ id: string; name: string }[]> =>
	db.many<{ id: string; name: string }>(
		`select id, name from person where group_id = $1 and name is not null
		 order by lower(btrim(name)) limit 500`,
		[db.groupId]
	);

/** Sends the note of the week to everyone of the table. */
export const keepWeekNote = (
	db: Db,
	{ words }: WeekNoteEntry,
	{ entryId }: Booked
): Promise<SaveResult> =>
	db.transaction(async (db): Promise<SaveResult> => {
		const people = await peopleToTell(db);
		if (people.length === 0) return refuse('words', say.noVolunteersAreListedUnder());
		for (const { id } of people)
			await outboxMessenger.send(
				db,
				{ personId: id, words },
				{ entryId, thingId: null, dayId: null }
			);
		return { outcome: 'kept', id: entryId };
	});

const dayText = `select t.id, to_char(t.day, 'YYYY-MM-DD') as day, t.place,
		t.from_minute as "from", t.to_minute as "to", t.opened_at is not null as "isOpen",
		(select coalesce(json_agg(json_build_object('id', p.id, 'name', p.name,
			'station', (select s.station from seat s where s.group_id = $1 and s.day_id = t.id
				and s.person_id = p.id order by s.from_minute limit 1),
			'isTold', exists (select 1 from standing_message m where m.group_id = $1 and m.day_id = t.id
				and m.person_id = p.id))
			order by lower(btrim(p.name))), '[]')
			from comes_to_day($1) d join person p on p.group_id = $1 and p.id = d.person_id
			where d.group_id = $1 and d.day_id = t.id and p.name is not null) as people
	from table_day t where t.group_id = $1 and t.called_off_at is null`;

/** The next table day that is still to come and who is told of it: not one that was opened, nor one that began today. */
export const nextDayToTell = (db: Db, today: string, minute: number): Promise<DayToTell | null> =>
	db.maybeOne<DayToTell>(
		`${dayText} and t.opened_at is null and (t.day > $2::date or (t.day = $2::date and t.from_minute > $3::integer))
		 order by t.day, t.from_minute, t.id limit 1`,
		[db.groupId, today, minute]
	);

/** Says a word to everyone who said they come to a day, and was told of it by nobody yet. */
export const keepDayWord = (
	db: Db,
	{ dayId }: DayWordEntry,
	{ entryId, at }: Booked
): Promise<SaveResult> =>
	db.transaction(async (db): Promise<SaveResult> => {
		const { timeZone } = await findGroup(db);
		const zone = timeZone ?? usualZone;
		// Held, so that two who write at once write once.
		await db.many<{ id: string }>(
			'select id from table_day where group_id = $1 and id = $2 for update',
			[db.groupId, dayId]
		);
		const day = await db.maybeOne<DayToTell>(`${dayText} and t.id = $2`, [db.groupId, dayId]);
		if (!day) return refuse('day', say.thatTableDayIsNot());
		const today = todayIn(zone, at);
		const isOver = day.day < today || (day.day === today && day.from <= minuteIn(zone, at));
		if (isOver || day.isOpen) return refuse('day', say.thatTableDayIsOver());
		const soonest = remindedFrom(day.day);
		if (today < soonest)
			return refuse('day', say.remindFrom({ day: nearDayWords(soonest, today) }));
		const people = day.people.filter(({ isTold }) => !isTold);
		if (people.length === 0)
			return refuse(
				'day',
				day.people.length === 0 ? say.nobodySaidYetThatThey() : say.everyoneWhoSaidTheyCome()
			);
		for (const { id, station } of people)
			await outboxMessenger.send(
				db,
				{ personId: id, words: dayWord(day, station) },
				{ entryId, thingId: null, dayId }
			);
		return { outcome: 'kept', id: entryId };
	});
