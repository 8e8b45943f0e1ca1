import { afterAll, beforeAll } from 'vitest';
import { ensureDatabase, migrate } from '../../scripts/lib/migrate.mjs';
import { endPools } from '../../src/lib/server/db/pool';

/** The throwaway server of `npm test`; these tests talk to a real one or not at all. */
export const testServer = (): string => {
	const url = process.env.TEST_DATABASE_SERVER;
	if (!url) throw new Error('Database tests need the server that "npm test" starts.');
	return url;
};

/** The address of a new, empty database on the test server. */
export async function emptyDatabase(): Promise<string> {
	const url = new URL(testServer());
	url.pathname = `/test_${crypto.randomUUID().replaceAll('-', '')}`;
	await ensureDatabase(url.href);
	return url.href;
}

/** Gives a test file a migrated database of its own, reached by the application's pool. */
export function useDatabase(): void {
	beforeAll(async () => {
		const url = await emptyDatabase();
		await migrate(url);
		await endPools();
		process.env.DATABASE_URL = url;
	});
	afterAll(endPools);
}
