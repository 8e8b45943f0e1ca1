// npm run bench: the figures the application promises, measured on this machine.
import { chmodSync, mkdtempSync, rmSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { startApp } from './lib/app.mjs';
import { ensureBuild, ensureModules } from './lib/built.mjs';
import { freePort, startKeptCluster } from './lib/cluster.mjs';
import { run, runMain } from './lib/say.mjs';
import { ensureChromium, ensurePostgres } from './lib/system.mjs';
import { loadDemo } from './lib/load-demo.mjs';

/** Which parts are asked for: `npm run bench -- gather`; all of them if none is named. @param {string} part */
const isAsked = (part) => process.argv.length < 3 || process.argv.includes(part);

await runMain(async () => {
	await ensurePostgres();
	const chromium = await ensureChromium();
	await ensureModules();
	await ensureBuild();
	if (isAsked('core')) await run(process.execPath, ['--import', 'tsx', 'scripts/bench/core.ts']);

	if (isAsked('ready')) await run(process.execPath, ['--import', 'tsx', 'scripts/bench/ready.ts']);

	if (isAsked('season'))
		await run(process.execPath, ['--import', 'tsx', 'scripts/bench/season.ts']);

	if (isAsked('line')) await run(process.execPath, ['--import', 'tsx', 'scripts/bench/line.ts']);

	if (isAsked('photo')) {
		await run(process.execPath, ['--import', 'tsx', 'scripts/bench/photo.ts']);
		(await import('./bench/photo-page.mjs')).benchPhotoPage();
	}

	if (isAsked('know-how'))
		await run(process.execPath, ['--import', 'tsx', 'scripts/bench/act-frames.ts']);

	if (isAsked('fleet')) await (await import('./bench/fleet.mjs')).benchFleet();

	// A database as it is kept: every write is on the disk before it is acknowledged.
	const { ensureDatabase, migrate } = await import('./lib/migrate.mjs');
	const { benchGather } = await import('./bench/gather.mjs');
	const { benchHanded } = await import('./bench/handed.mjs');
	const { benchKnowHow } = await import('./bench/know-how.mjs');
	const { benchMake } = await import('./bench/make.mjs');
	const { benchDay } = await import('./bench/day.mjs');
	const { benchPage } = await import('./bench/page.mjs');
	const { benchPages } = await import('./bench/pages.mjs');
	const { benchPrepare } = await import('./bench/prepare.mjs');
	const { benchSeasonPage } = await import('./bench/season-page.mjs');
	const { benchToday } = await import('./bench/today.mjs');
	const { benchTrestle } = await import('./bench/trestle.mjs');
	const { benchSignIn } = await import('./bench/sign-in.mjs');
	const { benchManyGroups } = await import('./bench/many-groups.mjs');
	const { benchThroughput } = await import('./bench/throughput.mjs');
	const { benchWalls } = await import('./bench/walls.mjs');
	const { benchServer } = await import('./bench/server.mjs');
	const home = mkdtempSync(path.join(os.tmpdir(), 'nest-row-bench-'));
	chmodSync(home, 0o755);
	process.env.NEST_ROW_DATA = home;
	const cluster = await startKeptCluster();
	try {
		const databaseUrl = cluster.url('bench');
		await ensureDatabase(databaseUrl);
		await migrate(databaseUrl);
		await loadDemo(databaseUrl);
		const app = await startApp({
			databaseUrl,
			port: await freePort(),
			stdio: 'ignore',
			env: { NEST_ROW_BENCH: 'yes' }
		});
		try {
			if (isAsked('page')) await benchPage(app.address, chromium);
			if (isAsked('know-how')) await benchKnowHow(app.address, chromium);
			if (isAsked('trestle')) await benchTrestle(app.address, chromium);
			const plans = await (await fetch(`${app.address}/api/plans`)).json();
			const file = await (await fetch(`${app.address}/plan/${plans.plans[0].id}/file`)).json();
			if (isAsked('server'))
				await benchServer(app.address, JSON.stringify({ ...file, name: 'Bench' }));
			if (isAsked('throughput')) await benchThroughput(databaseUrl);
			if (isAsked('groups')) await benchManyGroups(databaseUrl);
			if (isAsked('sign-in')) await benchSignIn(databaseUrl);
			if (isAsked('walls')) await benchWalls(databaseUrl);
			if (isAsked('pages')) await benchPages(app.address, 'pages');
			if (isAsked('prepare')) await benchPrepare(app.address, databaseUrl);
			if (isAsked('make')) await benchMake(app.address, databaseUrl, chromium);
			if (isAsked('handed')) await benchHanded(app.address, databaseUrl);
			if (isAsked('day')) await benchDay(app.address, databaseUrl);
			if (isAsked('season-page')) await benchSeasonPage(app.address, databaseUrl);
			if (isAsked('today')) await benchToday(app.address, databaseUrl, chromium);
			if (isAsked('gather')) await benchGather(app.address, databaseUrl);
		} finally {
			await app.stop();
		}
	} finally {
		await cluster.stop();
		rmSync(home, { recursive: true, force: true });
	}
});
