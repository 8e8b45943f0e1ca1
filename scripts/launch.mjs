// npm run demo · npm start · npm run dev: from nothing to a page that answers.
import { spawn } from 'node:child_process';
import { rmSync } from 'node:fs';
import path from 'node:path';
import { ensureAppRole } from './lib/app-role.mjs';
import { clearAway } from './lib/clear-away.mjs';
import { firstWord, signInEnvironment } from './lib/sign-in.mjs';
import { appEnvironment, endChild, startApp } from './lib/app.mjs';
import { keepRunning } from './lib/keep-running.mjs';
import { ensureBuild, ensureModules } from './lib/built.mjs';
import { dataFolder, isPortFree, startKeptCluster } from './lib/cluster.mjs';
import { reachOf, visitorWords } from './lib/reach.mjs';
import { holdFolder, isStillRunning, lastStart, runningFile } from './lib/running.mjs';
import { Stop, isProcess, pause, root, runMain, say } from './lib/say.mjs';
import { ensurePostgres } from './lib/system.mjs';
import { loadDemo } from './lib/load-demo.mjs';
import { writeWhole } from './lib/write-whole.mjs';

const mode = process.argv[2] ?? 'start';
const isFresh = process.argv.includes('--fresh');
/** How often it is looked whether tonight's copy is due, ms. */
const nightlyEveryMs = Number(process.env.NEST_ROW_NIGHTLY_MS ?? 10 * 60_000);

function readPort() {
	const text = process.env.PORT ?? (mode === 'dev' ? '5173' : '4173');
	const port = Number(text);
	if (!Number.isInteger(port) || port < 1 || port > 65535)
		throw new Stop(`PORT must be a number from 1 to 65535; it is "${text}".`);
	return port;
}

/** Refuses a second start in this folder, and ends an app whose launcher was killed. */
async function clearFormerStart() {
	const former = lastStart();
	if (former && isStillRunning(former)) {
		throw new Stop(
			`Nest Row is already running from this folder, at ${former.address} (process ${former.launcher}).`
		);
	}
	await holdFolder();
	if (former && isProcess(former.app, [path.join(root, 'scripts/serve.mjs')])) {
		process.kill(former.app, 'SIGTERM');
		for (let i = 0; i < 50 && isProcess(former.app, [root]); i++) await pause(100);
	}
	rmSync(runningFile(), { force: true });
}

/** @param {{ databaseUrl: string, port: number, signsIn: boolean }} settings */
async function startDev({ databaseUrl, port, signsIn }) {
	const appUrl = await ensureAppRole(databaseUrl);
	const child = spawn(
		'npx',
		['vite', 'dev', '--host', '127.0.0.1', '--port', String(port), '--strictPort'],
		{
			cwd: root,
			env: appEnvironment({ databaseUrl: appUrl, port, env: signInEnvironment(signsIn) }),
			stdio: ['ignore', 'inherit', 'inherit']
		}
	);
	return { child, address: `http://127.0.0.1:${port}`, stop: () => endChild(child) };
}

