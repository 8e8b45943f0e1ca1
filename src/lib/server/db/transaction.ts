import type { PoolClient } from 'pg';
import { getPool } from './pool';

/** Runs the work in one transaction: committed when it returns, rolled back and rethrown when it throws. */
export async function withTransaction<Result>(
	work: (client: PoolClient) => Promise<Result>
): Promise<Result> {
	const client = await getPool().connect();
	let broken: Error | undefined;
	try {
		await client.query('begin');
		const result = await work(client);
		await client.query('commit');
		return result;
	} catch (error) {
		await client.query('rollback').catch((rollbackError: Error) => (broken = rollbackError));
		throw error;
	} finally {
		// A connection that could not roll back is not handed to anyone else.
		client.release(broken);
	}
}
