import type { QueryResult, QueryResultRow } from 'pg';
import pg from 'pg';
import type { GroupId } from '../base/group-id';

/** A statement with its short name, under which a connection prepares it once. */
export interface Asked {
	/** None where a pooler stands between: what one connection prepared another does not know. */
	readonly name: string | undefined;
	readonly text: string;
	readonly values: unknown[];
}

/** What the driver's queries are made of and its types leave out. */
interface Connection {
	readonly parsedStatements: Record<string, string>;
	parse(statement: { name: string; text: string }): void;
	bind(portal: { portal: string; statement: string; values: unknown[] }): void;
	execute(portal: { portal: string }): void;
}
interface DriverQuery {
	readonly name: string | undefined;
	prepare(connection: Connection): void;
	handleCommandComplete(message: unknown, connection: Connection): void;
}
const Driver = pg.Query as unknown as new (asked: Asked) => DriverQuery;

/** Says the group until the transaction ends, and answers with no row. */
const saying = {
	name: 'group_at_hand',
	text: `select 1 where set_config('nest_row.group_id', $1, true) is null`
};

/**
 * A statement that says first for which group it is asked. Both go out as one message that is one
 * transaction to the server, so the walls cost no way there and back.
 */
class GroupQuery extends Driver {
	#isSaid = false;
	constructor(
		asked: Asked,
		private readonly groupId: GroupId
	) {
		super(asked);
	}

	override prepare(connection: Connection): void {
		const name = this.name === undefined ? '' : saying.name;
		if (name === '' || connection.parsedStatements[name] === undefined) {
			connection.parse({ ...saying, name });
			if (name !== '') connection.parsedStatements[name] = saying.text;
		}
		connection.bind({ portal: '', statement: name, values: [this.groupId] });
		connection.execute({ portal: '' });
		super.prepare(connection);
	}

	override handleCommandComplete(message: unknown, connection: Connection): void {
		// The first that is done is the saying.
		if (this.#isSaid) super.handleCommandComplete(message, connection);
		this.#isSaid = true;
	}
}

/** Asks one statement for a group, in a transaction of its own. */
export const askForGroup = <Row extends QueryResultRow>(
	pool: pg.Pool,
	asked: Asked,
	groupId: GroupId
): Promise<QueryResult<Row>> =>
	pool.query<Row>(new GroupQuery(asked, groupId) as unknown as pg.QueryConfig);
