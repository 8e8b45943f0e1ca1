import {
	appendFileSync,
	mkdtempSync,
	readFileSync,
	readdirSync,
	rmSync,
	writeFileSync
} from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import pg from 'pg';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { backUp, putBackBeside, restore } from '../../scripts/lib/backup.mjs';
import { lookAt, sealOf } from '../../scripts/lib/copy-file.mjs';
import { copyName, isDue, keptCopies, madeAt, nightly } from '../../scripts/lib/backups.mjs';
import { makeJoinLink, makeOpenLink } from '../../src/lib/server/book/links';
import { addMember } from '../../src/lib/server/auth/members';
import { aMat, send } from './a-mat';
import { emptyDatabase, useDatabase } from './database';
import { newAccount } from './other-group-doors';

useDatabase();

const home = mkdtempSync(path.join(os.tmpdir(), 'nest-row-copies-'));
afterAll(() => rmSync(home, { recursive: true }));
const passphrase = 'seven grey herons over the quay';
const at = (name: string) => path.join(home, name);
const own = () => process.env.DATABASE_URL ?? '';

async function asked<Row extends object>(url: string, text: string): Promise<Row[]> {
	const client = new pg.Client({ connectionString: url });
	await client.connect();
	try {
		return (await client.query<Row>(text)).rows;
	} finally {
		await client.end();
	}
}

/** Every row of every table, and where every sequence stands. */
async function everyRow(url: string): Promise<Record<string, unknown>> {
	const client = new pg.Client({ connectionString: url });
	await client.connect();
	try {
		const tables = await client.query<{ name: string; sort: string }>(
			`select c.relname as name, c.relkind as sort from pg_class c join pg_namespace s on s.oid = c.relnamespace
			 where s.nspname = 'public' and c.relkind in ('r', 'p', 'S') order by 1`
		);
		const rows: Record<string, unknown> = {};
		for (const { name, sort } of tables.rows)
			rows[name] = (
				await client.query(
					sort === 'S'
						? `select last_value, is_called from "${name}"`
						: `select to_jsonb(t)::text as row from "${name}" t order by 1`
				)
			).rows;
		return rows;
	} finally {
		await client.end();
	}
}
const isUntouched = async (url: string) => Object.keys(await everyRow(url)).length === 0;

beforeAll(async () => {
	const { group, code, row } = await aMat();
	for (let nth = 0; nth < 5; nth++) await row();
	await send(group, 'note', { mat: code, text: 'a word with “quotes”, ümlauts and 🪡' });
	const account = await newAccount('Wren');
	await makeOpenLink(group, crypto.randomUUID(), 'asks');
	await makeJoinLink(group, crypto.randomUUID(), 'helper');
	await addMember(group, account, 'coordinator');
	const soon = `now() + interval '1 hour'`;
	await asked(
		own(),
		`insert into sign_in (account_id, token, expires_at) values ('${account}', 'a key', ${soon});
		 insert into verification (identifier, value, expires_at) values ('a way back', '${account}', ${soon});
		 insert into account_message (email, subject, words) values ('wren@mats.example', 'A way back', '…');
		 insert into first_word (digest) values ('…')`
	);
	await backUp(own(), at('open'), null);
	// As cheap as a test may be; what people use is as dear as the package advises.
	expect(sealOf(passphrase)?.workFactor).toBe(18);
	await backUp(own(), at('sealed'), { passphrase, workFactor: 10 });
});

