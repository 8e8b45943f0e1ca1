import { afterAll, beforeAll } from 'vitest';
import { ensureDatabase } from '../../scripts/lib/migrate.mjs';
import { endPools } from '../../src/lib/server/db/pool';
import { readyDatabase } from '../ready-database';

/** The throwaway server of `npm test`; these tests talk to a real one or not at all. */
export const testServer = (): string => {
	const url = process.env.TEST_DATABASE_SERVER;
	if (!url) throw new Error('Database tests need the server that "npm test" starts.');
	return url;
};

const newName = () => `test_${crypto.randomUUID().replaceAll('-', '')}`;

/** The address of a new, empty database on the test server. */
export async function emptyDatabase(): Promise<string> {
	const url = new URL(testServer());
	url.pathname = `/${newName()}`;
	await ensureDatabase(url.href);
	return url.href;
}

/** The address of another database at the newest migration. */
export const anotherDatabase = (): Promise<string> => readyDatabase(testServer(), newName());

/** Gives a test file a migrated database of its own, reached by the application's pool. */
export function useDatabase(): void {
	beforeAll(async () => {
		const url = await anotherDatabase();
		await endPools();
		process.env.DATABASE_URL = url;
	});
	afterAll(endPools);
}

/** Tables that belong to the whole house and to no group: who may come in is known before it is known for which. */
export const wholeTables = [
	'account',
	'account_message',
	'credential',
	'first_word',
	'house_note',
	'passkey',
	'sign_in',
	'tried',
	'verification'
];

/** These, and the one that says which groups an account is in: it names groups and belongs to none. */
export const houseTables = [...wholeTables, 'account_group'];
