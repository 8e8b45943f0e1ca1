// npm run --silent estimate -- FILE: sees that the packages are there, then hands over to estimate.ts.
import { spawnSync } from 'node:child_process';
import { ensureModules } from './lib/built.mjs';
import { root, runMain } from './lib/say.mjs';

await runMain(async () => {
	await ensureModules({ isQuiet: true });
	const words = ['--import', 'tsx', `${root}/scripts/estimate.ts`, ...process.argv.slice(2)];
	return spawnSync(process.execPath, words, { stdio: 'inherit' }).status ?? 1;
});
