// npm run fleet: Nest Row on many processes, with a database that fails over, on this machine; ended by Ctrl-C.
import path from 'node:path';
import { ensureBuild, ensureModules } from './lib/built.mjs';
import { dataFolder } from './lib/cluster.mjs';
import { runMain, say } from './lib/say.mjs';
import { ensureFleetPrograms, ensurePostgres } from './lib/system.mjs';
import { loadDemo } from './lib/load-demo.mjs';

await runMain(async () => {
	await ensurePostgres();
	await ensureFleetPrograms();
	await ensureModules();
	await ensureBuild();
	const { startFleet } = await import('./lib/fleet/fleet.mjs');
	const folder = process.env.NEST_ROW_FLEET ?? path.join(dataFolder(), 'fleet');
	const fleet = await startFleet(folder, {
		webPort: Number(process.env.PORT ?? 4173),
		say,
		loadDemo
	});
	const { ports } = fleet;
	say(`Nest Row is at ${fleet.address}`);
	say(`Who leads: http://127.0.0.1:${ports.api1}/cluster`);
	for (const which of [1, 2, 3])
		say(`Measures of web process ${which}: http://127.0.0.1:${ports[`metrics${which}`]}/metrics`);
	say(`Logs and files: ${folder}. Ctrl-C ends all of it.`);
	await new Promise((resolve) => {
		process.once('SIGINT', resolve);
		process.once('SIGTERM', resolve);
	});
	say('Ending, what is in front first …');
	await fleet.stop();
});
