import { type Db, dbOf, house } from '../../src/lib/server/db/db';
import { zipSync, unzipSync } from 'fflate';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { bringIn, readArchive } from '../../scripts/lib/bring-in.mjs';
import { partition } from '../../scripts/lib/migrate.mjs';
import type { GroupId } from '../../src/lib/server/base/group-id';
import { localGroupId } from '../../src/lib/server/base/group-id';
import { endPools } from '../../src/lib/server/db/pool';
import { makeOpenLink } from '../../src/lib/server/book/links';
import { listBalances } from '../../src/lib/server/gather/ledger';
import { archiveOf } from '../../src/lib/server/out/archive';
import { send, withBall } from './a-mat';
import { anotherDatabase, useDatabase } from './database';
import { fillDoors, newAccount } from './other-group-doors';

useDatabase();

/** The archive of a group, as it is downloaded. */
async function archived(group: Db): Promise<Uint8Array> {
	const { db, close } = await group.snapshot();
	const parts: Uint8Array[] = [];
	for await (const part of archiveOf(db)) parts.push(part);
	await close();
	return Buffer.concat(parts);
}
const lines = (archive: Uint8Array) => {
	const { head, tables } = readArchive(archive);
	return { group: head.group, tables };
};
/** What belongs to a house and not to its group. */
const rights = ['link', 'late_entry', 'handed_picture', 'trail'];
/** Every row but for its ids, which are made anew, and for who may what: table by table, in an order of its own. */
const rowsOf = (archive: Uint8Array): Record<string, string[]> => {
	const all: Record<string, string[]> = {};
	for (const { table, rows } of readArchive(archive).tables) {
		// A digest of the ids of what lies alike is another where the ids are.
		if (rights.includes(table) || table === 'lying') continue;
		const texts = rows.map((row) =>
			JSON.stringify(table === 'entry' ? { ...row, account_id: null, link_id: null } : row).replace(
				/[0-9a-f]{8}(?:-[0-9a-f]{4}){3}-[0-9a-f]{12}/g,
				'id'
			)
		);
		all[table] = [...(all[table] ?? []), ...texts].toSorted();
	}
	return all;
};
const file = 'whole/group.jsonl';

