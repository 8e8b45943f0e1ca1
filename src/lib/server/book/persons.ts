import type { GroupId } from '$lib/server/base/group-id';
import type { PoolClient } from 'pg';
import { execute, maybeOne, one, writing } from '$lib/server/db/verbs';

/** The person of that name, by the spelling that came first; a new one where there is none yet. Null where no name was given. */
export async function personOf(groupId: GroupId, name: string | null): Promise<string | null> {
	if (name === null) return null;
	const known = await maybeOne<{ id: string }>(
		'select id from person where group_id = $1 and lower(btrim(name)) = lower(btrim($2))',
		[groupId, name],
		writing()
	);
	if (known) return known.id;
	// Another may make the same person at this moment: whoever comes second finds it.
	const made = await one<{ id: string }>(
		`insert into person (group_id, name) values ($1, btrim($2))
		 on conflict (group_id, lower(btrim(name))) do update set name = person.name returning id`,
		[groupId, name],
		writing()
	);
	return made.id;
}

/** Makes a person of each name that is new, many at once. */
export async function ensurePersons(
	client: PoolClient,
	groupId: GroupId,
	names: readonly (string | null)[]
): Promise<void> {
	if (!names.some((name) => name !== null)) return;
	await execute(
		`insert into person (group_id, name)
		 select distinct on (lower(btrim(name))) $1::uuid, btrim(name) from unnest($2::text[]) as name
		 where btrim(name) <> '' order by lower(btrim(name))
		 on conflict (group_id, lower(btrim(name))) do nothing`,
		[groupId, names],
		client
	);
}
