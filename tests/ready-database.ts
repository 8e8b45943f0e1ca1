import type pg from 'pg';
import { asked } from '../scripts/lib/asked.mjs';
import { loadDemo } from '../scripts/lib/load-demo.mjs';
import { ensureDatabase, migrate } from '../scripts/lib/migrate.mjs';

const lockNumber = 7_240_114; // any number no other program uses on this server
/** What others are copied from: a house with nothing in it, or with the demo world. */
const patterns = { empty: 'nest_row_migrated', demo: 'nest_row_filled' } as const;
type World = keyof typeof patterns;

/** Makes the database others are copied from, once on a server. */
async function ensurePattern(client: pg.Client, url: URL, world: World): Promise<void> {
	const pattern = patterns[world];
	const { rows } = await client.query<{ datname: string }>(
		'select datname from pg_database where datname = $1 and datistemplate',
		[pattern]
	);
	if (rows.length > 0) return;
	url.pathname = `/${pattern}`;
	await ensureDatabase(url.href);
	await migrate(url.href);
	if (world === 'demo') await loadDemo(url.href);
	await client.query(`alter database ${pattern} is_template true`);
}

/**
 * The address of a new database at the newest migration, with nothing in it or with the demo world.
 * @param server a server's address, of one who may make databases
 */
export async function readyDatabase(
	server: string,
	name: string,
	world: World = 'empty'
): Promise<string> {
	const url = new URL(server);
	await asked(server, async (client) => {
		// Two copies of one pattern at once are refused.
		await client.query('select pg_advisory_lock($1)', [lockNumber]);
		await ensurePattern(client, url, world);
		await client.query(
			`create database ${client.escapeIdentifier(name)} template ${patterns[world]} strategy file_copy`
		);
	});
	url.pathname = `/${name}`;
	return url.href;
}