describe('a copy', () => {
	it.each([
		['open', null],
		['sealed', passphrase]
	])('that is %s comes back with every row as it was', async (name, said) => {
		const url = await emptyDatabase();
		const head = await restore(url, at(name), said, { keepsRights: true });
		expect(head.isSealed).toBe(said !== null);
		const [before, after] = [await everyRow(own()), await everyRow(url)];
		expect(Object.keys(before).length).toBeGreaterThan(40);
		expect((before['entry'] as unknown[]).length).toBeGreaterThan(5);
		expect(after).toEqual(before);
	});
	it('brings back nothing that lets somebody in, unless told to, and accounts stay as they are', async () => {
		const url = await emptyDatabase();
		await restore(url, at('open'), null);
		const [before, after] = [await everyRow(own()), await everyRow(url)];
		for (const name of ['sign_in', 'verification', 'account_message', 'first_word']) {
			expect(before[name]).toHaveLength(1);
			expect(after[name]).toEqual([]);
		}
		for (const name of ['account', 'credential', 'passkey', 'member', 'entry', 'trail'])
			expect(after[name]).toEqual(before[name]);
		const open = 'select count(*)::integer as n from link where revoked_at is null';
		expect(await asked(own(), open)).toEqual([{ n: 2 }]);
		expect(await asked(url, open)).toEqual([{ n: 0 }]);
		expect(after['link']).toHaveLength(2);
	});
	it('that is sealed says nothing of what is in it, and no file is left open', () => {
		expect(readFileSync(at('sealed')).includes('Mabel')).toBe(false);
		expect(readFileSync(at('sealed')).includes('age-encryption')).toBe(true);
		expect(readdirSync(home).filter((name) => /half$|open$/.test(name))).toEqual(['open']);
	});
	const slips: Readonly<Record<string, readonly [() => string, string | null, RegExp]>> = {
		'cut off': [
			() => {
				const whole = readFileSync(at('open'));
				writeFileSync(at('cut'), whole.subarray(0, whole.length - 100));
				return at('cut');
			},
			null,
			/half written/
		],
		'with something after its end': [
			() => {
				writeFileSync(at('long'), readFileSync(at('open')));
				appendFileSync(at('long'), 'x');
				return at('long');
			},
			null,
			/damaged/
		],
		'with one byte changed': [
			() => {
				const whole = readFileSync(at('open'));
				whole[3000] = (whole[3000] ?? 0) ^ 1;
				writeFileSync(at('changed'), whole);
				return at('changed');
			},
			null,
			/damaged/
		],
		'of a newer Nest Row': [
			() => {
				const whole = readFileSync(at('open'));
				const line = whole
					.subarray(0, 1024)
					.toString()
					.replace(/"schema":\d+/, '"schema":9999');
				writeFileSync(
					at('newer'),
					Buffer.concat([Buffer.from(line.slice(0, 1024)), whole.subarray(1024)])
				);
				return at('newer');
			},
			null,
			/newer Nest Row \(9999/
		],
		'that is sealed, without a passphrase': [() => at('sealed'), null, /sealed/],
		'with a wrong passphrase': [() => at('sealed'), 'seven grey herons', /not the passphrase/],
		'that is no copy': [
			() => {
				writeFileSync(at('letter'), 'Dear all, the table meets on Thursday.');
				return at('letter');
			},
			null,
			/no copy of Nest Row/
		],
		'that is not there': [() => at('nowhere'), null, /no file/]
	};
	let empty = '';
	it.each(Object.keys(slips))('%s is refused, and nothing is touched', async (slip) => {
		const [file, said, why] = slips[slip] ?? [() => '', null, /never/];
		// Untouched by one slip, it is there for the next.
		empty ||= await emptyDatabase();
		const url = empty;
		await expect(restore(url, file(), said)).rejects.toThrow(why);
		expect(await isUntouched(url)).toBe(true);
	});
	it('is put into no database that holds something', async () => {
		const before = await everyRow(own());
		await expect(restore(own(), at('open'), null)).rejects.toThrow(/something kept/);
		expect(await everyRow(own())).toEqual(before);
	});
	it('of a database that is none, or lies where nobody may write, leaves nothing behind', async () => {
		await expect(backUp(await emptyDatabase(), at('none'), null)).rejects.toThrow(/no Nest Row/);
		await expect(backUp(own(), '/proc/none', null)).rejects.toThrow();
		expect(readdirSync(home)).not.toContain('none.half');
	});
	it('takes the place of what was there once it is whole, and that is kept beside it', async () => {
		const server = own().replace(/\/[^/]*$/, '');
		const urlOf = (name: string) => `${server}/${name}`;
		await asked(own(), 'drop database if exists nest_row');
		const kept = { keepsRights: true };
		const first = await putBackBeside(urlOf, at('open'), null, kept);
		expect(first.former).toBeNull();
		const wrong = putBackBeside(urlOf, at('sealed'), null);
		await expect(wrong).rejects.toThrow(/sealed/);
		expect(await everyRow(urlOf('nest_row'))).toEqual(await everyRow(own()));
		const names = await asked<{ datname: string }>(own(), 'select datname from pg_database');
		expect(names.filter(({ datname }) => datname.startsWith('nest_row_new'))).toEqual([]);
		const second = await putBackBeside(urlOf, at('open'), null, kept);
		expect(await everyRow(urlOf(second.former ?? ''))).toEqual(await everyRow(own()));
		for (const name of ['nest_row', second.former ?? ''])
			await asked(own(), `drop database ${name}`);
	});
	it('tells its head, and how it was made', async () =>
		expect(await lookAt(at('open'))).toMatchObject({ format: 1, isSealed: false }));
});

describe('nightly copies', () => {
	const now = new Date('2026-11-28T20:00:00');
	const ago = (days: number) => copyName(new Date(now.getTime() - days * 24 * 3600_000));
	it('stay for seven days and five weeks, the newest always', () => {
		const names = [0, 0.2, 1.1, 2.1, 6.5, 8, 9, 15, 33, 36, 60].map(ago);
		const kept = keptCopies([...names, 'letter.txt'], now);
		expect(names.map((name) => kept.has(name))).toEqual([
			true,
			false,
			true,
			true,
			true,
			true,
			false,
			true,
			true,
			false,
			false
		]);
		expect(keptCopies([ago(90)], now).size).toBe(1);
		expect(madeAt('letter.txt')).toBeNull();
	});
	it('are made once after three in the morning', () => {
		expect(isDue([], now)).toBe(true);
		expect(isDue([copyName(new Date('2026-11-28T02:59:00'))], now)).toBe(true);
		expect(isDue([copyName(new Date('2026-11-28T03:01:00'))], now)).toBe(false);
		expect(
			isDue([copyName(new Date('2026-11-27T03:01:00'))], new Date('2026-11-28T02:00:00'))
		).toBe(false);
	});
	it('lie in their folder, and take nothing with them that is another’s', async () => {
		const folder = at('nights');
		const made = await nightly(own(), folder, null, now);
		writeFileSync(path.join(folder, 'letter.txt'), 'stays');
		writeFileSync(path.join(folder, `${ago(70)}`), 'old');
		writeFileSync(path.join(folder, `${ago(1)}.half`), 'half');
		expect(await nightly(own(), folder, null, now)).toBeNull();
		await nightly(own(), folder, null, new Date(now.getTime() + 24 * 3600_000));
		const left = readdirSync(folder).toSorted();
		expect(left).toEqual([path.basename(made ?? ''), ago(-1), 'letter.txt'].toSorted());
	});
});
