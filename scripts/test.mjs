// npm test: all set-up, then every check; npm run test:long: what is left out of it for the time it takes. Stops at nothing until all have run, and says what failed.
import { mkdtempSync, rmSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { ensureBuild, ensureModules } from './lib/built.mjs';
import { startThrowawayCluster } from './lib/cluster.mjs';
import { readReport } from './lib/reports.mjs';
import { run, runMain, say } from './lib/say.mjs';
import { ensureChromium, ensurePostgres } from './lib/system.mjs';

const reports = mkdtempSync(path.join(os.tmpdir(), 'nest-row-reports-'));

await runMain(async () => {
	await ensurePostgres();
	const chromium = await ensureChromium();
	await ensureModules();
	const cluster = await startThrowawayCluster();
	const env = {
		CHROMIUM_PATH: chromium,
		TEST_DATABASE_SERVER: cluster.url('postgres'),
		PLAYWRIGHT_JSON_OUTPUT_NAME: path.join(reports, 'browser.json')
	};
	/** @type {string[]} */
	const failed = [];
	/** @param {string} name @param {() => Promise<unknown>} check */
	const step = async (name, check) => {
		const from = Date.now();
		try {
			await check();
			say(`✓ ${name} (${Math.round((Date.now() - from) / 1000)} s)`);
		} catch (error) {
			failed.push(name);
			say(`✗ ${name}: ${/** @type {Error} */ (error).message}`);
		}
	};
	/** @param {string[]} args */
	const npx = (...args) => run('npx', ['--no-install', ...args], { env });
	/** @param {string} name */
	const vitest = (name) =>
		npx(
			'vitest',
			'run',
			'--project',
			name,
			'--reporter=default',
			'--reporter=json',
			`--outputFile.json=${path.join(reports, `${name}.json`)}`
		);
	/** Every check. */
	const all = async () => {
		await run('npx', ['--no-install', 'svelte-kit', 'sync'], { quiet: true });
		/** @param {string} name */
		const check = (name) =>
			step(name, () => run('npm', ['run', '--silent', `check:${name}`], { quiet: true }));
		// Each takes one core: two beside each other, and the longest is as long as the other two.
		await Promise.all([check('lint'), check('format').then(() => check('types'))]);
		await step('unit tests', () => vitest('unit'));
		// The demo world, which some of these load, is worked out by what is built.
		await step('build', ensureBuild);
		await step('database tests', () => vitest('database'));
		await step('browser tests', () => npx('playwright', 'test'));
		// A short run of what `npm run attack` does for as long as one likes; the seed is always the same.
		await step('attack', () =>
			run(process.execPath, ['--import', 'tsx', 'tests/attack/run.ts', '0.5'], {
				env: { SEED: '20261125', ATTACK_REPORT: path.join(reports, 'attack.json') }
			})
		);
		// A short run of `npm run attack:fleet`: every part killed once, and a walk through all stages at the end.
		await step('fleet', () =>
			run(process.execPath, ['--import', 'tsx', 'tests/attack/run-fleet.ts', '2000', '1'], {
				env: { SEED: '20261129', ATTACK_REPORT: path.join(reports, 'fleet.json') }
			})
		);
	};
	/** What takes long, and of which the others show most. */
	const long = async () => {
		await step('build', ensureBuild);
		await step('long browser tests', () =>
			run('npx', ['--no-install', 'playwright', 'test'], { env: { ...env, NEST_ROW_LONG: 'yes' } })
		);
	};
	try {
		await (process.argv[2] === 'long' ? long() : all());
	} finally {
		await cluster.stop();
	}
	const counted = ['unit', 'database', 'browser', 'attack', 'fleet'].map((name) =>
		readReport(path.join(reports, `${name}.json`))
	);
	rmSync(reports, { recursive: true, force: true });
	const passed = counted.reduce((sum, one) => sum + one.passed, 0);
	// Said once more at the end: of a long run, whoever reads it may have the end alone.
	for (const wrong of counted.flatMap((one) => one.wrong)) say(`✗ ${wrong}`);
	if (failed.length) say(`These need a look: ${failed.join(', ')}.`);
	say(`${passed} passed, ${counted.reduce((sum, one) => sum + one.failed, 0)} failed`);
	return failed.length > 0 || passed === 0 ? 1 : 0;
});
