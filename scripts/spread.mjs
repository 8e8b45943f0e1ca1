// npm run spread: lays the tables of groups in sixteen parts each, for a house of thousands of groups; once is enough.
import { ensureModules } from './lib/built.mjs';
import { withOwnDatabase } from './lib/own-database.mjs';
import { runMain, say } from './lib/say.mjs';

await runMain(async () => {
	await ensureModules();
	const { ensureDatabase, migrate, partition } = await import('./lib/migrate.mjs');
	await withOwnDatabase(async (url) => {
		await ensureDatabase(url);
		await migrate(url);
		const from = Date.now();
		await partition(url);
		say(
			`Every table of groups lies in sixteen parts (${((Date.now() - from) / 1000).toFixed(1)} s).`
		);
	});
});
