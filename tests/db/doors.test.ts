import { type Along } from '../../src/lib/server/db/work';
import { type Db, dbOf, house } from '../../src/lib/server/db/db';
import pg from 'pg';
import { getMigrations } from 'better-auth/db/migration';
import { beforeAll, describe, expect, it } from 'vitest';
import { ensureAppRole } from '../../scripts/lib/app-role.mjs';
import { clearAway } from '../../scripts/lib/clear-away.mjs';
import { firstWord } from '../../scripts/lib/sign-in.mjs';
import { endPools, writers } from '../../src/lib/server/db/pool';
import { auth } from '../../src/lib/server/auth/auth';
import { isFirstWord, useFirstWord } from '../../src/lib/server/auth/first-word';
import { makeGroup } from '../../src/lib/server/auth/groups';
import { forgetTries, tryOnce, waitWords } from '../../src/lib/server/auth/limits';
import {
	addMember,
	changeMember,
	groupsOfAccount,
	listMembers,
	removeMember
} from '../../src/lib/server/auth/members';
import { addPerson } from '../../src/lib/server/people/people';
import { passphraseProblem } from '../../src/lib/server/auth/passphrase';
import { trailLineOf, trailBefore } from '../../src/lib/server/auth/trail';
import { useDatabase } from './database';
import { newAccount } from './other-group-doors';
import { newGroup } from './samples';

useDatabase();
process.env.NEST_ROW_SECRET = 'a secret of the tests, and of no other';
process.env.ORIGIN = 'http://localhost:4173';
let ownerUrl = '';
beforeAll(() => void (ownerUrl = process.env.DATABASE_URL ?? ''));

/** The group's handle, with what is written with its first change. */
const withLine = ({ groupId }: Db, along: Along | null) => dbOf(groupId, null, along);
const rename = (group: Db, name: string) =>
	group.execute('update volunteer_group set name = $2 where id = $1', [group.groupId, name]);
/** Does something, as an act of the list. */
const done = (group: Db, act: string) =>
	rename(
		withLine(
			group,
			trailLineOf(group, act, () => null)
		),
		act
	);

describe('the tables of sign-in', () => {
	it('are those that the package wants, to the column', async () => {
		const { toBeCreated, toBeAdded } = await getMigrations(auth().options);
		expect(toBeCreated).toEqual([]);
		expect(toBeAdded).toEqual([]);
	});

	it('keep a passphrase by argon2id at the cost of 19 MiB and two passes', async () => {
		const hashed = await (await auth().$context).password.hash('velvet anchor puddle nine');
		expect(hashed).toMatch(/^\$argon2id\$v=19\$m=19456,t=2,p=1\$/);
	});
});

describe('a passphrase', () => {
	it.each([
		['short', 'It has 5 characters and needs 12.'],
		['passwordpassword', 'easy to guess'],
		['qwertyuiop123456', 'easy to guess'],
		['wrenwrenwrenwren', 'easy to guess'],
		['x'.repeat(129), 'at most 128']
	])('%s is refused', async (words, said) =>
		expect(await passphraseProblem(words, ['Wren', 'wren@mats.example'])).toContain(said)
	);

	it.each(['velvet anchor puddle nine', 'ζωή και νερό στο βουνό', 'a  b  c  d  e  f zug!'])(
		'%s will do',
		async (words) => expect(await passphraseProblem(words, ['Wren'])).toBeNull()
	);
});

describe('tries', () => {
	it('are counted in the database, name by name, and told in no name', async () => {
		for (let at = 0; at < 5; at++) expect(await tryOnce('wrong-name', 'Wren@Mats.example')).toBe(0);
		// As another process would ask.
		await endPools();
		const wait = await tryOnce('wrong-name', 'wren@mats.example');
		expect(wait).toBeGreaterThan(890);
		expect(wait).toBeLessThanOrEqual(900);
		expect(await tryOnce('wrong-name', 'odo@mats.example')).toBe(0);
		const keys = await house.many<{ key: string }>('select key from tried', []);
		expect(JSON.stringify(keys)).not.toMatch(/wren|odo/i);
		await forgetTries('wrong-name', 'wren@mats.example');
		expect(await tryOnce('wrong-name', 'wren@mats.example')).toBe(0);
	});

	it('that come at once are no more than one after the other', async () => {
		const waits = await Promise.all(
			Array.from({ length: 20 }, () => tryOnce('wrong-name', 'tansy'))
		);
		expect(waits.filter((wait) => wait === 0)).toHaveLength(5);
	});

	it('are put in words', () => {
		expect(waitWords(61)).toContain('in 2 minutes.');
		expect(waitWords(12)).toContain('in a minute.');
	});
});