describe('a whole group', () => {
	let group: Db;
	let archive: Uint8Array;
	let here = '';
	let elsewhere = '';
	beforeAll(async () => {
		here = process.env.DATABASE_URL ?? '';
		const mat = await withBall();
		({ group } = mat);
		await mat.row();
		await mat.row();
		await fillDoors(group, 'Alcove');
		await makeOpenLink(group, crypto.randomUUID(), 'asks');
		archive = await archived(group);
		elsewhere = await anotherDatabase();
	});
	const goTo = async (url: string) => {
		await endPools();
		process.env.DATABASE_URL = url;
	};
	afterAll(() => goTo(here));

	it('goes out with every table it has rows in, and with nobody who signs in', async () => {
		const { tables } = lines(archive);
		const names = tables.map(({ table }) => table);
		for (const name of ['entry', 'movement', 'balance', 'thing', 'plan_version', 'trail'])
			expect(names).toContain(name);
		expect(names).not.toContain('member');
		expect(Object.keys(unzipSync(archive))).toEqual(
			expect.arrayContaining([file, 'whole/columns.json'])
		);
	});

	it('comes in elsewhere and is the same, to the row, and works on from there', async () => {
		const { id, name, count } = await bringIn(elsewhere, archive, null);
		// Its ids are made anew; its labels stay.
		expect(id).not.toBe(group.groupId);
		expect(count).toBeGreaterThan(20);
		await goTo(elsewhere);
		const there = dbOf(id as GroupId);
		const again = await archived(there);
		expect(rowsOf(again)).toEqual(rowsOf(archive));
		expect((await listBalances(there)).length).toBeGreaterThan(0);
		expect(name).toBe(lines(archive).group.name);
		// New entries have numbers of their own, and what holds held before holds still.
		const typed = { place: 'Ferry kiosk', came_on: '2026-11-20', method: 'hand', bags: '40' };
		expect((await send(there, 'drop-off', typed)).outcome).toBe('kept');
		await expect(
			house.execute(`update entry set note = 'x' where group_id = $1`, [there.groupId])
		).rejects.toThrow();
		const [deferred] = await house.many<{ n: number }>(
			`select count(*)::integer as n from pg_constraint where contype = 'f' and condeferrable`,
			[]
		);
		expect(deferred?.n).toBe(0);
		await goTo(here);
	});

	it('brings no right with it, whatever it says: no link, no member, nobody’s deeds, no balance', async () => {
		const fresh = await anotherDatabase();
		await goTo(here);
		const text = new TextDecoder().decode(unzipSync(archive)[file]);
		expect(text).toContain('"table":"link"');
		// A store that has ten times what was ever put there, and a member who was never let in.
		const forged = text
			.split('\n')
			.map((line) =>
				line.startsWith('{"table":"balance"')
					? line.replace(/"amount":\s*([1-9]\d*)/g, (_, amount: string) => `"amount":${amount}0`)
					: line
			)
			.join('\n');
		const { id } = await bringIn(
			fresh,
			zipSync({ [file]: new TextEncoder().encode(forged) }),
			null
		);
		const rowsIn = async (table: string) =>
			house.many(`select * from ${table} where group_id = $1`, [id]);
		const before = await house.many(
			'select amount, film_mg from balance where group_id = $1 order by 1, 2',
			[group.groupId]
		);
		await goTo(fresh);
		for (const table of [...rights, 'member', 'account_group'])
			expect([table, await rowsIn(table)]).toEqual([table, []]);
		expect(
			await house.many(
				'select id from entry where group_id = $1 and (account_id is not null or link_id is not null)',
				[id]
			)
		).toEqual([]);
		expect(
			await house.many('select amount, film_mg from balance where group_id = $1 order by 1, 2', [
				id
			])
		).toEqual(before);
		await goTo(here);
	});

	it('comes in beside one that has its id, under another, for an account that is there', async () => {
		await goTo(elsewhere);
		const account = await newAccount('Wren');
		const [row] = await house.many<{ email: string }>('select email from account where id = $1', [
			account
		]);
		const { id } = await bringIn(elsewhere, archive, row?.email ?? '');
		expect(id).not.toBe(group.groupId);
		const own = await house.many<{ role: string }>('select role from member where group_id = $1', [
			id
		]);
		expect(own).toEqual([{ role: 'coordinator' }]);
		await expect(bringIn(elsewhere, archive, 'nobody@mats.example')).rejects.toThrow(
			'Nobody signs in'
		);
		await goTo(here);
	});

	it('takes the place of a group that is empty, in a house laid in parts too', async () => {
		const fresh = await anotherDatabase();
		await partition(fresh);
		const { head } = readArchive(archive);
		const text = new TextDecoder().decode(unzipSync(archive)[file]);
		const local = text.replaceAll(head.group.id, localGroupId);
		const { id } = await bringIn(fresh, zipSync({ [file]: new TextEncoder().encode(local) }), null);
		expect(id).toBe(localGroupId);
		await goTo(fresh);
		expect(rowsOf(await archived(dbOf(localGroupId)))).toEqual(rowsOf(archive));
		await goTo(here);
	});

	it.each([
		['no archive', () => new Uint8Array([1, 2, 3]), 'no archive of a group'],
		['another archive', () => zipSync({ a: new Uint8Array() }), 'has no group'],
		['cut off', (text: string) => text.split('\n').slice(0, -2).join('\n'), 'cut off'],
		['half a line', (text: string) => text.slice(0, -40), 'cut off or was changed'],
		[
			'another version',
			(text: string) => text.replace('"version":1', '"version":9'),
			'not known here'
		],
		[
			'newer',
			(text: string) => text.replace(/"migration":\d+/, '"migration":9999'),
			'made by a newer Nest Row'
		],
		[
			'a row twice',
			(text: string) => {
				const all = text.trim().split('\n');
				const at = all.findIndex((line) => line.startsWith('{"table":"thing"'));
				const end = JSON.parse(all.at(-1) ?? '') as { end: number };
				const more = (JSON.parse(all[at] ?? '') as { rows: unknown[] }).rows.length;
				return [...all.slice(0, -1), all[at], JSON.stringify({ end: end.end + more })].join('\n');
			},
			'nothing was touched'
		]
	])('that is %s is refused, and nothing is touched', async (_name, change, said) => {
		const fresh = await anotherDatabase();
		const text = new TextDecoder().decode(unzipSync(archive)[file]);
		const made = change(text);
		const bytes =
			typeof made === 'string' ? zipSync({ [file]: new TextEncoder().encode(made) }) : made;
		await expect(bringIn(fresh, bytes, null)).rejects.toThrow(said);
		await goTo(fresh);
		expect(await house.many('select id from volunteer_group', [])).toHaveLength(1);
		expect(await house.many('select id from entry limit 1', [])).toEqual([]);
		await goTo(here);
	});
});
