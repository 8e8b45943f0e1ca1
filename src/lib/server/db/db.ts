import type { PoolClient, QueryResult, QueryResultRow } from 'pg';
import type { GroupId } from '../base/group-id';
import { askClient, askPool, beginning, type Parameter } from './ask';
import { asAway } from './away';
import { isTriedAgain, readers, writers, type Use } from './pool';
import { Work, type Along } from './work';

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

/** A transaction, and whether it changed anything. */
interface Transaction {
	readonly client: PoolClient;
	isChange: boolean;
}

/** One moment of the database. */
interface Snapshot<Handle> {
	readonly db: Handle;
	readonly close: () => Promise<void>;
}

/** How long a transaction waits where that is not as long as any: for a lock, and for a statement, s. */
interface Waits {
	readonly lockS?: number;
	readonly statementS?: number;
}
const waiting = ({ lockS, statementS }: Waits): string =>
	(lockS === undefined ? '' : `; set local lock_timeout = '${lockS}s'`) +
	(statementS === undefined ? '' : `; set local statement_timeout = '${statementS}s'`);

/** How often a transaction is tried that others made impossible, by a deadlock say. */
const tries = 3;
/** What the database says it did, where that changes rows. */
const changing: readonly string[] = ['INSERT', 'UPDATE', 'DELETE', 'MERGE'];

/**
 * The database as the work at hand sees it, without a group: accounts, sign-ins, tries. Where it cannot be
 * reached every verb throws the answer 503, which a page that knows nothing of it gives as it is.
 */
export class House {
	readonly #work: Work;
	readonly #at: Transaction | Use;

	constructor(work: Work, at: Transaction | Use = 'read') {
		this.#work = work;
		this.#at = at;
	}

	/** The account that the work is done by; null where no one is signed in. */
	get accountId(): string | null {
		return this.#work.accountId;
	}

	protected get work(): Work {
		return this.#work;
	}

	/** The same on the connections that write: for what changes and answers with rows, and for what must see the newest. */
	get writer(): this {
		return typeof this.#at === 'string' ? this.#on('write') : this;
	}

	/** It asks on the connections that read, each question by itself. */
	get isReading(): boolean {
		return this.#at === 'read';
	}

	#on(at: Transaction | Use): this {
		return new (this.constructor as new (work: Work, at: Transaction | Use) => this)(
			this.#work,
			at
		);
	}

	async #run<Row extends QueryResultRow>(
		sql: string,
		values: readonly Parameter[]
	): Promise<QueryResult<Row>> {
		const at = this.#at;
		if (typeof at === 'string') {
			// What is to be written with the first change is written in its transaction.
			if (at === 'write' && this.#work.hasAlong)
				return this.transaction((db) => db.#run<Row>(sql, values));
			return askPool<Row>(at, sql, values, this.#work).catch(asAway);
		}
		const done = await askClient<Row>(at.client, sql, values);
		if (changing.includes(done.command) && (done.rowCount ?? 0) > 0) at.isChange = true;
		return done;
	}

	/** Exactly one row. @throws RowCountError for none or more. */
	async one<Row extends QueryResultRow>(sql: string, values: readonly Parameter[]): Promise<Row> {
		const { rows } = await this.#run<Row>(sql, values);
		const [row] = rows;
		if (rows.length !== 1 || !row) throw new RowCountError('one row', rows.length, sql);
		return row;
	}

	/** One row or null. @throws RowCountError for more than one. */
	async maybeOne<Row extends QueryResultRow>(
		sql: string,
		values: readonly Parameter[]
	): Promise<Row | null> {
		const { rows } = await this.#run<Row>(sql, values);
		if (rows.length > 1) throw new RowCountError('at most one row', rows.length, sql);
		return rows[0] ?? null;
	}

	/** Any number of rows. */
	async many<Row extends QueryResultRow>(
		sql: string,
		values: readonly Parameter[]
	): Promise<Row[]> {
		return (await this.#run<Row>(sql, values)).rows;
	}

	/** Runs a statement that writes, and gives the count of rows it touched. */
	async execute(sql: string, values: readonly Parameter[]): Promise<number> {
		return (await this.writer.#run(sql, values)).rowCount ?? 0;
	}

	/**
	 * Runs the work in one transaction: committed when it returns, rolled back and rethrown when it
	 * throws. Inside another transaction it is part of that one. Work may run again after a deadlock.
	 */
	async transaction<Result>(
		work: (db: this) => Promise<Result>,
		waits: Waits = {}
	): Promise<Result> {
		if (typeof this.#at !== 'string') return work(this);
		for (let attempt = 1; ; attempt++) {
			try {
				return await this.#once(work, waits);
			} catch (error) {
				if (attempt === tries || !isTriedAgain(error)) return asAway(error);
			}
		}
	}

	async #once<Result>(work: (db: this) => Promise<Result>, waits: Waits): Promise<Result> {
		const client = await writers().connect();
		let broken: Error | undefined;
		let along: ReturnType<Work['takeAlong']> = null;
		const own: Transaction = { client, isChange: false };
		const db = this.#on(own);
		try {
			// It goes out with the first statement. Where the connection cannot begin, nothing after it is done either.
			const begun = client.query(beginning(this.#work.groupSaid) + waiting(waits));
			begun.catch(() => {});
			const result = await work(db);
			await begun;
			if (own.isChange) along = this.#work.takeAlong();
			await along?.write(db);
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

	/** Runs work within the transaction; where it throws, what it did is undone and the transaction goes on. */
	async attempt<Result>(work: () => Promise<Result>): Promise<Result> {
		const client = this.#client();
		await client.query('savepoint attempt');
		try {
			return await work();
		} catch (error) {
			await client.query('rollback to savepoint attempt');
			throw error;
		}
	}

	/** All rows of a question within the transaction, so many at a time. */
	async *inPortions<Row extends QueryResultRow>(sql: string, count: number): AsyncGenerator<Row[]> {
		const client = this.#client();
		await client.query(`declare portions no scroll cursor for ${sql}`);
		for (let isMore = true; isMore;) {
			const { rows } = await client.query<Row>(`fetch ${count} from portions`);
			if (rows.length > 0) yield rows;
			isMore = rows.length === count;
		}
		await client.query('close portions');
	}

	#client(): PoolClient {
		if (typeof this.#at === 'string') throw new TypeError('this is done within a transaction');
		return this.#at.client;
	}

	/** The database as one moment has it, on a connection of its own until it is let go. */
	async snapshot(): Promise<Snapshot<this>> {
		const client = await readers().connect().catch(asAway);
		let isOpen = true;
		const close = async () => {
			if (!isOpen) return;
			isOpen = false;
			const broken = await client.query('rollback').then(
				() => undefined,
				(error: Error) => error
			);
			client.release(broken);
		};
		try {
			await client.query(
				beginning(this.#work.groupSaid, 'isolation level repeatable read read only')
			);
		} catch (error) {
			await close();
			return asAway(error);
		}
		return { db: this.#on({ client, isChange: false }), close };
	}
}

/** The database as a group's work sees it: rows of that group alone. Made once for a request or a job, and passed on. */
export class Db extends House {
	get groupId(): GroupId {
		// Only `dbOf` makes one.
		return this.work.groupId as GroupId;
	}
}

/** For work that is for no group. */
export const house = new House(new Work(undefined, null, null));

/**
 * For the work of one group.
 *
 * @param accountId the account that does it; null where no one is signed in
 * @param along is written once, with the first change; never where nothing changes
 */
export const dbOf = (
	groupId: GroupId,
	accountId: string | null = null,
	along: Along | null = null
): Db => new Db(new Work(groupId, accountId, along));