describe('the first word', () => {
	it('opens once, the newest alone, and none is made once there is a coordinator', async () => {
		const [old, word] = [await firstWord(ownerUrl), await firstWord(ownerUrl)];
		expect(word).toMatch(/^([a-z2-9]{4}-){4}[a-z2-9]{4}$/);
		expect(await isFirstWord(old ?? '')).toBe(false);
		expect(await isFirstWord(`  ${word?.toUpperCase()} `)).toBe(true);
		const kept = JSON.stringify(await house.many('select digest from first_word', []));
		expect(kept).not.toContain(word);
		expect(await Promise.all([useFirstWord(word ?? ''), useFirstWord(word ?? '')])).toEqual(
			expect.arrayContaining([true, false])
		);
		expect(await isFirstWord(word ?? '')).toBe(false);
		await addMember(await newGroup(), await newAccount('Wren'), 'coordinator');
		expect(await firstWord(ownerUrl)).toBeNull();
	});
});

describe('members', () => {
	it('are in the groups they are in, as what they are, and in no other', async () => {
		const account = await newAccount('Odo');
		const group = dbOf(await makeGroup('Boat Shed Table', account, crypto.randomUUID()));
		const other = await newGroup();
		await addMember(other, account, 'reader');
		// Once in, one stays what one is.
		await addMember(other, account, 'coordinator');
		const groups = await groupsOfAccount(account);
		expect(groups.map(({ groupId, role }) => [groupId, role])).toEqual(
			expect.arrayContaining([
				[group.groupId, 'coordinator'],
				[other.groupId, 'reader']
			])
		);
		expect(groups).toHaveLength(2);
		expect((await listMembers(group)).map(({ name }) => name)).toEqual(['Odo']);
	});

	it('leave a group one coordinator at least, even where two leave at once', async () => {
		const [one, two] = [await newAccount('Odo'), await newAccount('Wren')];
		const group = dbOf(await makeGroup('Quay Sheds', one, crypto.randomUUID()));
		expect(await removeMember(group, one)).toBe('last');
		expect(await changeMember(group, one, { role: 'reader', personId: null })).toBe('last');
		await addMember(group, two, 'coordinator');
		const went = await Promise.all([
			removeMember(group, one),
			changeMember(group, two, { role: 'helper', personId: null })
		]);
		expect(went.sort()).toEqual(['changed', 'last']);
		expect((await listMembers(group)).filter(({ role }) => role === 'coordinator')).toHaveLength(1);
	});

	it('who alone coordinate may be said to be somebody at the table, and stay what they are', async () => {
		const account = await newAccount('Odo');
		const group = dbOf(await makeGroup('Quay Sheds', account, crypto.randomUUID()));
		const person = crypto.randomUUID();
		await addPerson(group, person, 'Odo');
		expect(await changeMember(group, account, { role: 'coordinator', personId: person })).toBe(
			'changed'
		);
		expect(await listMembers(group)).toMatchObject([{ role: 'coordinator', personId: person }]);
	});
});

describe('what is over', () => {
	it('goes after a week and not before, a group with all it has', async () => {
		const account = await newAccount('Tansy');
		const [gone, stays] = [
			dbOf(await makeGroup('Gone', account, crypto.randomUUID())),
			dbOf(await makeGroup('Stays', account, crypto.randomUUID()))
		];
		for (const [group, days] of [
			[gone, 8],
			[stays, 6]
		] as const)
			await house.execute(
				`update volunteer_group set deleted_at = now() - make_interval(days => $2::integer) where id = $1`,
				[group.groupId, days]
			);
		await done(gone, '/settings group');
		await clearAway(ownerUrl);
		expect((await groupsOfAccount(account)).map(({ name }) => name)).toEqual(['Stays']);
		expect(await trailBefore(gone, new Date('2100-01-01'), 10)).toEqual([]);
	});
});

