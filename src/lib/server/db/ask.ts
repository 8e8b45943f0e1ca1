import type { QueryResult, QueryResultRow } from 'pg';
import type pg from 'pg';
import type { GroupId } from '../base/group-id';
import {
	isBroken,
	isNeverSent,
	isPooled,
	isStill,
	isTriedAgain,
	readers,
	StoodStill,
	writers,
	type Use
} from './pool';

/** A value of every type but undefined, which the driver would silently turn into null. */
export type Parameter = string | number | boolean | null | Date | Buffer | object;

/** A statement with its short name, under which a connection prepares it once. */
interface Asked {
	/** None where a pooler stands between: what one connection prepared another does not know. */
	readonly name: string | undefined;
	readonly text: string;
	readonly values: unknown[];
	/** Without a name the driver would send what has no values in another way. */
	readonly queryMode: 'extended';
}

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

const asked = (sql: string, values: readonly Parameter[], use: Use): Asked => {
	if (values.some((value) => value === undefined))
		throw new TypeError('undefined given as a query parameter');
	const name = isPooled(use) ? undefined : nameOf(sql);
	return { name, text: sql, values: [...values], queryMode: 'extended' };
};

/** What a question is asked for, and whether the database just stood still for it. */
interface AskedFor {
	readonly groupSaid: GroupId | undefined;
	readonly isStill: boolean;
	markStill(): void;
}

/** Begins a transaction that is for a group, in one message. @throws RangeError for what is no group's id */
export function beginning(groupId: GroupId | undefined, isolation = ''): string {
	if (groupId === undefined) return `begin ${isolation}`;
	if (!/^[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}$/.test(groupId))
		throw new RangeError('that is the id of no group');
	return `begin ${isolation}; set local nest_row.group_id = '${groupId}'`;
}

/** Asks one statement for a group, in a transaction of its own: all three messages go out at once where the pool sends so. */
async function askForGroup<Row extends QueryResultRow>(
	pool: pg.Pool,
	query: Asked,
	groupId: GroupId
): Promise<QueryResult<Row>> {
	const client = await pool.connect();
	let broken: Error | undefined;
	try {
		const begun = client.query(beginning(groupId));
		const answer = client.query<Row>(query);
		const ended = client.query('commit');
		// Whatever is wrong is heard once, below.
		for (const each of [begun, answer, ended]) each.catch((error: Error) => (broken ??= error));
		const [, result] = await Promise.all([begun, answer, ended]);
		return result;
	} catch (error) {
		// What was refused was rolled back by the end that went out with it, and leaves the connection as it was.
		if ((error as { severity?: string }).severity === 'ERROR') broken = undefined;
		throw error;
	} finally {
		client.release(broken);
	}
}

/** Asks outside of a transaction, on the connections of a use. */
export async function askPool<Row extends QueryResultRow>(
	use: Use,
	sql: string,
	values: readonly Parameter[],
	work: AskedFor
): Promise<QueryResult<Row>> {
	const pool = use === 'read' ? readers() : writers();
	const query = asked(sql, values, use);
	const { groupSaid } = work;
	const ask = () =>
		groupSaid === undefined ? pool.query<Row>(query) : askForGroup<Row>(pool, query, groupSaid);
	// A page asks many things one after the other, and waits for a database that stands still once.
	if (work.isStill) throw new StoodStill();
	try {
		return await ask();
	} catch (error) {
		if (isStill(error)) work.markStill();
		// A connection that broke while it lay idle: the query was never sent, so another may take it. What only
		// reads may be asked twice: a standby ends it where it stands in the way of what comes in, or goes itself.
		const isAskedAgain = use === 'read' && (isTriedAgain(error) || isBroken(error));
		if (!isNeverSent(error) && !isAskedAgain) throw error;
		return ask();
	}
}

/** Asks within a transaction. */
export const askClient = <Row extends QueryResultRow>(
	client: pg.PoolClient,
	sql: string,
	values: readonly Parameter[]
): Promise<QueryResult<Row>> => client.query<Row>(asked(sql, values, 'write'));
