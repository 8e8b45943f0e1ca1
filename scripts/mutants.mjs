// npm run mutants -- folder: changes the core a little here and there and sees whether its tests notice.
// -- all: the whole core, by hand before a release. -- --changed: the lines of the core that the last twenty commits
// changed, held to a floor; part of npm run test:all. With --whole, also what is worked out once when a module is
// loaded, which takes ten times as long.
import { existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { ensureModules } from './lib/built.mjs';
import { changedCoreLines } from './lib/changed.mjs';
import { Stop, root, run, runMain, say } from './lib/say.mjs';

const cache = path.join(root, '.data/mutants');
/** Of a hundred changes tests notice at least so many: in all of what changed, and in each file of it. */
const floors = { all: 85, file: 70 };

/** Changes the lines that are named, and sees who notices. @param {string} name @param {string[]} mutate @param {boolean} isWhole */
async function mutated(name, mutate, isWhole) {
	const settings = path.join(cache, `${name}.json`);
	const report = path.join(cache, `${name}-report.json`);
	writeFileSync(
		settings,
		JSON.stringify({
			testRunner: 'vitest',
			vitest: { configFile: 'vitest.core.config.ts', related: true },
			plugins: ['@stryker-mutator/vitest-runner'],
			mutate,
			tempDirName: '.data/mutants/tmp',
			ignorePatterns: [
				'!.svelte-kit',
				'.data',
				'build',
				'docs/screenshots',
				'static',
				'test-results'
			],
			incremental: true,
			incrementalFile: path.join(cache, `${name}-seen.json`),
			reporters: ['clear-text', 'json'],
			jsonReporter: { fileName: report },
			clearTextReporter: { allowColor: false, logTests: false },
			coverageAnalysis: 'perTest',
			ignoreStatic: !isWhole,
			timeoutMS: 10_000,
			concurrency: 2,
			checkers: [],
			disableTypeChecks: false,
			allowEmpty: true
		})
	);
	await run('npx', ['--no-install', 'stryker', 'run', settings]);
	return report;
}

/**
 * Of each file of a report how many changes were noticed, of how many.
 * @param {string} report
 */
function noticedIn(report) {
	/** @type {{ files: Record<string, { mutants: { status: string }[] }> }} */
	const { files } = JSON.parse(readFileSync(report, 'utf8'));
	return Object.entries(files).map(([file, { mutants }]) => {
		/** @param {string[]} statuses */
		const count = (...statuses) => mutants.filter(({ status }) => statuses.includes(status)).length;
		const noticed = count('Killed', 'Timeout');
		return { file, noticed, of: noticed + count('Survived', 'NoCoverage') };
	});
}

/** Holds what changed to the floors. @param {boolean} isWhole @returns {Promise<number>} */
async function heldToFloor(isWhole) {
	const lines = changedCoreLines();
	if (lines.length === 0) {
		say('The last twenty commits changed nothing of the core.');
		return 0;
	}
	const files = noticedIn(await mutated('changed', lines, isWhole)).filter(({ of }) => of > 0);
	const all = files.reduce(
		(sum, one) => ({ file: 'all', noticed: sum.noticed + one.noticed, of: sum.of + one.of }),
		{ file: 'all', noticed: 0, of: 0 }
	);
	/** @param {{ noticed: number, of: number }} one */
	const share = ({ noticed, of }) => (of === 0 ? 100 : (100 * noticed) / of);
	// Of a few changes one is a large share: a file is held to its floor from ten on.
	const low = files.filter((one) => one.of >= 10 && share(one) < floors.file);
	for (const one of low) say(`✗ ${one.file}: ${one.noticed} of ${one.of} changes are noticed.`);
	say(`${all.noticed} of ${all.of} changes are noticed, in ${files.length} files.`);
	return low.length > 0 || share(all) < floors.all ? 1 : 0;
}

await runMain(async () => {
	const words = process.argv.slice(2);
	const isWhole = words.includes('--whole');
	const folders = words
		.filter((word) => !word.startsWith('--'))
		.map((word) => (word === 'all' ? '.' : word));
	for (const folder of folders)
		if (
			folder !== '.' &&
			(!/^[a-z/-]+$/.test(folder) || !existsSync(path.join(root, 'src/lib/core', folder)))
		)
			throw new Stop(`There is no folder ${folder} in src/lib/core.`);
	await ensureModules();
	await run('npx', ['--no-install', 'svelte-kit', 'sync'], { quiet: true });
	mkdirSync(cache, { recursive: true });
	if (words.includes('--changed')) return heldToFloor(isWhole);
	for (const folder of folders.length ? folders : ['.']) {
		const within = folder === '.' ? '' : `${folder}/`;
		await mutated(
			folder.replace(/\W+/g, '-'),
			[
				`src/lib/core/${within}**/*.ts`,
				'!src/lib/core/**/*.test.ts',
				'!src/lib/core/**/*.arbitrary.ts'
			],
			isWhole
		);
	}
	return 0;
});
