// npm run mutants -- folder: changes the core a little here and there and sees whether its tests notice.
// With --whole, also what is worked out once when a module is loaded, which takes ten times as long.
import { existsSync, mkdirSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { ensureModules } from './lib/built.mjs';
import { Stop, root, run, runMain } from './lib/say.mjs';

const cache = path.join(root, '.data/mutants');

await runMain(async () => {
	const isWhole = process.argv.includes('--whole');
	const folders = process.argv.slice(2).filter((word) => word !== '--whole');
	for (const folder of folders)
		if (!/^[a-z/-]+$/.test(folder) || !existsSync(path.join(root, 'src/lib/core', folder)))
			throw new Stop(`There is no folder ${folder} in src/lib/core.`);
	await ensureModules();
	await run('npx', ['--no-install', 'svelte-kit', 'sync'], { quiet: true });
	mkdirSync(cache, { recursive: true });
	for (const folder of folders.length ? folders : ['.']) {
		const name = folder.replace(/\W+/g, '-');
		const within = folder === '.' ? '' : `${folder}/`;
		const settings = path.join(cache, `${name}.json`);
		writeFileSync(
			settings,
			JSON.stringify({
				testRunner: 'vitest',
				vitest: { configFile: 'vitest.core.config.ts', related: true },
				plugins: ['@stryker-mutator/vitest-runner'],
				mutate: [
					`src/lib/core/${within}**/*.ts`,
					'!src/lib/core/**/*.test.ts',
					'!src/lib/core/**/*.arbitrary.ts'
				],
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
				jsonReporter: { fileName: path.join(cache, `${name}-report.json`) },
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
	}
});
