import type { Db } from '$lib/server/db/db';

/** The person of that name, by the spelling that came first; a new one where there is none yet. Null where no name was given. */
export async function personOf(db: Db, name: string | null): Promise<string | null> {
	if (name === null) return null;
	const known = await db.writer.maybeOne<{ id: string }>(
		'select id from person where group_id = $1 and lower(btrim(name)) = lower(btrim($2))',
		[db.groupId, name]
	);
	if (known) return known.id;
	// Another may make the same person at this moment: whoever comes second finds it.
	const made = await db.writer.one<{ id: string }>(
		`insert into person (group_id, name) values ($1, btrim($2))
		 on conflict (group_id, lower(btrim(name))) do update set name = person.name returning id`,
		[db.groupId, name]
	);
	return made.id;
}

/** Makes a person of each name that is new, many at once. */
export async function ensurePersons(db: Db, names: readonly (string | null)[]): Promise<void> {
	if (!names.some((name) => name !== null)) return;
	await db.execute(
		`insert into person (group_id, name)
		 select distinct on (lower(btrim(name))) $1::uuid, btrim(name) from unnest($2::text[]) as name
		 where btrim(name) <> '' order by lower(btrim(name))
		 on conflict (group_id, lower(btrim(name))) do nothing`,
		[db.groupId, names]
	);
}
