import { spawn, spawnSync, type ChildProcess } from 'node:child_process';
import { EventEmitter } from 'node:events';
import { mkdtempSync, readFileSync, readdirSync, rmSync } from 'node:fs';
import net from 'node:net';
import os from 'node:os';
import path from 'node:path';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { print, quantile } from '../../scripts/bench/figures.mjs';
import { appEnvironment } from '../../scripts/lib/app.mjs';
import { chromiumArguments } from '../../scripts/lib/chromium.mjs';
import { freePort } from '../../scripts/lib/cluster.mjs';
import { readMigrations } from '../../scripts/lib/migrate.mjs';
import { ownOrigins, whyNot } from '../../scripts/lib/request-guard.mjs';
import { reachOf } from '../../scripts/lib/reach.mjs';
import { keepRunning, pauseBefore } from '../../scripts/lib/keep-running.mjs';
import { Stop, ask, isProcess, pause, run, runMain, withProgress } from '../../scripts/lib/say.mjs';
import { isLocked, postgresServers, untilUnlocked } from '../../scripts/lib/system.mjs';

/** What is written to a stream while the work runs. */
async function written(stream: 'stdout' | 'stderr', work: () => unknown): Promise<string> {
	const lines: string[] = [];
	const spy = vi.spyOn(process[stream], 'write').mockImplementation((text) => {
		lines.push(String(text));
		return true;
	});
	await work();
	spy.mockRestore();
	return lines.join('');
}
const code = process.exitCode;
afterEach(() => void (process.exitCode = code));

describe('figures', () => {
	it('are quantiles of what was measured, whatever its order', () => {
		const values = [5, 1, 4, 2, 3];
		expect([0, 0.5, 0.95, 1].map((share) => quantile(values, share))).toEqual([1, 3, 5, 5]);
		expect(values).toEqual([5, 1, 4, 2, 3]);
		expect(quantile([], 0.5)).toBeNaN();
	});

	it('say whether they keep their bound', async () => {
		expect(await written('stdout', () => print('a', 12.34, 'ms', 20))).toMatch(
			/^a +12\.3 ms {2}within 20 ms\n$/
		);
		expect(await written('stdout', () => print('a', 21, 'ms', 20))).toContain('OVER 20 ms');
		expect(await written('stdout', () => print('a', 0.0123, 'ms'))).toMatch(/ 0\.0123 ms\n$/);
	});
});

