import { AsyncLocalStorage } from 'node:async_hooks';
import type { PoolClient } from 'pg';
import { beginning, takeAlong } from './in-group';
import { isTriedAgain, writers } from './pool';

/** How often a transaction is tried that others made impossible, by a deadlock say. */
const tries = 3;

/** The transaction that the work at hand belongs to, and whether it changed anything. */
const ambient = new AsyncLocalStorage<{ readonly client: PoolClient; isChange: boolean }>();

/** The client of the transaction that this work is part of, or undefined outside of any. */
export const clientAtHand = (): PoolClient | undefined => ambient.getStore()?.client;

/** Says that the transaction at hand changed something. */
export function markChange(): void {
	const own = ambient.getStore();
	if (own) own.isChange = true;
}

async function once<Result>(work: (client: PoolClient) => Promise<Result>): Promise<Result> {
	const client = await writers().connect();
	let broken: Error | undefined;
	let along: ReturnType<typeof takeAlong> = null;
	const own = { client, isChange: false };
	try {
		// It goes out with the first statement. Where the connection cannot begin, nothing after it is done either.
		const begun = client.query(beginning());
		begun.catch(() => {});
		const result = await ambient.run(own, () => work(client));
		await begun;
		if (own.isChange) along = takeAlong();
		await along?.write(client);
		await client.query('commit');
		return result;
	} catch (error) {
		along?.giveBack();
		await client.query('rollback').catch((rollbackError: Error) => (broken = rollbackError));
		throw error;
	} finally {
		// A connection that could not roll back is not handed to anyone else.
		client.release(broken);
	}
}

/**
 * Runs the work in one transaction: committed when it returns, rolled back and rethrown when it
 * throws. Inside another transaction it is part of that one. Work may run again after a deadlock.
 */
export async function withTransaction<Result>(
	work: (client: PoolClient) => Promise<Result>
): Promise<Result> {
	const outer = clientAtHand();
	if (outer) return work(outer);
	for (let attempt = 1; ; attempt++) {
		try {
			return await once(work);
		} catch (error) {
			if (attempt === tries || !isTriedAgain(error)) throw error;
		}
	}
}