describe('a new group', () => {
	it('is one, however often its press comes, and another where another is named', async () => {
		const [account, page] = [await newAccount('Wren'), crypto.randomUUID()];
		const made = await Promise.all([1, 2, 3, 4].map(() => makeGroup('Quay Sheds', account, page)));
		expect(new Set(made).size).toBe(1);
		await makeGroup('Boat Shed', account, page);
		expect((await groupsOfAccount(account)).map(({ name, role }) => [name, role])).toEqual([
			['Boat Shed', 'coordinator'],
			['Quay Sheds', 'coordinator']
		]);
	});

	it('is no way into the group of another who has the same page', async () => {
		const [one, other, page] = [
			await newAccount('Wren'),
			await newAccount('Odo'),
			crypto.randomUUID()
		];
		const made = await makeGroup('Quay Sheds', one, page);
		expect(await makeGroup('Quay Sheds', other, page)).not.toBe(made);
		expect(await groupsOfAccount(other)).toHaveLength(1);
	});
});

describe('the trail', () => {
	it('says what was done, and is changed by nobody', async () => {
		const group: Db = await newGroup();
		await done(group, '/people forget');
		await done(group, '/plan work');
		const lines = await trailBefore(group, new Date('2100-01-01'), 10);
		expect(lines.map(({ act }) => act)).toEqual(['/people forget']);
		await expect(
			house.execute(`update trail set act = 'x' where group_id = $1`, [group.groupId])
		).rejects.toThrow();
		await expect(
			house.execute('delete from trail where group_id = $1', [group.groupId])
		).rejects.toThrow();
		expect(await trailBefore(group, new Date('2000-01-01'), 10)).toEqual([]);
	});

	it('is written once, with what changes, and never without it', async () => {
		const group: Db = await newGroup();
		const act = async (work: (db: Db) => Promise<unknown>, about: string) =>
			work(
				withLine(
					group,
					trailLineOf(group, '/settings name', () => about)
				)
			);
		await act(async (db) => [await rename(db, 'One'), await rename(db, 'Two')], 'twice');
		await act(
			(db) => db.execute('update volunteer_group set name = $1 where id <> id', ['x']),
			'none'
		);
		await act(
			(db) => db.writer.many('select 1 from plan where group_id = $1', [group.groupId]),
			'read'
		);
		const thrown = act(
			(db) =>
				db.transaction(async (db) => {
					await rename(db, 'Three');
					throw new Error('thought better of it');
				}),
			'thrown'
		);
		await expect(thrown).rejects.toThrow('thought better of it');
		// Where its line cannot be written, nothing of the act stands.
		const tooLong = rename(
			withLine(group, async (db) => {
				await db.execute('insert into trail (group_id, act) values ($1, $2)', [
					group.groupId,
					'x'.repeat(99)
				]);
			}),
			'Four'
		);
		await expect(tooLong).rejects.toThrow();
		expect(
			(await trailBefore(group, new Date('2100-01-01'), 10)).map(({ about }) => about)
		).toEqual(['twice']);
		expect(
			await house.many('select name from volunteer_group where id = $1', [group.groupId])
		).toEqual([{ name: 'Two' }]);
	});
});

describe('the application', () => {
	it('writes messages to accounts and reads none, and makes no migration', async () => {
		const client = new pg.Client({ connectionString: await ensureAppRole(ownerUrl) });
		await client.connect();
		const asked = (sql: string) =>
			client.query(sql).then(
				() => 'done',
				({ code }: { code: string }) => code
			);
		expect(
			await asked(
				`insert into account_message (email, subject, words) values ('a@b.example', 's', 'w')`
			)
		).toBe('done');
		expect(await asked('select words from account_message')).toBe('42501');
		expect(await asked('delete from schema_migration')).toBe('42501');
		expect(await asked('create table mine (id integer)')).toBe('42501');
		expect(await asked(`set role nest_row`)).toBe('42501');
		await client.end();
		expect(writers().totalCount).toBeGreaterThan(0);
	});
});