describe('what a person starts', () => {
	/** What a file asks for before it does anything, all the way down: packages, by who asks. */
	function packagesOf(file: string, seen = new Set<string>()): string[] {
		if (seen.has(file)) return [];
		seen.add(file);
		const asked = readFileSync(file, 'utf8').matchAll(/^import (?:[^']*? from )?'([^']+)';/gm);
		return [...asked].flatMap(([, from = '']) =>
			from.startsWith('.')
				? packagesOf(path.resolve(path.dirname(file), from), seen)
				: from.startsWith('node:')
					? []
					: [`${path.basename(file)}: ${from}`]
		);
	}

	it.each(readdirSync('scripts').filter((name) => name.endsWith('.mjs') && name !== 'serve.mjs'))(
		'%s needs no package before it has installed them',
		(name) => expect(packagesOf(path.resolve('scripts', name))).toEqual([])
	);
});

describe('where it can be reached', () => {
	it('is this machine alone, unless it is said', () =>
		expect(reachOf({}, 4173)).toEqual({
			host: '127.0.0.1',
			origin: 'http://127.0.0.1:4173',
			signsIn: false
		}));

	it.each([
		[{ HOST: ' localhost ' }, { host: 'localhost', origin: 'http://localhost:80', signsIn: false }],
		[{ HOST: '::1' }, { host: '::1', origin: 'http://[::1]:80', signsIn: false }],
		[
			{ ORIGIN: 'http://localhost:9000/' },
			{ host: '127.0.0.1', origin: 'http://localhost:9000', signsIn: false }
		],
		[
			{ ORIGIN: 'https://mats.example', NEST_ROW_SIGN_IN: 'no' },
			{ host: '127.0.0.1', origin: 'https://mats.example', signsIn: true }
		],
		[
			{ HOST: '0.0.0.0', ORIGIN: 'https://mats.example' },
			{ host: '0.0.0.0', origin: 'https://mats.example', signsIn: true }
		],
		[
			{ NEST_ROW_SIGN_IN: 'yes' },
			{ host: '127.0.0.1', origin: 'http://127.0.0.1:80', signsIn: true }
		]
	])('%j is taken', (settings, reach) => expect(reachOf(settings, 80)).toEqual(reach));

	it.each([
		[{ HOST: '0.0.0.0' }, 'HOST is 0.0.0.0: other machines could reach'],
		[{ HOST: '192.168.1.5', ORIGIN: 'http://localhost:8080' }, 'HOST is 192.168.1.5'],
		[{ NEST_ROW_SIGN_IN: 'maybe' }, 'it is yes or no'],
		[{ ORIGIN: 'http://mats.example' }, 'in the clear'],
		[{ ORIGIN: 'mats.example' }, 'which is no address'],
		[{ ORIGIN: 'ftp://mats.example' }, 'write only how it begins'],
		[{ ORIGIN: 'http://127.0.0.1:80/plans' }, 'without a path']
	])('%j is refused, with why', (settings, words) =>
		expect(reachOf(settings, 80).problem).toContain(words)
	);

	it('under another name, only its health is told on the machine itself', () => {
		const origins = ownOrigins('https://mats.example');
		const asked = (url: string, host: string) =>
			whyNot({ method: 'GET', url, headers: { host } }, origins)?.status ?? 200;
		expect(asked('/plans', 'mats.example')).toBe(200);
		expect(asked('/plans', '127.0.0.1:4173')).toBe(421);
		expect(asked('/healthz', '127.0.0.1:4173')).toBe(200);
		expect(asked('/healthz', 'elsewhere.example')).toBe(421);
	});
});

describe('a command', () => {
	it('is run to its end, and its failure is a sentence', async () => {
		await expect(run(process.execPath, ['-e', 'console.log(4)'], { quiet: true })).resolves.toBe(
			'4\n'
		);
		const failing = run(process.execPath, ['-e', 'process.exit(3)'], { quiet: true });
		await expect(failing).rejects.toBeInstanceOf(Stop);
		await expect(failing).rejects.toThrow('ended with code 3');
		await expect(run('there-is-no-such-command', [], { quiet: true })).rejects.toThrow();
	});

	it('is asked for a word, or gives none', () => {
		expect(ask(process.execPath, ['-e', 'console.log(" 4 ")'])).toBe('4');
		expect(ask(process.execPath, ['-e', 'process.exit(1)'])).toBeNull();
		expect(ask('there-is-no-such-command', [])).toBeNull();
	});

	it('that stops on purpose says only why', async () => {
		const said = await written('stderr', () =>
			runMain(() => Promise.reject(new Stop('The port is taken.')))
		);
		expect(said).toBe('The port is taken.\n');
		expect(process.exitCode).toBe(1);
		await runMain(() => Promise.resolve(0));
		expect(process.exitCode).toBe(0);
	});
});

describe('a process', () => {
	it('is known by its number and its words, never by its number alone', () => {
		expect(isProcess(process.pid, ['node'])).toBe(true);
		expect(isProcess(process.pid, ['node', 'there-is-no-such-word'])).toBe(false);
		for (const pid of [0, 1, -4, 1.5, NaN, 99_999_999]) expect(isProcess(pid, [])).toBe(false);
	});
});

describe('the machine', () => {
	it('has a free port on loopback', async () => {
		const port = await freePort();
		await new Promise<void>((resolve, reject) => {
			const server = net.createServer().once('error', reject);
			server.listen(port, '127.0.0.1', () => server.close(() => resolve()));
		});
		expect(port).toBeGreaterThan(1023);
	});

	it('has a PostgreSQL server, the newest first', () => {
		const majors = postgresServers().map(({ major }) => major);
		expect(majors.length).toBeGreaterThan(0);
		expect(majors).toEqual([...majors].sort((a, b) => b - a));
	});

	it('starts its browser without reaching out', () => {
		expect(chromiumArguments).toEqual(
			expect.arrayContaining(['--disable-background-networking', '--disable-sync'])
		);
	});

	it('tells the app what it needs, and nobody else where the database is', () => {
		const env = appEnvironment({ databaseUrl: 'postgres://x', port: 4321, env: { LOOK: 'at' } });
		expect(env).toMatchObject({
			HOST: '127.0.0.1',
			PORT: '4321',
			ORIGIN: 'http://127.0.0.1:4321',
			DATABASE_URL: 'postgres://x',
			LOOK: 'at'
		});
		vi.stubEnv('NEST_ROW_BACKUP_PASSPHRASE', 'seven grey herons');
		vi.stubEnv('PGPASSWORD', 'the owner’s');
		vi.stubEnv('NEST_ROW_PATIENCE', '2');
		const told = Object.entries(appEnvironment({ databaseUrl: 'postgres://x', port: 4321 }));
		expect(told.filter(([, value]) => /herons|owner/.test(value ?? ''))).toEqual([]);
		expect(Object.fromEntries(told)).toMatchObject({ NEST_ROW_PATIENCE: '2' });
		vi.unstubAllEnvs();
	});
});

it('migrations are numbered without a gap, each with a checksum of its own', () => {
	const migrations = readMigrations();
	expect(migrations.map(({ number }) => number)).toEqual(migrations.map((_, at) => at + 1));
	expect(new Set(migrations.map(({ checksum: mark }) => mark)).size).toBe(migrations.length);
});

describe('the door', () => {
	const origins = ownOrigins('http://127.0.0.1:4173');
	const ask = (more: { method?: string; url?: string; headers?: Record<string, string> } = {}) =>
		whyNot(
			{
				method: 'GET',
				url: '/plan',
				...more,
				headers: { host: '127.0.0.1:4173', ...more.headers }
			},
			origins
		)?.status ?? 200;

	it.each(['127.0.0.1:4173', 'localhost:4173', 'LOCALHOST:4173', '[::1]:4173'])(
		'knows its own name %s',
		(host) => expect(ask({ headers: { host } })).toBe(200)
	);

	it.each(['rebound.example', 'localhost.rebound.example:4173', '127.0.0.1:80', 'localhost', ''])(
		'serves nothing under the name %j',
		(host) => expect(ask({ headers: { host } })).toBe(421)
	);

	it('on an address of its own answers to that alone', () => {
		const own = ownOrigins('https://mats.example');
		const at = (host: string) =>
			whyNot({ method: 'GET', url: '/', headers: { host } }, own)?.status;
		expect([at('mats.example'), at('localhost'), at('127.0.0.1')]).toEqual([undefined, 421, 421]);
	});

	it.each(['/%', '/%E0%A4%A', '/%00', '/a%', '//evil', '*', '', '/plan?p=%', '/plan?p=%00'])(
		'does not read the address %j',
		(url) => expect(ask({ url })).toBe(400)
	);

	it.each(['TRACE', 'FOO', 'CONNECT', ''])('does not do %j', (method) =>
		expect(ask({ method })).toBe(405)
	);

	it.each([
		[{ origin: 'http://127.0.0.1:4173' }, 200],
		[{ origin: 'http://localhost:4173' }, 200],
		[{ origin: 'http://evil.example' }, 403],
		[{ origin: 'null' }, 403],
		[{ 'sec-fetch-site': 'cross-site' }, 403],
		[{}, 200]
	])('takes what is sent with %j as %i', (headers, status) =>
		expect(
			ask({ method: 'POST', url: '/api/entries', headers: headers as Record<string, string> })
		).toBe(status)
	);

	it.each([
		['/settings', 65_536, 200],
		['/settings', 65_537, 413],
		['/api/entries', 70_000, 413],
		['/api/mix', 70_000, 200],
		['/api/mix', 300_000, 413],
		['/gather/lists', 12_000_000, 200],
		['/gather/lists/x/keep', 12_000_000, 413]
	])('%s takes %i bytes: %i', (url, length, status) =>
		expect(ask({ method: 'POST', url, headers: { 'content-length': String(length) } })).toBe(status)
	);

	it('wants to know beforehand how much is sent', () =>
		expect(ask({ method: 'POST', headers: { 'transfer-encoding': 'chunked' } })).toBe(411));
});

describe('an application that ends by itself', () => {
	it('is started again after ever longer pauses', () => {
		expect([0, 1, 2, 3].map(pauseBefore)).toEqual([250, 500, 1000, 2000]);
		expect(pauseBefore(40)).toBe(30_000);
	});

	it('is started again even where a start fails, until it is not wanted', async () => {
		vi.useFakeTimers();
		const children: EventEmitter[] = [];
		let starts = 0;
		let isWanted = true;
		const start = () => {
			starts++;
			if (starts === 2) return Promise.reject(new Stop('It did not answer.'));
			const child = new EventEmitter();
			children.push(child);
			return Promise.resolve({
				child: child as unknown as ChildProcess,
				address: 'http://127.0.0.1:1',
				stop: () => Promise.resolve()
			});
		};
		const said = await written('stdout', async () => {
			await keepRunning(start, { onstart: () => {}, isWanted: () => isWanted });
			children[0]?.emit('exit', 1, null);
			await vi.advanceTimersByTimeAsync(5000);
		});
		expect(starts).toBe(3);
		expect(said).toContain('The application ended (code 1); it is started again.');
		expect(said).toContain('It did not answer.');
		isWanted = false;
		children[1]?.emit('exit', 0, null);
		await vi.advanceTimersByTimeAsync(60_000);
		expect(starts).toBe(3);
		vi.useRealTimers();
	});
});

describe('a package lock held by another', () => {
	const locked = Object.assign(new Error('x'), {
		said: 'E: Could not get lock /var/lib/apt/lists/lock'
	});

	it('is waited for, and said once', async () => {
		let tries = 0;
		const work = () => (++tries < 3 ? Promise.reject(locked) : Promise.resolve('done'));
		const said = await written('stdout', () => untilUnlocked(work, 1000, 1));
		expect(tries).toBe(3);
		expect(said.match(/waiting for it to end/g)).toHaveLength(1);
	});

	it('is given up in the end, and no other failure is waited for', async () => {
		await written('stdout', () =>
			expect(untilUnlocked(() => Promise.reject(locked), 20, 5)).rejects.toBe(locked)
		);
		const other = Object.assign(new Error('x'), { said: 'E: Unable to locate package' });
		expect(isLocked(other)).toBe(false);
		await expect(untilUnlocked(() => Promise.reject(other), 1000, 1)).rejects.toBe(other);
	});
});

describe('a long step', () => {
	it('says how long it has gone on, and nothing more once it has ended', async () => {
		const told: string[] = [];
		const done = await withProgress('Building', () => pause(230).then(() => 'built'), {
			everyS: 0.1,
			tell: (sentence) => told.push(sentence)
		});
		expect(done).toBe('built');
		expect(told.map((sentence) => sentence.match(/[\d.]+(?= s)/)?.[0])).toEqual(['0.1', '0.2']);
		await pause(150);
		expect(told).toHaveLength(2);
	});

	it('ends its telling where it fails, and fails as it did', async () => {
		const told: string[] = [];
		const failing = withProgress('Building', () => Promise.reject(new Stop('no room')), {
			everyS: 0.05,
			tell: (sentence) => told.push(sentence)
		});
		await expect(failing).rejects.toThrow('no room');
		await pause(120);
		expect(told).toEqual([]);
	});
});

describe('a data folder', () => {
	const hold = (folder: string) =>
		spawn(
			process.execPath,
			[
				'-e',
				"import('./scripts/lib/running.mjs').then(r=>r.holdFolder()).then(()=>{console.log('held');setTimeout(()=>{},60000)},e=>{console.log(e.constructor.name)})"
			],
			{ env: { ...process.env, NEST_ROW_DATA: folder }, stdio: ['ignore', 'pipe', 'inherit'] }
		);
	const says = (child: ReturnType<typeof hold>) =>
		new Promise<string>((resolve) =>
			child.stdout.once('data', (chunk: Buffer) => resolve(chunk.toString().trim()))
		);

	it('is held by one of two starts at one moment, and by the next once that one is killed', async () => {
		const folder = mkdtempSync(path.join(os.tmpdir(), 'nest-row-held-'));
		const both = [hold(folder), hold(folder)];
		const said = await Promise.all(both.map(says));
		expect(said.toSorted()).toEqual(['Stop', 'held']);
		const holder = both[said.indexOf('held')];
		const gone = new Promise((resolve) => holder?.once('exit', resolve));
		holder?.kill('SIGKILL');
		await gone;
		const next = hold(folder);
		expect(await says(next)).toBe('held');
		next.kill('SIGKILL');
		rmSync(folder, { recursive: true });
	});
});

describe('a clone that was never built', () => {
	it('has the settings its commands need once the packages are in', () => {
		const { scripts } = JSON.parse(readFileSync('package.json', 'utf8')) as {
			scripts: Record<string, string>;
		};
		expect(scripts.prepare).toContain('svelte-kit sync');
		// Where only what runs is installed, nothing is there to make them with: that is no failure.
		expect(scripts.prepare).toContain("|| echo ''");
	});
});

describe('putting a copy back', () => {
	it.each([
		['a folder', os.tmpdir(), 'is a folder'],
		['nothing', path.join(os.tmpdir(), 'no-such-copy.nestrow'), 'There is no file']
	])('says so where %s is named', (_, named, sentence) => {
		const said = spawnSync(process.execPath, ['scripts/restore.mjs', named], { encoding: 'utf8' });
		expect(said.status).toBe(1);
		expect(said.stderr).toContain(sentence);
		expect(said.stderr).not.toMatch(/\bat .*\.mjs:/);
	});
});
