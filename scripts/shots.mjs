// npm run shots: every picture of docs/screenshots afresh, from the demo data.
import { ensureBuild, ensureModules } from './lib/built.mjs';
import { startThrowawayCluster } from './lib/cluster.mjs';
import { runMain } from './lib/say.mjs';
import { ensureChromium, ensurePostgres } from './lib/system.mjs';
import { loadDemo } from './lib/load-demo.mjs';

await runMain(async () => {
	await ensurePostgres();
	const chromium = await ensureChromium();
	await ensureModules();
	await ensureBuild();
	const { ensureDatabase, migrate } = await import('./lib/migrate.mjs');
	const { startApp } = await import('./lib/app.mjs');
	const { freePort } = await import('./lib/cluster.mjs');
	const { takeShots } = await import('./lib/take-shots.mjs');
	const cluster = await startThrowawayCluster();
	try {
		const databaseUrl = cluster.url('shots');
		await ensureDatabase(databaseUrl);
		await migrate(databaseUrl);
		await loadDemo(databaseUrl);
		const app = await startApp({ databaseUrl, port: await freePort(), stdio: 'ignore' });
		try {
			await takeShots(app.address, chromium, process.argv[2] ?? 'docs/screenshots');
		} finally {
			await app.stop();
		}
	} finally {
		await cluster.stop();
	}
});
