// npm test: all set-up, then what says whether it works. npm run test:all: that and everything else. npm run check: what
// the last changes touch. None stops before all have run, and each says what failed.
import { mkdtempSync, rmSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { ensureBuild, ensureModules } from './lib/built.mjs';
import { changedFiles, specsFor } from './lib/changed.mjs';
import { startThrowawayCluster } from './lib/cluster.mjs';
import { readReport } from './lib/reports.mjs';
import { run, runMain, say } from './lib/say.mjs';
import { ensureChromium, ensurePostgres } from './lib/system.mjs';

const mode = /** @type {'test' | 'all' | 'check'} */ (process.argv[2] ?? 'test');
const reports = mkdtempSync(path.join(os.tmpdir(), 'nest-row-reports-'));
/** @param {string} name */
const reportOf = (name) => path.join(reports, `${name}.json`);

// Checks run beside the build and write what it reads: the build's name is one for all of them.
process.env.NEST_ROW_BUILD ??= String(Date.now());

await runMain(async () => {
	await ensurePostgres();
	const chromium = await ensureChromium();
	await ensureModules();
	const cluster = await startThrowawayCluster();
	const env = { CHROMIUM_PATH: chromium, TEST_DATABASE_SERVER: cluster.url('postgres') };
	/** @type {string[]} */
	const failed = [];
	/** @type {string[]} */
	const took = [];
	/** @param {string} name @param {() => Promise<unknown>} check */
	const step = async (name, check) => {
		const from = Date.now();
		const seconds = () => Math.round((Date.now() - from) / 1000);
		try {
			await check();
			took.push(`${name} ${seconds()} s`);
			say(`✓ ${name} (${seconds()} s)`);
		} catch (error) {
			failed.push(name);
			say(`✗ ${name}, after ${seconds()} s: ${/** @type {Error} */ (error).message}`);
		}
	};
	/** @param {string[]} args @param {NodeJS.ProcessEnv} [more] */
	const npx = (args, more = {}) =>
		run('npx', ['--no-install', ...args], { env: { ...env, ...more } });
	/** @param {string} name @param {string[]} [more] */
	const vitest = (name, more = []) =>
		step(`${name} tests`, () =>
			npx([
				'vitest',
				'run',
				'--project',
				name,
				'--reporter=default',
				'--reporter=json',
				`--outputFile.json=${reportOf(name)}`,
				...more
			])
		);
	/** @param {string} name @param {string[]} [args] @param {NodeJS.ProcessEnv} [more] */
	const browser = (name, args = [], more = {}) =>
		step(name, () =>
			npx(['playwright', 'test', ...args], {
				...more,
				PLAYWRIGHT_JSON_OUTPUT_NAME: reportOf(name)
			})
		);
	/** What reads the files and runs none of them: each takes one core, and the longest is as long as the other two. */
	const readings = async () => {
		await run('npx', ['--no-install', 'svelte-kit', 'sync'], { quiet: true });
		/** @param {string} name */
		const reading = (name) =>
			step(name, () => run('npm', ['run', '--silent', `check:${name}`], { quiet: true }));
		await Promise.all([reading('lint'), reading('format').then(() => reading('types'))]);
	};
	/** What says whether it works: every unit and database test, and a few ways through the whole in the browser. */
	const test = async () => {
		await readings();
		// Neither needs the other. The demo world, which some of the next load, is worked out by what is built.
		await Promise.all([vitest('unit'), step('build', ensureBuild)]);
		await vitest('database');
		await browser('browser tests', [], { NEST_ROW_SPECS: 'few' });
	};
	/** And all that takes long, and of which the others show most. */
	const all = async () => {
		await test();
		await browser('the rest of the browser tests', [], { NEST_ROW_SPECS: 'rest' });
		await step('mutants', () => run(process.execPath, ['scripts/mutants.mjs', '--changed']));
		// A short run of what `npm run attack` does for as long as one likes; the seed is always the same.
		await step('attack', () =>
			run(process.execPath, ['--import', 'tsx', 'tests/attack/run.ts', '0.5'], {
				env: { SEED: '20261125', ATTACK_REPORT: reportOf('attack') }
			})
		);
		// A short run of `npm run attack:fleet`: every part killed once, and a walk through all stages at the end.
		await step('fleet', () =>
			run(process.execPath, ['--import', 'tsx', 'tests/attack/run-fleet.ts', '2000', '1'], {
				env: { SEED: '20261129', ATTACK_REPORT: reportOf('fleet') }
			})
		);
	};
	/** What the last changes touch: those that are not committed, or else the last commit's. */
	const check = async () => {
		const { since, files } = changedFiles();
		say(`${files.length} files changed since ${since}.`);
		await readings();
		await vitest('unit');
		await vitest('database', ['--changed', since, '--passWithNoTests']);
		const specs = specsFor(files);
		if (specs.length === 0) return;
		await step('build', ensureBuild);
		await browser('browser tests', specs);
	};
	try {
		await { test, all, check }[mode]();
	} finally {
		await cluster.stop();
	}
	const counted = [
		'unit',
		'database',
		'browser tests',
		'the rest of the browser tests',
		'attack',
		'fleet'
	].map((name) => readReport(reportOf(name)));
	rmSync(reports, { recursive: true, force: true });
	const passed = counted.reduce((sum, one) => sum + one.passed, 0);
	// Said once more at the end: of a long run, whoever reads it may have the end alone.
	for (const wrong of counted.flatMap((one) => one.wrong)) say(`✗ ${wrong}`);
	if (failed.length) say(`These need a look: ${failed.join(', ')}.`);
	say(`${took.join(', ')}.`);
	say(`${passed} passed, ${counted.reduce((sum, one) => sum + one.failed, 0)} failed`);
	return failed.length > 0 || passed === 0 ? 1 : 0;
});
