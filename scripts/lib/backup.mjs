// Copies of a whole database in one file: made by pg_dump, sealed where a passphrase is given, written whole or not
// at all, and read back only once all of it has been looked at.
import { Decrypter, Encrypter } from 'age-encryption';
import { spawn } from 'node:child_process';
import { createHash } from 'node:crypto';
import {
	closeSync,
	createReadStream,
	createWriteStream,
	fsyncSync,
	openSync,
	readSync,
	renameSync,
	rmSync,
	statSync,
	writeSync
} from 'node:fs';
import path from 'node:path';
import { Readable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import { ensureDatabase, migrate, readMigrations } from './migrate.mjs';
import { asked } from './asked.mjs';
import { Stop } from './say.mjs';
import { postgresServers } from './system.mjs';

/** What a copy begins with: its name, so many bytes of a line, and the line. */
const magic = 'nest-row-copy';
const format = 1;
const headBytes = 1024;

/**
 * @typedef {object} Head what stands before the bytes of a copy
 * @property {number} format
 * @property {number} schema the newest migration that its database had
 * @property {string} madeAt
 * @property {boolean} isSealed
 * @property {number} bytes of what follows
 * @property {string} sha256 of what follows
 */

/**
 * @typedef {object} Seal
 * @property {string} passphrase
 * @property {number} workFactor how dear each guess at it is made: 2 to this many rounds
 */

/** The seal of a passphrase, as dear to guess as its package advises; none where there is no passphrase. @param {string | undefined} passphrase @returns {Seal | null} */
export const sealOf = (passphrase) => (passphrase ? { passphrase, workFactor: 18 } : null);

/** The programs of PostgreSQL that are as new as the server, or newer. @param {import('pg').Client} client */
async function programsFor(client) {
	const { rows } = await client.query('show server_version_num');
	const major = Math.floor(Number(rows[0].server_version_num) / 10_000);
	const found = postgresServers().find((one) => one.major >= major);
	if (!found)
		throw new Stop(
			`Copies need PostgreSQL's own programs, version ${major}: apt-get install postgresql-client-${major}`
		);
	return found.bin;
}

/** How a program of PostgreSQL reaches a database: its password goes by the environment, where no list of processes shows it. @param {string} url */
function reach(url) {
	const { hostname, port, username, password, pathname } = new URL(url);
	return {
		args: ['-h', hostname, '-p', port || '5432', '-U', decodeURIComponent(username)],
		database: decodeURIComponent(pathname.slice(1)),
		env: { ...process.env, PGPASSWORD: decodeURIComponent(password), PGCONNECT_TIMEOUT: '10' }
	};
}

/** Waits for a program, and says what it said where it failed. @param {import('node:child_process').ChildProcess} child @param {string} what */
function ended(child, what) {
	let said = '';
	child.stderr?.on('data', (chunk) => (said += String(chunk).slice(0, 2000)));
	return new Promise((resolve, reject) => {
		child.on('error', reject);
		child.on('close', (code) =>
			code === 0
				? resolve(undefined)
				: reject(new Stop(`${what} (${said.split('\n')[0] || `code ${code}`}).`))
		);
	});
}

/** The newest migration of a database; 0 where it has none. @param {import('pg').Client} client */
async function schemaOf(client) {
	const { rows } = await client.query(
		`select to_regclass('public.schema_migration') is not null as there`
	);
	if (!rows[0].there) return 0;
	return Number(
		(await client.query('select coalesce(max(number), 0) as n from schema_migration')).rows[0].n
	);
}

/** @param {Head} head */
function headOf(head) {
	const line = `${magic}\n${JSON.stringify(head)}\n`;
	return Buffer.from(line.padEnd(headBytes, ' '));
}

/**
 * Writes a copy of a database into a file. Until all of it is on the disk it lies under another name.
 *
 * @param {string} url
 * @param {string} file
 * @param {Seal | null} seal null leaves it open
 * @returns {Promise<Head>}
 */
export async function backUp(url, file, seal) {
	const [bin, schema] = await asked(
		url,
		async (client) => /** @type {const} */ ([await programsFor(client), await schemaOf(client)])
	);
	if (schema === 0) throw new Stop('There is no Nest Row database there to copy.');
	const { args, database, env } = reach(url);
	const half = `${file}.half`;
	try {
		writeFileStart(half);
		const dump = spawn(
			path.join(bin, 'pg_dump'),
			[...args, '-Fc', '--no-owner', '--no-acl', database],
			{
				env,
				stdio: ['ignore', 'pipe', 'pipe']
			}
		);
		const isDone = ended(dump, 'The database could not be copied');
		const hash = createHash('sha256');
		let bytes = 0;
		/** @param {AsyncIterable<Uint8Array>} source */
		async function* counted(source) {
			for await (const chunk of source) {
				hash.update(chunk);
				bytes += chunk.length;
				yield chunk;
			}
		}
		const plain = /** @type {Readable} */ (dump.stdout);
		const sealed = seal === null ? plain : await sealedBy(plain, seal);
		await Promise.all([
			pipeline(sealed, counted, createWriteStream(half, { flags: 'r+', start: headBytes })),
			isDone
		]);
		/** @type {Head} */
		const head = {
			format,
			schema,
			madeAt: new Date().toISOString(),
			isSealed: seal !== null,
			bytes,
			sha256: hash.digest('hex')
		};
		const handle = openSync(half, 'r+');
		try {
			writeSync(handle, headOf(head), 0, headBytes, 0);
			fsyncSync(handle);
		} finally {
			closeSync(handle);
		}
		renameSync(half, file);
		return head;
	} catch (error) {
		rmSync(half, { force: true });
		throw error;
	}
}

/** Begins a file that only its owner can read, with room for its head. @param {string} file */
function writeFileStart(file) {
	const handle = openSync(file, 'w', 0o600);
	writeSync(handle, Buffer.alloc(headBytes, ' '));
	closeSync(handle);
}

/** @param {Readable} plain @param {Seal} seal */
async function sealedBy(plain, { passphrase, workFactor }) {
	const encrypter = new Encrypter();
	encrypter.setScryptWorkFactor(workFactor);
	encrypter.setPassphrase(passphrase);
	return Readable.fromWeb(
		/** @type {any} */ (await encrypter.encrypt(/** @type {any} */ (Readable.toWeb(plain))))
	);
}

/** Reads what stands before a copy, and looks at every byte of it. @param {string} file @returns {Promise<Head>} */
export async function lookAt(file) {
	let handle;
	try {
		handle = openSync(file, 'r');
	} catch {
		throw new Stop(`There is no file ${file} that could be read.`);
	}
	const start = Buffer.alloc(headBytes);
	const read = readSync(handle, start, 0, headBytes, 0);
	closeSync(handle);
	const [name, line = ''] = start.subarray(0, read).toString('utf8').split('\n');
	if (name !== magic)
		throw new Stop('This is no copy of Nest Row, or it was never written to its end.');
	/** @type {Head} */
	let head;
	try {
		head = JSON.parse(line);
	} catch {
		throw new Stop('This copy is damaged: what stands before it cannot be read.');
	}
	if (head.format !== format)
		throw new Stop(`This copy is of format ${head.format}, and this Nest Row reads ${format}.`);
	const newest = Math.max(...readMigrations().map(({ number }) => number));
	if (head.schema > newest)
		throw new Stop(
			`This copy was made by a newer Nest Row (${head.schema}; this one knows ${newest}). Bring this one up to date first.`
		);
	const wrong = new Stop('This copy is damaged or half written: not a byte of it was used.');
	if (statSync(file).size !== headBytes + head.bytes) throw wrong;
	const hash = createHash('sha256');
	for await (const chunk of createReadStream(file, { start: headBytes })) hash.update(chunk);
	if (hash.digest('hex') !== head.sha256) throw wrong;
	return head;
}

/** Whether anything is kept in a database. @param {import('pg').Client} client */
async function isEmpty(client) {
	const { rows } = await client.query(
		`select count(*)::integer as n from pg_class c join pg_namespace s on s.oid = c.relnamespace
		 where s.nspname = 'public' and c.relkind in ('r', 'p', 'v', 'm', 'S')`
	);
	return rows[0].n === 0;
}

/**
 * Puts a copy back into an empty database, all of it or nothing, and brings it up to the present schema.
 *
 * @param {string} url
 * @param {string} file
 * @param {string | null} passphrase
 * @returns {Promise<Head>}
 */
export async function restore(url, file, passphrase) {
	const head = await lookAt(file);
	if (head.isSealed && passphrase === null)
		throw new Stop('This copy is sealed: say its passphrase in NEST_ROW_BACKUP_PASSPHRASE.');
	const [bin, isFree] = await asked(
		url,
		async (client) => /** @type {const} */ ([await programsFor(client), await isEmpty(client)])
	);
	if (!isFree)
		throw new Stop(
			'There is something kept in that database already: a copy is put back into an empty one. Nothing was touched.'
		);
	const open = `${file}.open`;
	try {
		let dump = file;
		let start = headBytes;
		if (head.isSealed) {
			// Opened to its end before the database hears of it: a wrong passphrase, or a changed byte, touches nothing.
			await unseal(file, open, passphrase ?? '');
			dump = open;
			start = 0;
		}
		const { args, database, env } = reach(url);
		const putBack = spawn(
			path.join(bin, 'pg_restore'),
			[
				...args,
				'--single-transaction',
				'--exit-on-error',
				'--no-owner',
				'--no-acl',
				'-d',
				database
			],
			{ env, stdio: ['pipe', 'ignore', 'pipe'] }
		);
		const isDone = ended(putBack, 'The copy could not be put back; nothing was touched');
		await Promise.all([
			pipeline(
				createReadStream(dump, { start }),
				/** @type {import('node:stream').Writable} */ (putBack.stdin)
				// Where the program ends early, its own words say why.
			).catch(() => {}),
			isDone
		]);
	} finally {
		rmSync(open, { force: true });
	}
	await migrate(url);
	return head;
}

/** @param {string} file @param {string} open @param {string} passphrase */
async function unseal(file, open, passphrase) {
	const decrypter = new Decrypter();
	decrypter.addPassphrase(passphrase);
	try {
		const plain = await decrypter.decrypt(
			/** @type {any} */ (Readable.toWeb(createReadStream(file, { start: headBytes })))
		);
		await pipeline(
			Readable.fromWeb(/** @type {any} */ (plain)),
			createWriteStream(open, { mode: 0o600 })
		);
	} catch {
		throw new Stop('That is not the passphrase of this copy. Nothing was touched.');
	}
}

/**
 * Puts a copy back into Nest Row's own database: into a new one first, which takes the place of the old one only once it
 * is whole. What was there before stays, under the name that is given back; null where nothing was.
 *
 * @param {(name: string) => string} urlOf of a database of the server
 * @param {string} file
 * @param {string | null} passphrase
 */
export async function putBackBeside(urlOf, file, passphrase) {
	const mark = new Date()
		.toISOString()
		.slice(0, 19)
		.replace(/[^0-9]/g, '');
	const fresh = `nest_row_new_${mark}`;
	await ensureDatabase(urlOf(fresh));
	return asked(urlOf('postgres'), async (client) => {
		try {
			const head = await restore(urlOf(fresh), file, passphrase);
			const { rowCount } = await client.query(
				`select 1 from pg_database where datname = 'nest_row'`
			);
			const former = rowCount ? `nest_row_before_${mark}` : null;
			if (former) await client.query(`alter database nest_row rename to ${former}`);
			await client.query(`alter database ${fresh} rename to nest_row`);
			return { head, former };
		} catch (error) {
			await client.query(`drop database if exists ${fresh}`).catch(() => {});
			throw error;
		}
	});
}
