import type { Db } from '$lib/server/db/db';
import { replacesField, whyField } from '$lib/entries/replaces';
import type { Correctable } from '$lib/entries/types/correction';
import type { Typed } from '$lib/entries/form-reader';

/** An entry as it was typed, with the names that stand elsewhere: what its form is filled with again. */
export interface GivenBack {
	readonly type: string;
	readonly typed: Typed;
}

const texts: Readonly<Record<Exclude<Correctable, 'movement' | 'key'>, string>> = {
	'drop-off': `select e.type, e.typed, null as "byName", b.name as "broughtBy"
		from drop_off d join entry e on e.group_id = d.group_id and e.id = d.entry_id
		left join person b on b.group_id = d.group_id and b.id = d.brought_by_id
		where d.group_id = $1 and d.id = $2`,
	sorting: `select e.type, e.typed, b.name as "byName", null as "broughtBy"
		from sorting s join entry e on e.group_id = s.group_id and e.id = s.entry_id
		left join person b on b.group_id = e.group_id and b.id = e.person_id
		where s.group_id = $1 and s.id = $2`,
	entry: `select e.type, e.typed, b.name as "byName", null as "broughtBy"
		from entry e left join person b on b.group_id = e.group_id and b.id = e.person_id
		where e.group_id = $1 and e.id = $2`
};

/** The same as it is edited: it stands in the place of what it was. */
export async function editOf(
	db: Db,
	of: keyof typeof texts,
	id: number | null
): Promise<GivenBack | null> {
	const given = await givenBack(db, of, id);
	return given && { ...given, typed: { ...given.typed, [replacesField]: `${of}:${id}` } };
}

/** What was typed of something that is about to be taken back; null where the book has not got it. */
export async function givenBack(
	db: Db,
	of: keyof typeof texts,
	id: number | null
): Promise<GivenBack | null> {
	if (id === null) return null;
	const found = await db.maybeOne<{
		type: string;
		typed: Record<string, string>;
		byName: string | null;
		broughtBy: string | null;
	}>(texts[of], [db.groupId, id]);
	if (!found || Object.keys(found.typed).length === 0) return null;
	const { type, byName, broughtBy } = found;
	// That an odd count was right is said anew for another count.
	const typed = Object.fromEntries(
		Object.entries(found.typed).filter(
			([field]) => !['sure', replacesField, whyField].includes(field)
		)
	);
	return {
		type,
		typed: {
			...typed,
			...(byName !== null && { by_name: byName }),
			...(broughtBy !== null && { brought_by: broughtBy })
		}
	};
}
