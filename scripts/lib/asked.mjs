// Asking a database something. The driver is loaded only then: what starts where nothing is installed yet may stand on this.

/**
 * Asks a database something, over a connection of its own.
 *
 * @template Answer
 * @param {string} url
 * @param {(client: import('pg').Client) => Promise<Answer>} work
 * @returns {Promise<Answer>}
 */
export async function asked(url, work) {
	const { default: pg } = await import('pg');
	const client = new pg.Client({ connectionString: url });
	// A connection that breaks while nothing is asked on it says so here, and whoever asks next hears it.
	client.on('error', () => {});
	await client.connect();
	try {
		return await work(client);
	} finally {
		await client.end();
	}
}
