// The built application as a child process on loopback.
import { spawn } from 'node:child_process';
import path from 'node:path';
import { ensureAppRole } from './app-role.mjs';
import { appUser } from './app-user.mjs';
import { addressAt } from './reach.mjs';
import { Stop, pause, root } from './say.mjs';

/** What is for whoever owns the database and its copies, and for the application under no name. */
const ownersAlone =
	/^(PG(PASSWORD|PASSFILE|USER|HOST|PORT|DATABASE|SERVICE)|TEST_DATABASE_SERVER|NEST_ROW_(APP_DATABASE_URL|BACKUP_PASSPHRASE|BACKUPS|DATA))$/;

/** The app is told everything it needs; the database's address never appears on a command line. @param {{ databaseUrl: string, port: number, host?: string, origin?: string, env?: NodeJS.ProcessEnv }} settings */
export function appEnvironment({
	databaseUrl,
	port,
	host = '127.0.0.1',
	origin = addressAt(host, port),
	env = {}
}) {
	return {
		...Object.fromEntries(
			Object.entries(process.env).filter(([setting]) => !ownersAlone.test(setting))
		),
		TZ: 'UTC',
		HOST: host,
		PORT: String(port),
		ORIGIN: origin,
		DATABASE_URL: databaseUrl,
		BODY_SIZE_LIMIT: '21M',
		SHUTDOWN_TIMEOUT: '3',
		...env
	};
}

/** @param {import('node:child_process').ChildProcess} child @param {number} graceMs */
export async function endChild(child, graceMs = 6000) {
	if (child.exitCode !== null || child.signalCode !== null) return;
	const ended = new Promise((resolve) => child.once('exit', resolve));
	child.kill('SIGTERM');
	const timer = setTimeout(() => child.kill('SIGKILL'), graceMs);
	await ended;
	clearTimeout(timer);
}

/** @param {string} address @param {() => boolean} isGone @param {number} [withinMs] */
export async function waitUntilHealthy(address, isGone, withinMs = 60_000) {
	const end = Date.now() + withinMs;
	while (Date.now() < end) {
		if (isGone())
			throw new Stop(
				'The application stopped while it was starting; its last lines above say why.'
			);
		const answer = await fetch(`${address}/healthz`).catch(() => null);
		if (answer?.ok) return;
		await pause(100);
	}
	throw new Stop(`The application did not answer at ${address} within ${withinMs / 1000} seconds.`);
}

/** Starts the built app on the owner's database, as the application's own role, and returns once it answers. @param {{ databaseUrl: string, port: number, host?: string, origin?: string, env?: NodeJS.ProcessEnv, stdio?: 'inherit' | 'ignore' | 'pipe', hasWalls?: boolean }} settings without walls it is the owner's, to measure them by */
export async function startApp(settings) {
	const { hasWalls = true } = settings;
	const databaseUrl = hasWalls ? await ensureAppRole(settings.databaseUrl) : settings.databaseUrl;
	const env = hasWalls ? settings.env : { ...settings.env, NEST_ROW_NO_WALLS: 'yes' };
	const child = spawn(process.execPath, [path.join(root, 'scripts/serve.mjs')], {
		cwd: root,
		env: appEnvironment({ ...settings, databaseUrl, env }),
		stdio: ['ignore', settings.stdio ?? 'inherit', settings.stdio ?? 'inherit'],
		...appUser()
	});
	const address = addressAt(settings.host ?? '127.0.0.1', settings.port);
	try {
		await waitUntilHealthy(address, () => child.exitCode !== null || child.signalCode !== null);
	} catch (error) {
		await endChild(child);
		throw error;
	}
	return { child, address, stop: () => endChild(child) };
}
