import { existsSync } from 'node:fs';
import { Piscina } from 'piscina';
import type * as Heavy from './heavy';

type Work = typeof Heavy;
type Name = keyof Work;
type Given<One extends Name> = Parameters<Work[One]>[0];
type Done<One extends Name> = Awaited<ReturnType<Work[One]>>;

let threads: Piscina | null | undefined;

/** The threads for heavy work; null where the application was not built, as while it is developed and tested. */
function pool(): Piscina | null {
	if (threads !== undefined) return threads;
	const filename = process.env.HEAVY_WORK_FILE ?? '';
	threads = existsSync(filename)
		? new Piscina({ filename, minThreads: 1, maxThreads: 2, maxQueue: 64, idleTimeout: 120_000 })
		: null;
	return threads;
}

/**
 * Does a piece of heavy work beside the thread that answers requests, so that one long one holds up
 * no other.
 */
export async function runInWorker<One extends Name>(
	name: One,
	given: Given<One>
): Promise<Done<One>> {
	const there = pool();
	if (there) return there.run(given, { name });
	const heavy = await import('./heavy');
	return (heavy[name] as (given: Given<One>) => Promise<Done<One>>)(given);
}
