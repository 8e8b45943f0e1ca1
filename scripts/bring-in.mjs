// npm run --silent bring-in -- FILE [EMAIL]: a group that went out as an archive comes in again; where people sign in,
// EMAIL says whose account coordinates it here.
import { readFileSync } from 'node:fs';
import path from 'node:path';
import { ensureModules } from './lib/built.mjs';
import { withOwnDatabase } from './lib/own-database.mjs';
import { Stop, runMain, say } from './lib/say.mjs';

await runMain(async () => {
	const [, , file, email] = process.argv;
	if (!file) throw new Stop('Which file? npm run bring-in -- FILE');
	await ensureModules({ isQuiet: true });
	const { bringIn } = await import('./lib/bring-in.mjs');
	const { ensureDatabase, migrate } = await import('./lib/migrate.mjs');
	/** @type {Buffer} */
	let bytes;
	try {
		bytes = readFileSync(path.resolve(file));
	} catch {
		throw new Stop(`There is no file ${file} that can be read.`);
	}
	await withOwnDatabase(async (url, isGiven) => {
		if (!isGiven) await ensureDatabase(url);
		await migrate(url);
		const { id, name, count } = await bringIn(url, bytes, email ?? null);
		say(`${name} is in, with ${count} rows, as ${id}.`);
	});
});