await runMain(async () => {
	const [major = 0, minor = 0] = process.versions.node.split('.').map(Number);
	if (major < 20 || (major === 20 && minor < 19))
		throw new Stop(`Nest Row needs Node 20.19 or newer; this is ${process.versions.node}.`);
	const port = readPort();
	const reach = reachOf(process.env, port);
	if (reach.problem !== undefined) throw new Stop(reach.problem);
	const { host, origin, signsIn } = reach;
	await clearFormerStart();
	if (!(await isPortFree(port)))
		throw new Stop(
			`Port ${port} is taken by another program. Choose another: PORT=${port + 1} npm run ${mode}`
		);

	const given = process.env.DATABASE_URL;
	if (!given) await ensurePostgres();
	await ensureModules();
	if (mode !== 'dev') await ensureBuild();

	const cluster = given ? null : await startKeptCluster();
	/** @type {{ address: string, stop: () => Promise<void> } | null} */
	let app = null;
	let isStopping = false;
	/** @type {NodeJS.Timeout | undefined} */
	let watch;
	/** @type {NodeJS.Timeout | undefined} */
	let nights;
	/** @type {NodeJS.Timeout | undefined} */
	let clearing;

	const stop = async () => {
		if (isStopping) return;
		isStopping = true;
		clearInterval(watch);
		clearInterval(nights);
		clearInterval(clearing);
		await app?.stop();
		await cluster?.stop();
		rmSync(runningFile(), { force: true });
	};

	const ended = new Promise((resolve) => {
		for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP']) process.on(signal, () => resolve(signal));
	});

	try {
		const databaseUrl =
			given ?? cluster?.url(mode === 'start' ? 'nest_row' : 'nest_row_demo') ?? '';
		const { ensureDatabase, migrate } = await import('./lib/migrate.mjs');
		try {
			if (!given) await ensureDatabase(databaseUrl);
			await migrate(databaseUrl);
		} catch (error) {
			if (error instanceof Stop) throw error;
			const { code } = /** @type {{ code?: string }} */ (error);
			throw given
				? new Stop(`The database at DATABASE_URL could not be used (${code ?? 'no answer'}).`)
				: error;
		}
		if (mode !== 'start') {
			await loadDemo(databaseUrl, { isFresh });
		}
		const start = () =>
			mode === 'dev'
				? startDev({ databaseUrl, port, signsIn })
				: startApp({ databaseUrl, port, host, origin, env: signInEnvironment(signsIn) });
		app = await keepRunning(start, {
			onstart: ({ child, address }) =>
				writeWhole(
					runningFile(),
					JSON.stringify({ launcher: process.pid, app: child.pid, address })
				),
			isWanted: () => !isStopping
		});
		// What is over is cleared away, at the start and once an hour.
		const clear = () =>
			clearAway(databaseUrl).catch((/** @type {Error} */ error) => say(error.message));
		await clear();
		clearing = setInterval(clear, 3_600_000);
		if (signsIn) {
			const word = await firstWord(databaseUrl);
			if (word)
				say(`There is no coordinator yet. Open ${origin}/welcome and give this word: ${word}`);
		}
		const visitors = visitorWords(process.env, origin);
		if (visitors) say(visitors);
		say(`Nest Row is at ${mode === 'dev' ? app.address : origin}  (Ctrl-C stops it)`);

		if (cluster) {
			let isBusy = false;
			watch = setInterval(async () => {
				if (isBusy || isStopping) return;
				isBusy = true;
				try {
					if (await cluster.revive()) say('The database had stopped; it was started again.');
				} catch (error) {
					say(/** @type {Error} */ (error).message);
				}
				isBusy = false;
			}, 2000);
		}
		// What is kept is copied every night; a copy that fails is said, and tried again.
		const { noteHouse } = await import('./lib/house-note.mjs');
		const isCopied = mode === 'start' && process.env.NEST_ROW_BACKUPS !== 'no';
		if (!isCopied) await noteHouse(databaseUrl, 'copy', { isOn: false });
		else {
			const { newestCopy, nightly } = await import('./lib/backups.mjs');
			const folder = process.env.NEST_ROW_BACKUPS ?? path.join(dataFolder(), 'backups');
			const { sealOf } = await import('./lib/copy-file.mjs');
			const seal = sealOf(process.env.NEST_ROW_BACKUP_PASSPHRASE);
			/** @param {string | null} problem */
			const note = (problem) =>
				noteHouse(databaseUrl, 'copy', {
					isOn: true,
					folder,
					isSealed: seal !== null,
					lastAt: newestCopy(folder),
					problem
				}).catch((/** @type {Error} */ error) => say(error.message));
			await note(null);
			let isCopying = false;
			nights = setInterval(async () => {
				if (isCopying || isStopping) return;
				isCopying = true;
				try {
					const file = await nightly(databaseUrl, folder, seal, new Date());
					if (file) {
						say(`Tonight's copy lies in ${file}.`);
						await note(null);
					}
				} catch (error) {
					const { message } = /** @type {Error} */ (error);
					say(`Tonight's copy could not be made: ${message}`);
					await note(message);
				}
				isCopying = false;
			}, nightlyEveryMs);
		}
		await ended;
		say('Stopping …');
	} finally {
		await stop();
	}
});
process.exit(process.exitCode);
