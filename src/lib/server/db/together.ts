import type { PoolClient, QueryResult, QueryResultRow } from 'pg';
import type { GroupId } from '../base/group-id';
import { groupQuery, type Asked } from './group-query';
import { readers } from './pool';

/** One of the statements that go out together. */
interface Waiting {
	readonly asked: Asked;
	readonly resolve: (result: QueryResult) => void;
	readonly reject: (error: unknown) => void;
}
/** What the driver's client has and its types leave out. */
interface Piped {
	readonly connection: { readonly stream: { cork(): void; uncork(): void } };
	query(query: object, done: (error: Error | null, result: QueryResult) => void): void;
}

/** So many go out on one connection; more take another beside it, so that both are worked on at once. */
const mostTogether = 5;
const waiting = new Map<GroupId, Waiting[]>();

/** Sends statements in one message. Each is a transaction of its own and has its own answer. */
async function send(groupId: GroupId, statements: readonly Waiting[]): Promise<void> {
	let client: PoolClient;
	try {
		client = await readers().connect();
	} catch (error) {
		for (const { reject } of statements) reject(error);
		return;
	}
	const piped = client as unknown as Piped;
	const { stream } = piped.connection;
	let failed: Error | undefined;
	let answered = 0;
	stream.cork();
	for (const { asked, resolve, reject } of statements)
		piped.query(groupQuery(asked, groupId), (error, result) => {
			if (error) failed ??= error;
			// A connection on which something failed is given to nobody.
			if (++answered === statements.length) client.release(failed);
			if (error) reject(error);
			else resolve(result);
		});
	stream.uncork();
}

/**
 * Asks the readers one statement for a group, together with whatever else is asked for it in the same turn: most of
 * what a question costs is the way there and back.
 */
export const askTogether = <Row extends QueryResultRow>(
	asked: Asked,
	groupId: GroupId
): Promise<QueryResult<Row>> =>
	new Promise((resolve, reject) => {
		const one: Waiting = { asked, resolve: resolve as Waiting['resolve'], reject };
		const others = waiting.get(groupId);
		if (others) return void others.push(one);
		const all = [one];
		waiting.set(groupId, all);
		setImmediate(() => {
			waiting.delete(groupId);
			for (let from = 0; from < all.length; from += mostTogether)
				void send(groupId, all.slice(from, from + mostTogether));
		});
	});
