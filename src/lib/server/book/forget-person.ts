import type { Db } from '../db/db';
import { nameFields } from '$lib/entries/entry-type';

/**
 * Forgets a person: the name goes, here, out of lists that lie on the table and out of what came late by a link; words
 * that lie there for them are shown no more. What they typed, brought and measured stays without it. The name that was forgotten, or null where there is none.
 */
export const forgetPerson = (db: Db, id: string): Promise<string | null> =>
	db.transaction(async (db) => {
		const person = await db.maybeOne<{ name: string }>(
			`select name from person where group_id = $1 and id = $2 and name is not null for update`,
			[db.groupId, id]
		);
		if (!person) return null;
		await db.execute(
			`update list_import i set rows = jsonb_set(rows, '{rows}', (
				select coalesce(jsonb_agg(cells order by nth), '[]') from (
					select r.nth, (select jsonb_agg(
						case when lower(btrim(c.cell)) = lower(btrim($2))
							and coalesce(i.matching ->> (c.at - 1)::integer, '') in ('by_name', 'brought_by', '')
						then '' else c.cell end order by c.at)
						from jsonb_array_elements_text(r.cells) with ordinality as c (cell, at)) as cells
					from jsonb_array_elements(i.rows -> 'rows') with ordinality as r (cells, nth)) emptied))
			 where i.group_id = $1 and i.kept_at is null`,
			[db.groupId, person.name]
		);
		await db.execute(
			`update late_entry set sent = jsonb_set(sent, '{typed}', (
				select jsonb_object_agg(t.field, case when t.field = any ($3)
					and lower(btrim(t.said)) = lower(btrim($2)) then '' else t.said end)
				from jsonb_each_text(sent -> 'typed') as t (field, said)))
			 where group_id = $1 and exists (
				select 1 from jsonb_each_text(sent -> 'typed') as t (field, said)
				where t.field = any ($3) and lower(btrim(t.said)) = lower(btrim($2)))`,
			[db.groupId, person.name, nameFields]
		);
		await db.execute(
			`update person set name = null, likes = null, contact = null, needs = '{}', comes_always = false, begins_at = null, begins_later = false, forgotten_at = now(), version = version + 1
			 where group_id = $1 and id = $2`,
			[db.groupId, id]
		);
		// What was said of them goes with the name; where they are seated somebody sits still.
		await db.execute('delete from person_seat where group_id = $1 and person_id = $2', [
			db.groupId,
			id
		]);
		await db.execute(
			'delete from sits_well where group_id = $1 and $2::uuid in (one_id, other_id)',
			[db.groupId, id]
		);
		await db.execute('delete from away where group_id = $1 and person_id = $2', [db.groupId, id]);
		await db.execute('delete from practised where group_id = $1 and person_id = $2', [
			db.groupId,
			id
		]);
		return person.name;
	});
