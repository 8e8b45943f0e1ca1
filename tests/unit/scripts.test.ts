import net from 'node:net';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { print, quantile } from '../../scripts/bench/figures.mjs';
import { appEnvironment } from '../../scripts/lib/app.mjs';
import { chromiumArguments } from '../../scripts/lib/chromium.mjs';
import { freePort } from '../../scripts/lib/cluster.mjs';
import { readMigrations } from '../../scripts/lib/migrate.mjs';
import { Stop, ask, isProcess, run, runMain } from '../../scripts/lib/say.mjs';
import { postgresServers } from '../../scripts/lib/system.mjs';

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
	});
});

it('migrations are numbered without a gap, each with a print of its own', () => {
	const migrations = readMigrations();
	expect(migrations.map(({ number }) => number)).toEqual(migrations.map((_, at) => at + 1));
	expect(new Set(migrations.map(({ print: mark }) => mark)).size).toBe(migrations.length);
});
