// The application that was started from a data folder: who started it, and where it is.
import { existsSync, readFileSync } from 'node:fs';
import path from 'node:path';
import { dataFolder } from './cluster.mjs';
import { isProcess } from './say.mjs';

/** Where it is written down while it runs. */
export const runningFile = () => path.join(dataFolder(), 'running.json');

/** What is written down of the last start; null where nothing is, or nothing that can be read. @returns {{ launcher: number, app: number, address: string } | null} */
export function lastStart() {
	if (!existsSync(runningFile())) return null;
	try {
		return JSON.parse(readFileSync(runningFile(), 'utf8'));
	} catch {
		return null;
	}
}

/** Whether the launcher of a start still runs. @param {{ launcher: number } | null} start */
export const isStillRunning = (start) =>
	start !== null && isProcess(start.launcher, ['launch.mjs']);
