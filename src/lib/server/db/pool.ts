import pg from 'pg';
import { log } from '../log';

/** bigint arrives as text because it may exceed a double; ours are counts, so beyond that is a fault. */
export function bigintToNumber(text: string): number {
	const value = Number(text);
	if (!Number.isSafeInteger(value))
		throw new RangeError('a bigint beyond 2^53 reached the application');
	return value;
}

/** numeric arrives as text because it may be exact beyond a double; our measures are not. */
export const numericToNumber = (text: string): number => Number(text);

pg.types.setTypeParser(pg.types.builtins.INT8, bigintToNumber);
pg.types.setTypeParser(pg.types.builtins.NUMERIC, numericToNumber);

let pool: pg.Pool | undefined;

/** The process's one pool. It connects when first asked, and again by itself after the database was away. */
export function getPool(): pg.Pool {
	if (pool) return pool;
	pool = new pg.Pool({
		connectionString: process.env.DATABASE_URL,
		max: 10,
		connectionTimeoutMillis: 3000,
		idleTimeoutMillis: 60_000,
		statement_timeout: 15_000,
		application_name: 'nest-row'
	});
	// An idle connection that breaks says so here; the next query opens another.
	pool.on('error', (error) =>
		log.warn({ code: (error as { code?: string }).code }, 'an idle database connection broke')
	);
	return pool;
}

/** Ends the pool; a later getPool() makes a new one. */
export async function endPool(): Promise<void> {
	const ending = pool;
	pool = undefined;
	await ending?.end();
}

const awayCodes = new Set([
	'ECONNREFUSED',
	'ECONNRESET',
	'EPIPE',
	'ETIMEDOUT',
	'ENOTFOUND',
	'57P01',
	'57P02',
	'57P03',
	'53300'
]);

/** Whether an error means that the database cannot be reached just now, by its code. */
export function isDatabaseAway(error: unknown): boolean {
	if (!(error instanceof Error)) return false;
	if (error instanceof AggregateError) return error.errors.some(isDatabaseAway);
	const { code } = error as { code?: string };
	if (code) return awayCodes.has(code) || code.startsWith('08');
	// node-postgres gives these no code.
	return (
		isNeverSent(error) ||
		/Connection terminated|timeout exceeded when trying to connect/.test(error.message)
	);
}

/** Whether a query met a connection that had broken before, so that it never left the process. */
export const isNeverSent = (error: unknown): boolean =>
	error instanceof Error && /is not queryable/.test(error.message);
