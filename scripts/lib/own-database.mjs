// The database of this installation, for commands that are run beside it or without it.
import { startKeptCluster } from './cluster.mjs';
import { ensurePostgres } from './system.mjs';

/**
 * Runs work on the database at DATABASE_URL, or else on Nest Row's own, whose server is started for it where it
 * does not run; what ran before goes on running.
 *
 * @template Answer
 * @param {(url: string, isGiven: boolean) => Promise<Answer>} work
 * @returns {Promise<Answer>}
 */
export async function withOwnDatabase(work) {
	const given = process.env.DATABASE_URL;
	if (given) return work(given, true);
	await ensurePostgres();
	const cluster = await startKeptCluster();
	try {
		return await work(cluster.url('nest_row'), false);
	} finally {
		if (cluster.isOurs) await cluster.stop();
	}
}
