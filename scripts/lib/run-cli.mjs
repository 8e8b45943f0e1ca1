// Sees that the packages are there, then hands a door over to its TypeScript.
import { spawnSync } from 'node:child_process';
import { ensureModules } from './built.mjs';
import { root, runMain } from './say.mjs';

/** @param {string} name of the script */
export const runCli = (name) =>
	runMain(async () => {
		await ensureModules({ isQuiet: true });
		const words = ['--import', 'tsx', `${root}/scripts/${name}.ts`, ...process.argv.slice(2)];
		return spawnSync(process.execPath, words, { stdio: 'inherit' }).status ?? 1;
	});
