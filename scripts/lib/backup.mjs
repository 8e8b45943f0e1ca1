// Copies of a whole database in one file: made by pg_dump, and put back by pg_restore into an empty one.
import { spawn } from 'node:child_process';
import path from 'node:path';
import { pipeline } from 'node:stream/promises';
import { asked } from './asked.mjs';
import { lookAt, readCopy, writeCopy } from './copy-file.mjs';
import { ensureDatabase, migrate } from './migrate.mjs';
import { Stop } from './say.mjs';
import { postgresServers } from './system.mjs';

/** @typedef {import('./copy-file.mjs').Head} Head */
/** @typedef {import('./copy-file.mjs').Seal} Seal */

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
	return writeCopy(file, schema, seal, () => {
		const dump = spawn(
			path.join(bin, 'pg_dump'),
			[...args, '-Fc', '--no-owner', '--no-acl', database],
			{ env, stdio: ['ignore', 'pipe', 'pipe'] }
		);
		return { plain: dump.stdout, isDone: ended(dump, 'The database could not be copied') };
	});
}

/** Whether anything is kept in a database. @param {import('pg').Client} client */
async function isEmpty(client) {
	const { rows } = await client.query(
		`select count(*)::integer as n from pg_class c join pg_namespace s on s.oid = c.relnamespace
		 where s.nspname = 'public' and c.relkind in ('r', 'p', 'v', 'm', 'S')`
	);
	return rows[0].n === 0;
}

/** What of a copy lets somebody in. Accounts with their passphrases and passkeys, and who is a member, are no part of it. */
const letsIn = [
	'delete from sign_in',
	'delete from verification',
	'delete from account_message',
	'delete from first_word',
	'update link set revoked_at = now() where revoked_at is null'
];

/**
 * Puts a copy back into an empty database, all of it or nothing, and brings it up to the present schema. Sign-ins, links
 * and ways back may have been ended since it was made: they are ended, unless told to keep them.
 *
 * @param {string} url
 * @param {string} file
 * @param {string | null} passphrase
 * @param {{ keepsRights?: boolean }} [how]
 * @returns {Promise<Head>}
 */
export async function restore(url, file, passphrase, { keepsRights = false } = {}) {
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
	await readCopy(file, head, passphrase, async (held) => {
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
		// Where the program ends early, its own words say why.
		await Promise.all([pipeline(held, putBack.stdin).catch(() => {}), isDone]);
	});
	await migrate(url);
	if (!keepsRights)
		await asked(url, async (client) => {
			await client.query(`begin; ${letsIn.join('; ')}; commit`);
		});
	return head;
}

/**
 * Puts a copy back into Nest Row's own database: into a new one first, which takes the place of the old one only once it
 * is whole. What was there before stays, under the name that is given back; null where nothing was.
 *
 * @param {(name: string) => string} urlOf of a database of the server
 * @param {string} file
 * @param {string | null} passphrase
 * @param {{ keepsRights?: boolean }} [how] as restore has it
 */
export async function putBackBeside(urlOf, file, passphrase, how) {
	const mark = new Date()
		.toISOString()
		.slice(0, 19)
		.replace(/[^0-9]/g, '');
	const fresh = `nest_row_new_${mark}`;
	await ensureDatabase(urlOf(fresh));
	return asked(urlOf('postgres'), async (client) => {
		try {
			const head = await restore(urlOf(fresh), file, passphrase, how);
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
