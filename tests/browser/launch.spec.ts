import { expect, test } from '@playwright/test';
import { execFileSync, spawn, type ChildProcess } from 'node:child_process';
import { chmodSync, mkdtempSync, readFileSync, rmSync, statSync } from 'node:fs';
import net from 'node:net';
import os from 'node:os';
import path from 'node:path';
import { freePort } from '../../scripts/lib/cluster.mjs';
import { isProcess } from '../../scripts/lib/say.mjs';
import { keep, ready } from './app';

test.describe.configure({ mode: 'serial' });
test.setTimeout(120_000);

const home = mkdtempSync(path.join(os.tmpdir(), 'nest-row-launch-'));
chmodSync(home, 0o755);
let port = 0;
const started: ChildProcess[] = [];

interface Launched {
	child: ChildProcess;
	said: () => string;
	/** Resolves with true once the words were said, with false if it ended before. */
	says: (words: string) => Promise<boolean>;
	end: (signal: NodeJS.Signals) => Promise<number | null>;
}

function launch(mode: string): Launched {
	const env = { ...process.env };
	delete env.DATABASE_URL;
	const child = spawn(process.execPath, ['scripts/launch.mjs', mode], {
		env: { ...env, NEST_ROW_DATA: home, PORT: String(port) },
		stdio: ['ignore', 'pipe', 'pipe']
	});
	started.push(child);
	let said = '';
	child.stdout.on('data', (chunk: Buffer) => (said += chunk.toString()));
	child.stderr.on('data', (chunk: Buffer) => (said += chunk.toString()));
	const ended = new Promise<number | null>((resolve) => child.once('exit', resolve));
	return {
		child,
		said: () => said,
		says: (words) =>
			new Promise((resolve) => {
				const timer = setInterval(() => {
					if (!said.includes(words)) return;
					clearInterval(timer);
					resolve(true);
				}, 50);
				void ended.then(() => {
					clearInterval(timer);
					resolve(said.includes(words));
				});
			}),
		end: (signal) => {
			child.kill(signal);
			return ended;
		}
	};
}

const answers = (where = port) =>
	fetch(`http://127.0.0.1:${where}/healthz`).then(
		(answer) => answer.ok,
		() => false
	);
/** What a person's own command of this house says, its end included. */
function command(script: string, ...words: string[]): string {
	const env: NodeJS.ProcessEnv = { ...process.env, NEST_ROW_DATA: home };
	delete env.DATABASE_URL;
	env.NEST_ROW_BACKUP_PASSPHRASE = 'seven kettles on the pier';
	return execFileSync(process.execPath, [`scripts/${script}.mjs`, ...words], {
		env,
		encoding: 'utf8'
	});
}
const serverPid = () =>
	Number(readFileSync(path.join(home, 'cluster/postmaster.pid'), 'utf8').split('\n')[0]);
test.beforeAll(async () => {
	port = await freePort();
});
test.afterAll(() => {
	for (const child of started) child.kill('SIGTERM');
	rmSync(home, { recursive: true, force: true });
});

test('a first start makes everything and answers; a second one says that it runs already', async () => {
	const first = launch('start');
	expect(await first.says('Nest Row is at'), first.said()).toBe(true);
	expect(await answers()).toBe(true);
	expect(statSync(path.join(home, 'database-password')).mode & 0o777).toBe(0o600);
	expect(first.said()).not.toContain(readFileSync(path.join(home, 'database-password'), 'utf8'));

	const second = launch('start');
	expect(await second.says('already running from this folder')).toBe(true);
	expect(await answers()).toBe(true);

	const pid = serverPid();
	expect(await first.end('SIGTERM')).toBe(0);
	expect(await answers()).toBe(false);
	expect(isProcess(pid, ['postgres'])).toBe(false);
});

test('a launcher killed with -9 leaves nothing that stops the next start', async () => {
	const killed = launch('start');
	expect(await killed.says('Nest Row is at')).toBe(true);
	await killed.end('SIGKILL');
	expect(await answers()).toBe(true);

	const next = launch('start');
	expect(await next.says('Nest Row is at'), next.said()).toBe(true);

	// The database killed under it comes back by itself.
	process.kill(serverPid(), 'SIGKILL');
	expect(await next.says('it was started again')).toBe(true);
	await expect.poll(() => answers()).toBe(true);

	// Both killed at once: a stale pid file and a log to recover from.
	process.kill(serverPid(), 'SIGKILL');
	await next.end('SIGKILL');
	const last = launch('start');
	expect(await last.says('Nest Row is at'), last.said()).toBe(true);
	expect(await last.end('SIGINT')).toBe(0);
});

test('an app that dies is started again, with its database as it was', async () => {
	const running = launch('start');
	expect(await running.says('Nest Row is at'), running.said()).toBe(true);
	const appPid = () =>
		(JSON.parse(readFileSync(path.join(home, 'running.json'), 'utf8')) as { app: number }).app;
	const database = serverPid();
	for (let death = 0; death < 2; death++) {
		const before = appPid();
		process.kill(before, 'SIGKILL');
		await expect.poll(() => (appPid() === before ? false : answers())).toBe(true);
	}
	expect(running.said()).toContain('The application ended (SIGKILL); it is started again.');
	expect(serverPid()).toBe(database);

	// A backend killed under it, and the whole stopped right after: the next start finds nothing in its way.
	const backend = Number(
		execFileSync('pgrep', ['-P', String(database)], { encoding: 'utf8' })
			.trim()
			.split('\n')
			.at(-1)
	);
	process.kill(backend, 'SIGKILL');
	expect(await running.end('SIGTERM')).toBe(0);
	expect(isProcess(database, ['postgres'])).toBe(false);
	const next = launch('start');
	expect(await next.says('Nest Row is at'), next.said()).toBe(true);
	expect(next.said()).not.toContain('pg_ctl');
	expect(await next.end('SIGTERM')).toBe(0);
});

test('a taken port is said in a sentence', async () => {
	const holder = net.createServer().listen(port, '127.0.0.1');
	await new Promise((resolve) => holder.once('listening', resolve));
	const refused = launch('start');
	expect(await refused.says(`Port ${port} is taken`)).toBe(true);
	expect(refused.said()).not.toContain('at Object');
	await new Promise((resolve) => holder.close(resolve));
});

test('a copy put back shows what was there when it was made, and lays what came since beside it', async ({
	page
}) => {
	const copy = path.join(home, 'before.copy');
	const keepPlan = async (name: string) => {
		await page.goto(`http://127.0.0.1:${port}/plan`);
		await ready(page);
		await keep(page, name);
	};
	const first = launch('start');
	expect(await first.says('Nest Row is at'), first.said()).toBe(true);
	await keepPlan('Before the copy');
	// Copied while it runs; put back only where nothing runs.
	expect(command('backup', copy)).toContain('sealed by the passphrase');
	await keepPlan('After the copy');
	expect(() => command('restore', copy)).toThrow('Nest Row is running from this folder');
	expect(await first.end('SIGTERM')).toBe(0);
	expect(command('restore', copy)).toMatch(
		/Put back as it was on .*\nSign-ins, links and ways back of then are ended.*\nWhat was here before is kept in the same server, as the database \w+/
	);
	const next = launch('start');
	expect(await next.says('Nest Row is at'), next.said()).toBe(true);
	await page.goto(`http://127.0.0.1:${port}/plans`);
	await expect(page.getByRole('link', { name: 'Before the copy' })).toBeVisible();
	await expect(page.getByRole('link', { name: 'After the copy' })).toHaveCount(0);
	expect(await next.end('SIGTERM')).toBe(0);
});
