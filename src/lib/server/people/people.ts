import { people as say } from '$lib/words/people';
import type { Db } from '$lib/server/db/db';
import type { Role } from '../base/roles';
import type { Person } from '$lib/stages/people/person';
import { refuse } from '$lib/server/db/save-result';
import type { SaveResult } from '$lib/server/db/save-result';
import { letThemCome } from './let-them-come';

/** The people whose names the group uses, in the order of the alphabet and no other. */
export const listPeople = (db: Db, today: string): Promise<Person[]> =>
	db.many<Person>(
		`select p.id, p.name, p.version, p.likes, p.contact, p.is_child as "isChild",
			p.is_teen as "isTeen", p.comes_always as "comesAlways", to_json(p.needs) as needs,
			(select coalesce(json_object_agg(s.seat, s.level), '{}') from person_seat s
				where s.group_id = $1 and s.person_id = p.id) as seats,
			(select coalesce(json_agg(case when w.one_id = p.id then w.other_id else w.one_id end), '[]')
				from sits_well w where w.group_id = $1 and p.id in (w.one_id, w.other_id)) as "sitsWith",
			(select coalesce(json_agg(d.day_id), '[]') from day_person d
				join table_day t on t.group_id = $1 and t.id = d.day_id
				where d.group_id = $1 and d.person_id = p.id and t.day >= $2
					and t.called_off_at is null) as days
		 from person p where p.group_id = $1 and p.name is not null
		 order by lower(btrim(p.name))`,
		[db.groupId, today]
	);

/** The names the group uses, in the order of the alphabet. */
export const listPeopleNames = (
	db: Db
): Promise<{ readonly id: string; readonly name: string }[]> =>
	db.many<{ id: string; name: string }>(
		'select id, name from person where group_id = $1 and name is not null order by lower(btrim(name))',
		[db.groupId]
	);

/** Adds a person by name. The page's key is the id, so that pressing twice adds one. */
export async function addPerson(db: Db, key: string, name: string): Promise<SaveResult> {
	const made = await db.writer.maybeOne<{ id: string }>(
		`insert into person (group_id, id, name) values ($1, $2, btrim($3))
		 on conflict do nothing returning id`,
		[db.groupId, key, name]
	);
	if (made) return { outcome: 'kept', id: made.id };
	const same = await db.writer.maybeOne<{ id: string; isSame: boolean }>(
		`select id, lower(btrim(name)) = lower(btrim($3)) as "isSame" from person
		 where group_id = $1 and (id = $2 or lower(btrim(name)) = lower(btrim($3))) order by id = $2 desc limit 1`,
		[db.groupId, key, name]
	);
	if (same?.id === key && same.isSame) return { outcome: 'duplicate', id: key };
	return refuse('name', say.thereIsAAlreadyAdd({ name: name.trim() }));
}

/** The rule of the database that an error broke; nothing where it broke none. */
export const constraintOf = (error: unknown): string =>
	(error as { constraint?: string }).constraint ?? '';

/** Ends the transaction of what is not kept. */
class Refused extends Error {
	constructor(readonly saved: SaveResult) {
		super('refused');
	}
}

/** Keeps what is said of a person, whole or not at all; refused where somebody changed them meanwhile. */
export async function keepPerson(
	db: Db,
	{
		id,
		name,
		version,
		likes,
		contact,
		isChild,
		isTeen,
		comesAlways,
		needs,
		seats,
		sitsWith,
		days
	}: Person,
	today: string
): Promise<SaveResult> {
	try {
		return await db.transaction(async (db): Promise<SaveResult> => {
			const found = await db.maybeOne<{ version: number; cameAlways: boolean }>(
				'select version, comes_always as "cameAlways" from person where group_id = $1 and id = $2 and name is not null for update',
				[db.groupId, id]
			);
			if (!found) throw new Refused(refuse('name', say.thatPersonIsNotIn()));
			if (found.version !== version)
				throw new Refused(refuse('version', say.somebodyChangedThisPersonMeanwhile()));
			// Seats first and then who sits there, or the other way about: what no child may do is gone before they are one.
			await db.execute('delete from person_seat where group_id = $1 and person_id = $2', [
				db.groupId,
				id
			]);
			await db.execute(
				`update person set name = btrim($3), likes = $4, is_child = $5, needs = $6, contact = $7, is_teen = $8,
					comes_always = $9, version = version + 1
				 where group_id = $1 and id = $2`,
				[db.groupId, id, name, likes, isChild, needs, contact, isTeen, comesAlways]
			);
			await db.execute(
				`insert into person_seat (group_id, person_id, seat, level)
				 select $1, $2, seat, level from unnest($3::text[], $4::text[]) as s (seat, level)`,
				[db.groupId, id, Object.keys(seats), Object.values(seats)]
			);
			await db.execute(
				'delete from sits_well where group_id = $1 and $2::uuid in (one_id, other_id)',
				[db.groupId, id]
			);
			await db.execute(
				`insert into sits_well (group_id, one_id, other_id)
				 select $1, least(p.id, $2::uuid), greatest(p.id, $2::uuid) from person p
				 where p.group_id = $1 and p.id = any($3::uuid[]) and p.id <> $2 and p.name is not null
				 on conflict do nothing`,
				[db.groupId, id, sitsWith]
			);
			await db.execute(
				`delete from day_person d using table_day t
				 where d.group_id = $1 and d.person_id = $2 and t.group_id = d.group_id and t.id = d.day_id
					and t.day >= $3`,
				[db.groupId, id, today]
			);
			await db.execute(
				`insert into day_person (group_id, day_id, person_id)
				 select $1, t.id, $2 from table_day t
				 where t.group_id = $1 and t.id = any($3::uuid[]) and t.called_off_at is null
				 on conflict do nothing`,
				[db.groupId, id, days]
			);
			// Whoever begins to come always comes to all that are there; which they do not come to is ticked off after that.
			if (comesAlways && !found.cameAlways) await letThemCome(db, [id], today);
			return { outcome: 'kept', id };
		});
	} catch (error) {
		if (error instanceof Refused) return error.saved;
		if (constraintOf(error) === 'child_at_blade')
			return refuse('seats', say.isAChildBluntScissors({ name: name.trim() }));
		if (constraintOf(error) === 'child_has_company')
			return refuse('seats', say.hasASeatOnA({ name: name.trim() }));
		if ((error as { code?: string }).code === '23505')
			return refuse('name', say.someoneAlreadyHasThatName());
		throw error;
	}
}

/** People as a role may see them: what they need and like is for those who seat them, how they are reached for coordinators. */
export const peopleFor = (role: Role | null, people: readonly Person[]): readonly Person[] =>
	role === 'coordinator'
		? people
		: people.map((person) => ({
				...person,
				contact: null,
				...(role === 'helper' ? {} : { needs: [], likes: null, isChild: false, isTeen: false })
			}));
