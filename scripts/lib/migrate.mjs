// Numbered plain SQL files, each applied once, in order, in its own transaction, by one process at a time.
import { createHash } from 'node:crypto';
import { readFileSync, readdirSync } from 'node:fs';
import path from 'node:path';
import pg from 'pg';
import { Stop, root } from './say.mjs';

const folder = path.join(root, 'src/lib/server/db/migrations');
const lockNumber = 7_240_113; // any number no other program uses on this database

/** The migrations in order. @returns {{ number: number, name: string, sql: string, checksum: string }[]} */
export function readMigrations() {
	return readdirSync(folder)
		.filter((name) => /^\d{4}_.+\.sql$/.test(name))
		.sort()
		.map((name) => {
			const sql = readFileSync(path.join(folder, name), 'utf8');
			return {
				number: Number(name.slice(0, 4)),
				name,
				sql,
				checksum: createHash('sha256').update(sql).digest('hex')
			};
		});
}

/** Creates the database of this address if its server does not have it. @param {string} url */
export async function ensureDatabase(url) {
	const target = new URL(url);
	const name = target.pathname.slice(1);
	target.pathname = '/postgres';
	const client = new pg.Client({ connectionString: target.href });
	await client.connect();
	try {
		const { rowCount } = await client.query('select 1 from pg_database where datname = $1', [name]);
		if (!rowCount) await client.query(`create database ${client.escapeIdentifier(name)}`);
	} catch (error) {
		// 42P04, 23505: another process made it in the same moment.
		if (!['42P04', '23505'].includes(/** @type {{ code?: string }} */ (error).code ?? ''))
			throw error;
	} finally {
		await client.end();
	}
}

/** Whether tables of groups lie in parts. @param {pg.Client} client */
async function isSpread(client) {
	const { rows } = await client.query(
		`select to_regnamespace('spread_0') is not null as "isSpread"`
	);
	return /** @type {boolean} */ (rows[0].isSpread);
}

/** Does all of it or none. @param {pg.Client} client @param {() => Promise<unknown>} work */
async function inTransaction(client, work) {
	await client.query('begin');
	try {
		await work();
		await client.query('commit');
	} catch (error) {
		await client.query('rollback');
		throw error;
	}
}

/** Lays what tables of groups are whole in parts. @param {pg.Client} client */
async function layInParts(client) {
	const law = readFileSync(path.join(folder, 'spread.sql'), 'utf8');
	await inTransaction(client, () => client.query(law));
	// What lies anew was never counted, and is looked for in the wrong order until it is.
	await client.query('analyze');
}

/** Lays the tables of groups in sixteen parts by their group, in a database that is migrated. @param {string} url */
export async function partition(url) {
	const client = new pg.Client({ connectionString: url });
	await client.connect();
	try {
		await client.query('select pg_advisory_lock($1)', [lockNumber]);
		await layInParts(client);
	} finally {
		await client.end();
	}
}

/** Brings the database up to the newest migration and returns the names of those it applied. @param {string} url @returns {Promise<string[]>} */
export async function migrate(url) {
	const client = new pg.Client({ connectionString: url });
	await client.connect();
	const applied = [];
	try {
		await client.query('select pg_advisory_lock($1)', [lockNumber]);
		await client.query(`create table if not exists schema_migration (
			number integer primary key, name text not null, print text not null,
			applied_at timestamptz not null default now())`);
		const { rows } = await client.query('select number, print from schema_migration');
		const done = new Map(rows.map((row) => [row.number, row.print]));
		for (const migration of readMigrations()) {
			const checksum = done.get(migration.number);
			if (checksum === migration.checksum) continue;
			if (checksum)
				throw new Stop(
					`Migration ${migration.name} was changed after it was applied; add a new one instead.`
				);
			await inTransaction(client, async () => {
				await client.query(migration.sql);
				await client.query(
					'insert into schema_migration (number, name, print) values ($1, $2, $3)',
					[migration.number, migration.name, migration.checksum]
				);
			});
			applied.push(migration.name);
		}
		if (applied.length > 0 && (await isSpread(client))) await layInParts(client);
		return applied;
	} finally {
		await client.end();
	}
}
