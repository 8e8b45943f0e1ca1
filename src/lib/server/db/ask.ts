import type { QueryResult, QueryResultRow } from 'pg';
import type pg from 'pg';
import { isUuid } from '$lib/ui/uuid';
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

/** Begins a transaction that is for a group, or for none, in one message. @throws RangeError for what is no group's id */
export function beginning(groupId: GroupId | undefined, isolation = ''): string {
	if (groupId !== undefined && !isUuid(groupId)) throw new RangeError('that is the id of no group');
	return `begin ${isolation}; set local nest_row.group_id = '${groupId ?? ''}'`;
}

/** The group that was last said on a connection for reading; '' for none. All that is asked there says its own. */
const saidOn = new WeakMap<pg.PoolClient, string>();
const saying = { name: 'group_at_hand', text: `select set_config('nest_row.group_id', $1, false)` };

/** What is sent before and after a statement, so that it is asked for a group; it goes out with it where the pool sends so. */
function around(use: Use, client: pg.PoolClient, groupId: GroupId | undefined) {
	// Connections that write are lent to what signs in as well: there a group is said for one transaction alone. So it is
	// where a pooler gives the next transaction another connection.
	if (use === 'write' || isPooled(use))
		return groupId === undefined
			? { before: [], after: [] }
			: { before: [client.query(beginning(groupId))], after: ['commit'] };
	const said = groupId ?? '';
	if (saidOn.get(client) === said) return { before: [], after: [] };
	saidOn.set(client, said);
	return { before: [client.query({ ...saying, values: [said] })], after: [] };
}

/** Asks one statement for a group, or for none. */
async function askFor<Row extends QueryResultRow>(
	use: Use,
	query: Asked,
	groupId: GroupId | undefined
): Promise<QueryResult<Row>> {
	const client = await (use === 'read' ? readers() : writers()).connect();
	let broken: Error | undefined;
	try {
		const { before, after } = around(use, client, groupId);
		const answer = client.query<Row>(query);
		const rest = [...before, ...after.map((text) => client.query(text))];
		// Whatever of it is wrong is heard below, and what was not said is said again.
		for (const each of rest) each.catch(() => saidOn.delete(client));
		const [result] = await Promise.all([answer, ...rest]);
		return result;
	} catch (error) {
		// What the database only refused leaves the connection as it was; where it was in another's way it is asked on another.
		const isRefused = (error as { severity?: string }).severity === 'ERROR' && !isTriedAgain(error);
		if (!isRefused) broken = error as Error;
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
	const query = asked(sql, values, use);
	const ask = () => askFor<Row>(use, query, work.groupSaid);
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
