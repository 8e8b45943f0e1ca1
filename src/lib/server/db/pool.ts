import { isHttpError } from '@sveltejs/kit';
import pg from 'pg';
import { log } from '$lib/server/base/log';

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

/** Reading and writing have a pool each: writers that wait for a lock never keep a page from being read. */
export type Use = 'read' | 'write';
/** What the driver takes and its types do not know yet. */
type Settings = pg.PoolConfig & { pipeline?: boolean };
/** Where reading goes, if elsewhere than writing does. */
const readUrl = (): string | undefined => process.env.NEST_ROW_READ_DATABASE_URL;
/**
 * Whether a pooler stands between, which gives each transaction whichever connection is free: nothing may be
 * remembered on one, so statements have no names there, and the pooler's own file says what is set on each. Reading
 * that goes elsewhere goes past it: to plan each question anew costs more than to answer it.
 */
export const isPooled = (use: Use): boolean =>
	process.env.NEST_ROW_POOLER === 'yes' && (use === 'write' || readUrl() === undefined);
/** How many times the usual wait a slow machine is given before the database counts as away. */
const timeoutFactor = (): number => Math.max(1, Number(process.env.NEST_ROW_PATIENCE) || 1);
/** So long a question waits for a database that stands still and says nothing, ms. */
export const stillMs = (): number => 8000 * timeoutFactor();
/** What is set on a connection of one's own. */
const own: Readonly<Record<Use, () => Settings>> = {
	// What is asked of the readers cannot write: a statement sent to the wrong pool is known at once. Elsewhere tables lie
	// in parts, where a plan for every value is dearer than the one plan for all, but is taken for less by the database.
	read: () => ({
		options: `-c default_transaction_read_only=on${readUrl() === undefined ? '' : ' -c plan_cache_mode=force_generic_plan'}`
	}),
	write: () => ({ lock_timeout: 2000 * timeoutFactor() })
};
const most: Readonly<Record<Use, number>> = { read: 6, write: 8 };
const pools = new Map<Use, pg.Pool>();

/** A client that breaks while it is checked out says so on itself, and unheard that would end the process. */
const hear = (client: pg.PoolClient): void =>
	void client.on('error', (error) =>
		log.warn({ code: (error as { code?: string }).code }, 'a database connection broke')
	);

function poolFor(use: Use): pg.Pool {
	const known = pools.get(use);
	if (known) return known;
	const pool = new pg.Pool({
		connectionString: (use === 'read' ? readUrl() : undefined) ?? process.env.DATABASE_URL,
		connectionTimeoutMillis: 3000 * timeoutFactor(),
		idleTimeoutMillis: 60_000,
		max: most[use],
		...(use === 'read' ? { query_timeout: stillMs() } : {}),
		application_name: 'nest-row',
		...(isPooled(use)
			? {}
			: {
					statement_timeout: 15_000 * timeoutFactor(),
					// A transaction's first statement goes out together with what begins it.
					pipeline: true,
					...own[use]()
				})
	} satisfies Settings);
	pool.on('connect', hear);
	// An idle connection that breaks says so here as well; the next query opens another.
	pool.on('error', () => {});
	pools.set(use, pool);
	return pool;
}

/** The process's connections for reading. They are made when first asked, and again after the database was away. */
export const readers = (): pg.Pool => poolFor('read');
/** The process's connections for writing. */
export const writers = (): pg.Pool => poolFor('write');

/** Ends the pools; the next question makes new ones. */
export async function endPools(): Promise<void> {
	const ending = [...pools.values()];
	pools.clear();
	await Promise.all(ending.map((pool) => pool.end()));
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
	// Cancelled by a timeout; a lock that was not to be had in time.
	'57014',
	'55P03'
]);
/** Classes of SQLSTATE: connection broken, rolled back for another's sake, out of disk, memory or connections. */
const awayClasses = new Set(['08', '40', '53']);

/** Whether an error means that the database cannot do it just now but may in a moment, by its code. */
export function isDatabaseAway(error: unknown): boolean {
	// The answer that says so.
	if (isHttpError(error)) return isDatabaseAway((error as { cause?: unknown }).cause);
	if (!(error instanceof Error)) return false;
	if (error instanceof AggregateError) return error.errors.some(isDatabaseAway);
	const { code } = error as { code?: string };
	if (code) return awayCodes.has(code) || awayClasses.has(code.slice(0, 2));
	// node-postgres gives these no code.
	return isNeverSent(error) || isBroken(error) || isStill(error);
}

/** It stood still for as long as anybody waits for it. */
export class StoodStill extends Error {
	constructor() {
		super('the database stands still');
	}
}

/** Whether the database said nothing for so long that it was not waited for any longer. */
export const isStill = (error: unknown): boolean =>
	error instanceof StoodStill ||
	(error instanceof Error &&
		/timeout exceeded when trying to connect|Query read timeout/.test(error.message));

/** Whether a query met a connection that had broken before, so that it never left the process. */
export const isNeverSent = (error: unknown): boolean =>
	error instanceof Error && /is not queryable/.test(error.message);

/** Whether a transaction was rolled back for another's sake and may succeed if it is tried again. */
export const isTriedAgain = (error: unknown): boolean =>
	['40001', '40P01'].includes((error as { code?: string })?.code ?? '');

/** Whether the connection went while it was asked; what only reads may be asked on another. */
export const isBroken = (error: unknown): boolean =>
	error instanceof Error &&
	(['57P01', '57P02', 'ECONNRESET', 'EPIPE'].includes((error as { code?: string }).code ?? '') ||
		/Connection terminated/.test(error.message));
