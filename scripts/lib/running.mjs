// The application that was started from a data folder: who started it, and where it is.
import { createHash } from 'node:crypto';
import { existsSync, readFileSync, realpathSync } from 'node:fs';
import net from 'node:net';
import path from 'node:path';
import { dataFolder } from './cluster.mjs';
import { Stop, isProcess } from './say.mjs';

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

/**
 * Holds the data folder for this process alone, until it ends in whatever way: the machine itself lets go of the name
 * of a socket that lies in no folder, so that nothing is left behind which could stop the next start.
 * @returns {Promise<void>} once it is held; a Stop where another process holds it
 */
export function holdFolder() {
	const mark = createHash('sha256').update(realpathSync(dataFolder())).digest('hex').slice(0, 32);
	return new Promise((resolve, reject) => {
		const held = net.createServer((caller) => caller.destroy());
		held.once('error', (error) =>
			reject(
				/** @type {NodeJS.ErrnoException} */ (error).code === 'EADDRINUSE'
					? new Stop(
							'Nest Row is just being started or put back in this folder: wait for that to end.'
						)
					: error
			)
		);
		held.listen(`\0nest-row-${mark}`, () => {
			held.unref();
			resolve();
		});
	});
}
