import { LRUCache } from 'lru-cache';
import type { Db } from './db';

/** How many rows there are, and of which transactions: another when any is added, changed or gone. */
const rowsSaid = `count(*) || ':' || coalesce(sum(xmin::text::bigint), 0)`;

/** Tables that are only ever appended to, the book first: what the others have comes with an entry. */
const appendedTables = ['entry', 'delivery', 'mat_check', 'taken_back', 'sent_back'] as const;
/** Tables that are changed in place. */
export const changedTables = [
	'plan',
	'table_day',
	'day_person',
	'seat',
	'person',
	'place',
	'bag_kind',
	'tool',
	'measurement',
	'timed_work',
	'rhythm',
	'hall_shut',
	'away',
	'counted_on'
] as const;
/** What is kept of a group and its season rests on: the book, and what is changed in place beside it. */
export const bookTables: readonly MarkedTable[] = ['entry', ...changedTables];
/** Tables that say when something of them changed. */
export const markedTables = [...appendedTables, ...changedTables] as const;
export type MarkedTable = (typeof markedTables)[number];

/**
 * A mark of some tables of a group: another whenever anything of them is. What is only ever appended to is told
 * by its newest rows, more of them than can be under way at once, or by how many there are; what is changed in
 * place by the transactions its rows are of. It is read from the rows, so that nobody who writes waits for another.
 */
export const markOf = (db: Db, tables: readonly MarkedTable[]): Promise<string> =>
	db.isReading
		? marks.of(`${db.groupId} ${tables.join()}`, () => readMark(db, tables))
		: readMark(db, tables);

/**
 * Questions that are asked by several at once: whoever comes while one is under way shares the next with all who wait for
 * it. None is answered by a question that was asked before they came, so that what was kept by then is seen.
 */
export class AskedTogether<Value> {
	readonly #going = new Map<string, { now: Promise<Value>; next: Promise<Value> | null }>();

	of(key: string, ask: () => Promise<Value>): Promise<Value> {
		const going = this.#going.get(key);
		if (going) {
			going.next ??= going.now.then(
				() => this.#ask(key, ask),
				() => this.#ask(key, ask)
			);
			return going.next;
		}
		return this.#ask(key, ask);
	}

	#ask(key: string, ask: () => Promise<Value>): Promise<Value> {
		const now = ask();
		const going: { now: Promise<Value>; next: Promise<Value> | null } = { now, next: null };
		this.#going.set(key, going);
		const ended = () => {
			// Where others wait, theirs begins now and takes this place.
			if (this.#going.get(key) === going && !going.next) this.#going.delete(key);
		};
		now.then(ended, ended);
		return now;
	}
}
const marks = new AskedTogether<string>();

const readMark = async (db: Db, tables: readonly MarkedTable[]): Promise<string> =>
	(
		await db.one<{ mark: string }>(
			`select concat_ws(' ',
				case when 'entry' = any($2) then (select string_agg(id::text, ',') from (
					select id from entry where group_id = $1 order by id desc limit 100) newest) end,
				case when 'delivery' = any($2) then (select string_agg(entry_id::text, ',') from (
					select entry_id from delivery where group_id = $1 order by entry_id desc limit 100) newest) end,
				case when 'mat_check' = any($2) then (select string_agg(entry_id::text, ',') from (
					select entry_id from mat_check where group_id = $1 order by entry_id desc limit 100) newest) end,
				case when 'taken_back' = any($2) then (select count(*) from taken_back where group_id = $1) end,
				case when 'sent_back' = any($2) then (
					select count(*) from thing_event where group_id = $1 and what = 'sent-back') end,
				case when 'plan' = any($2) then (select ${rowsSaid} from plan where group_id = $1) end,
				case when 'table_day' = any($2) then (select ${rowsSaid} from table_day where group_id = $1) end,
				case when 'day_person' = any($2) then (select ${rowsSaid} from day_person where group_id = $1) end,
				case when 'seat' = any($2) then (select ${rowsSaid} from seat where group_id = $1) end,
				case when 'person' = any($2) then (select ${rowsSaid} from person where group_id = $1) end,
				case when 'place' = any($2) then (select ${rowsSaid} from place where group_id = $1) end,
				case when 'bag_kind' = any($2) then (select ${rowsSaid} from bag_kind where group_id = $1) end,
				case when 'tool' = any($2) then (select ${rowsSaid} from tool where group_id = $1) end,
				case when 'measurement' = any($2) then (
					select ${rowsSaid} from measurement where group_id = $1 and is_left_out) end,
				case when 'timed_work' = any($2) then (
					select ${rowsSaid} from timed_work where group_id = $1 and is_left_out) end,
				case when 'rhythm' = any($2) then (select ${rowsSaid} from rhythm where group_id = $1) end,
				case when 'hall_shut' = any($2) then (select ${rowsSaid} from hall_shut where group_id = $1) end,
				case when 'away' = any($2) then (select ${rowsSaid} from away where group_id = $1) end,
				case when 'counted_on' = any($2) then (select ${rowsSaid} from counted_on where group_id = $1) end) as mark`,
			[db.groupId, tables]
		)
	).mark;

/** What is kept, so that a value may be null. */
interface Kept<Value> {
	readonly value: Value;
}

/**
 * What was worked out before, under a key that says all it follows from: it is never wrong, and what was not
 * asked for longest is forgotten.
 */
export class Memo<Value> {
	readonly #known: LRUCache<string, Kept<Value>>;

	constructor(max = 5000) {
		this.#known = new LRUCache({ max });
	}

	get(key: string): Value | undefined {
		return this.#known.get(key)?.value;
	}

	set(key: string, value: Value): Value {
		this.#known.set(key, { value });
		return value;
	}

	forget(key: string): void {
		this.#known.delete(key);
	}

	/** What is known under a key, else what is worked out now. */
	of(key: string, work: () => Value): Value {
		const known = this.#known.get(key);
		return known ? known.value : this.set(key, work());
	}
}

/** What was read of a group last, for as long as nothing changed of the tables that it rests on: every process answers alike. */
export class Answers<Value> {
	readonly #known = new LRUCache<string, { readonly mark: string; readonly value: Value }>({
		max: 500
	});

	constructor(readonly restsOn: readonly MarkedTable[]) {}

	/**
	 * What is known, else what is read now.
	 *
	 * @param by what it follows from beside the rows, as the day
	 * @param mark of the tables, where it was asked for already
	 */
	async of(db: Db, by: unknown, read: () => Promise<Value>, mark?: string): Promise<Value> {
		const said = JSON.stringify([mark ?? (await markOf(db, this.restsOn)), by]);
		const known = this.#known.get(db.groupId);
		if (known?.mark === said) return known.value;
		const value = await read();
		this.#known.set(db.groupId, { mark: said, value });
		return value;
	}
}
