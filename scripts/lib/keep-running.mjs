// An application that ends by itself is started again: at once the first time, then after ever longer pauses.
import { pause, say } from './say.mjs';

/** @typedef {{ child: import('node:child_process').ChildProcess, address: string, stop: () => Promise<void> }} Running */

const firstPauseMs = 250;
const longestPauseMs = 30_000;
/** Running this long, it is taken to be well again. */
const wellAfterMs = 60_000;

/** How long to wait before the next start, after so many that ended soon. @param {number} soon */
export const pauseBefore = (soon) => Math.min(longestPauseMs, firstPauseMs * 2 ** soon);

/**
 * Starts the application, and again whenever it ends unasked. The database is left as it is.
 * @param {() => Promise<Running>} start
 * @param {{ onstart: (running: Running) => void, isWanted: () => boolean }} how
 * @returns {Promise<{ address: string, stop: () => Promise<void> }>} once it answers for the first time
 */
export async function keepRunning(start, { onstart, isWanted }) {
	let running = await start();
	let soon = 0;
	onstart(running);

	/** @param {Running} current */
	const watch = (current) => {
		const from = Date.now();
		current.child.once('exit', async (code, signal) => {
			if (!isWanted()) return;
			soon = Date.now() - from > wellAfterMs ? 0 : soon + 1;
			say(`The application ended (${signal ?? `code ${code}`}); it is started again.`);
			while (isWanted()) {
				await pause(pauseBefore(soon));
				if (!isWanted()) return;
				try {
					running = await start();
					onstart(running);
					say('The application answers again.');
					return watch(running);
				} catch (error) {
					soon++;
					say(/** @type {Error} */ (error).message);
				}
			}
		});
	};
	watch(running);
	return { address: running.address, stop: () => running.stop() };
}
