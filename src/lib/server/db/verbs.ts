import type { QueryResult, QueryResultRow } from 'pg';
import pg from 'pg';
import { askForGroup, type Asked } from './group-query';
import { groupAtHand, hasAlong, isStillAtHand, markStill } from './in-group';
import {
	isBroken,
	isNeverSent,
	isPooled,
	isStill,
	isTriedAgain,
	readers,
	StoodStill,
	writers
} from './pool';
import { clientAtHand, markChange, withTransaction } from './transaction';

/** One of the pools, or the client of a transaction. What is not said to write only reads. */
export interface Queryable {
	query<Row extends QueryResultRow>(query: Asked): Promise<QueryResult<Row>>;
}
/** A query promised a number of rows and gave another. */
export class RowCountError extends Error {
	constructor(
		wanted: string,
		readonly got: number,
		/** The statement, whose values are never said. */
		readonly sql: string
	) {
		super(`${wanted} expected, ${got} found: ${sql.replace(/\s+/g, ' ').slice(0, 120)}`);
		this.name = 'RowCountError';
	}
}

/** A value of every type but undefined, which the driver would silently turn into null. */
export type Parameter = string | number | boolean | null | Date | Buffer | object;

/** What reads outside of a transaction, and what writes outside of one. */
const reading = (): Queryable => clientAtHand() ?? readers();
export const writing = (): Queryable => clientAtHand() ?? writers();

const names = new Map<string, string>();

/** A short name for a statement, so that each connection prepares it once. Every text here is fixed, so there are few. */
function nameOf(sql: string): string {
	let name = names.get(sql);
	if (!name) {
		name = `s${names.size}`;
		names.set(sql, name);
	}
	return name;
}

/** What the database says it did, where that changes rows. */
const changing: readonly string[] = ['INSERT', 'UPDATE', 'DELETE', 'MERGE'];

async function run<Row extends QueryResultRow>(
	sql: string,
	values: readonly Parameter[],
	on: Queryable
): Promise<QueryResult<Row>> {
	if (values.some((value) => value === undefined))
		throw new TypeError('undefined given as a query parameter');
	const use = on === readers() ? 'read' : 'write';
	const name = isPooled(use) ? undefined : nameOf(sql);
	// Without a name the driver would send what has no values in another way, and not say the group before it.
	const query = { name, text: sql, values: [...values], queryMode: 'extended' as const };
	if (!(on instanceof pg.Pool)) {
		const done = await on.query<Row>(query);
		if (changing.includes(done.command) && (done.rowCount ?? 0) > 0) markChange();
		return done;
	}
	// What is to be written with the first change is written in its transaction.
	if (use === 'write' && hasAlong())
		return withTransaction((client) => run<Row>(sql, values, client));
	const groupId = groupAtHand();
	const ask = () =>
		groupId === undefined ? on.query<Row>(query) : askForGroup<Row>(on, query, groupId);
	// A page asks many things one after the other, and waits for a database that stands still once.
	if (isStillAtHand()) throw new StoodStill();
	try {
		return await ask();
	} catch (error) {
		if (isStill(error)) markStill();
		// A connection that broke while it lay idle: the query was never sent, so another may take it. What only
		// reads may be asked twice: a standby ends it where it stands in the way of what comes in, or goes itself.
		const isAskedAgain = use === 'read' && (isTriedAgain(error) || isBroken(error));
		if (!isNeverSent(error) && !isAskedAgain) throw error;
		return ask();
	}
}

/** Exactly one row. @throws RowCountError for none or more. */
export async function one<Row extends QueryResultRow>(
	sql: string,
	values: readonly Parameter[],
	on: Queryable = reading()
): Promise<Row> {
	const { rows } = await run<Row>(sql, values, on);
	const [row] = rows;
	if (rows.length !== 1 || !row) throw new RowCountError('one row', rows.length, sql);
	return row;
}

/** One row or null. @throws RowCountError for more than one. */
export async function maybeOne<Row extends QueryResultRow>(
	sql: string,
	values: readonly Parameter[],
	on: Queryable = reading()
): Promise<Row | null> {
	const { rows } = await run<Row>(sql, values, on);
	if (rows.length > 1) throw new RowCountError('at most one row', rows.length, sql);
	return rows[0] ?? null;
}

/** Any number of rows. */
export async function many<Row extends QueryResultRow>(
	sql: string,
	values: readonly Parameter[],
	on: Queryable = reading()
): Promise<Row[]> {
	return (await run<Row>(sql, values, on)).rows;
}

/** Runs a statement that writes, and gives the count of rows it touched. */
export async function execute(
	sql: string,
	values: readonly Parameter[],
	on: Queryable = writing()
): Promise<number> {
	return (await run(sql, values, on)).rowCount ?? 0;
}
