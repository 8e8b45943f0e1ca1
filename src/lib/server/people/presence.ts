import { presence as say } from '$lib/words/people';
import type { Db } from '$lib/server/db/db';
import type { PresenceEntry } from '$lib/entries/types/presence';
import type { Booked } from '$lib/server/book/entries';
import type { SaveResult } from '$lib/server/db/save-result';
import { refuse } from '$lib/server/db/save-result';

/** Keeps that somebody came or left. Whoever comes unannounced is among those of the day from then on. */
export async function keepPresence(
	db: Db,
	{ dayId, personId, as }: PresenceEntry,
	{ entryId }: Booked
): Promise<SaveResult> {
	const found = await db.maybeOne<{ hasDay: boolean; hasPerson: boolean }>(
		`select exists (select 1 from table_day where group_id = $1 and id = $2 and called_off_at is null) as "hasDay",
			exists (select 1 from person where group_id = $1 and id = $3 and name is not null) as "hasPerson"`,
		[db.groupId, dayId, personId]
	);
	if (!found?.hasDay) return refuse('day', say.thatTableDayIsNot());
	if (!found.hasPerson) return refuse('person', say.nobodyOfThatNameIs());
	if (as === 'came')
		await db.execute(
			'insert into day_person (group_id, day_id, person_id) values ($1, $2, $3) on conflict do nothing',
			[db.groupId, dayId, personId]
		);
	// Whoever was said to be away and comes all the same is there.
	if (as === 'came')
		await db.execute(
			`update day_person d set came = true from table_day t join away a on a.group_id = $1 and a.person_id = $3
				and t.day between a.from_day and a.to_day
			 where d.group_id = $1 and d.day_id = $2 and d.person_id = $3 and t.group_id = $1 and t.id = $2`,
			[db.groupId, dayId, personId]
		);
	return { outcome: 'kept', id: entryId };
}

/** People of the table who have not said that they come to a day: somebody always turns up. */
export const othersOfDay = (db: Db, dayId: string): Promise<{ id: string; name: string }[]> =>
	db.many<{ id: string; name: string }>(
		`select p.id, p.name from person p
		 where p.group_id = $1 and p.name is not null and not exists (select 1 from comes_to_day($1) d
			where d.group_id = p.group_id and d.day_id = $2 and d.person_id = p.id)
		 order by lower(btrim(p.name)) limit 200`,
		[db.groupId, dayId]
	);
