import type { Db } from '../db/db';
import { isAfterPlace, movementPlace } from '$lib/server/book/movement-place';

/** What goes out of a group whole, few rows of each; and what goes out in portions. */
const shortTables = {
	places: 'place',
	persons: 'person',
	'bag-kinds': 'bag_kind',
	plans: 'plan'
} as const;
const longTables = {
	entries: 'entry',
	lines: 'line',
	'drop-offs': 'drop_off',
	sortings: 'sorting',
	measurements: 'measurement',
	'timed-work': 'timed_work',
	things: 'thing',
	'thing-events': 'thing_event'
} as const;
/** What has no number of its own, and its place in the order of entries. */
const placedTexts = {
	movements: `select ${movementPlace} as place, to_jsonb(m) - 'group_id' as row from movement m
		where m.group_id = $1 and ${isAfterPlace} order by m.entry_id, m.part limit $3`,
	'taken-back': `select m.entry_id as place, to_jsonb(m) - 'group_id' as row from taken_back m
		where m.group_id = $1 and m.entry_id > $2 order by m.entry_id limit $3`
} as const;
type ShortName = keyof typeof shortTables;
type NumberedName = keyof typeof longTables;
type PlacedName = keyof typeof placedTexts;
type LongName = NumberedName | PlacedName;
export type TableName = ShortName | LongName;
const isShort = (name: TableName): name is ShortName => Object.hasOwn(shortTables, name);
const isPlaced = (name: LongName): name is PlacedName => Object.hasOwn(placedTexts, name);
export const tableNames = Object.keys({
	...shortTables,
	...longTables,
	...placedTexts
}) as TableName[];

export type Row = Readonly<Record<string, unknown>>;
const atOnce = 5000;

interface Placed {
	readonly place: number;
	readonly row: Row;
}
const numberedAfter = (db: Db, name: NumberedName, after: number) =>
	db.many<Placed & Row>(
		`select t.id as place, to_jsonb(t) - 'group_id' as row from ${longTables[name]} t
		 where t.group_id = $1 and t.id > $2 order by t.id limit $3`,
		[db.groupId, after, atOnce]
	);
const portionAfter = (db: Db, name: LongName, after: number) =>
	isPlaced(name)
		? db.many<Placed & Row>(placedTexts[name], [db.groupId, after, atOnce])
		: numberedAfter(db, name, after);
const wholeTable = (db: Db, name: ShortName) =>
	db.many<{ row: Row }>(
		`select to_jsonb(t) - 'group_id' as row from ${shortTables[name]} t
		 where t.group_id = $1 order by t.created_at, t.id`,
		[db.groupId]
	);

/** All rows of a table of a group, in portions, as one moment has them. */
export async function* rowsOf(db: Db, name: TableName): AsyncGenerator<readonly Row[]> {
	if (isShort(name)) {
		const rows = await wholeTable(db, name);
		if (rows.length > 0) yield rows.map(({ row }) => row);
		return;
	}
	let found;
	for (let after = 0; ; after = found.at(-1)?.place ?? after) {
		found = await portionAfter(db, name, after);
		if (found.length > 0) yield found.map(({ row }) => row);
		if (found.length < atOnce) return;
	}
}
