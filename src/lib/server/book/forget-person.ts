import { nameFields } from '$lib/entries/entry-type';
import type { GroupId } from '../base/group-id';
import { withTransaction } from '../db/transaction';
import { execute, maybeOne } from '../db/verbs';

/**
 * Forgets a person: the name goes, here, out of lists that lie on the table and out of what came late by a link; words
 * that lie there for them are shown no more. What they typed, brought and measured stays without it. The name that was forgotten, or null where there is none.
 */
export const forgetPerson = (groupId: GroupId, id: string): Promise<string | null> =>
	withTransaction(async (client) => {
		const person = await maybeOne<{ name: string }>(
			`select name from person where group_id = $1 and id = $2 and name is not null for update`,
			[groupId, id],
			client
		);
		if (!person) return null;
		await execute(
			`update list_import i set rows = jsonb_set(rows, '{rows}', (
				select coalesce(jsonb_agg(cells order by nth), '[]') from (
					select r.nth, (select jsonb_agg(
						case when lower(btrim(c.cell)) = lower(btrim($2))
							and coalesce(i.matching ->> (c.at - 1)::integer, '') in ('by_name', 'brought_by', '')
						then '' else c.cell end order by c.at)
						from jsonb_array_elements_text(r.cells) with ordinality as c (cell, at)) as cells
					from jsonb_array_elements(i.rows -> 'rows') with ordinality as r (cells, nth)) emptied))
			 where i.group_id = $1 and i.kept_at is null`,
			[groupId, person.name],
			client
		);
		await execute(
			`update late_entry set sent = jsonb_set(sent, '{typed}', (
				select jsonb_object_agg(t.field, case when t.field = any ($3)
					and lower(btrim(t.said)) = lower(btrim($2)) then '' else t.said end)
				from jsonb_each_text(sent -> 'typed') as t (field, said)))
			 where group_id = $1 and exists (
				select 1 from jsonb_each_text(sent -> 'typed') as t (field, said)
				where t.field = any ($3) and lower(btrim(t.said)) = lower(btrim($2)))`,
			[groupId, person.name, nameFields],
			client
		);
		await execute(
			`update person set name = null, likes = null, needs = '{}', forgotten_at = now(), version = version + 1
			 where group_id = $1 and id = $2`,
			[groupId, id],
			client
		);
		// What was said of them goes with the name; where they are seated somebody sits still.
		await execute(
			'delete from person_seat where group_id = $1 and person_id = $2',
			[groupId, id],
			client
		);
		await execute(
			'delete from sits_well where group_id = $1 and $2::uuid in (one_id, other_id)',
			[groupId, id],
			client
		);
		await execute(
			'delete from practised where group_id = $1 and person_id = $2',
			[groupId, id],
			client
		);
		return person.name;
	});
