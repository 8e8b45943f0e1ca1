import type { Db } from '$lib/server/db/db';
import type { ListName, Matching } from '$lib/stages/gather/lists/columns';
import { guessMatching } from '$lib/stages/gather/lists/columns';
import type { KnownRows, AnsweredInList } from '$lib/stages/gather/lists/still-asked';
import type { DayOrder } from '$lib/stages/gather/lists/days';
import type { CsvRows } from '$lib/stages/gather/lists/read-csv';
import { createHash } from 'node:crypto';

/** A list on the table: brought in, not kept yet or kept already. */
export interface ListImport extends AnsweredInList {
	readonly id: string;
	readonly list: ListName;
	readonly fileName: string;
	readonly rowCount: number;
	readonly matching: Matching;
	readonly keptAt: Date | null;
	readonly takenBackAt: Date | null;
	/** Which way round its days are written, once somebody has said so. */
	readonly dayOrder: DayOrder | null;
	/** When the very same rows were kept before, if they were and still count. */
	readonly sameKeptAt: Date | null;
}

const columns = `id, list, file_name as "fileName", row_count as "rowCount", matching,
	kept_at as "keptAt", taken_back_at as "takenBackAt", day_order as "dayOrder",
	known_rows as "knownRows", odd_right as "areOddRight",
	(select max(other.kept_at) from list_import other where other.group_id = $1
		and other.digest = list_import.digest and other.id <> list_import.id
		and other.taken_back_at is null) as "sameKeptAt"`;

const headsKey = (heads: readonly string[]): string =>
	createHash('sha256')
		.update(JSON.stringify(heads.map((head) => head.trim().toLowerCase())))
		.digest('hex');

/** How the columns of a list with these heads were matched when one was kept last. */
const rememberedMatching = (db: Db, list: ListName, heads: readonly string[]) =>
	db.maybeOne<{ matching: Matching; dayOrder: DayOrder | null }>(
		`select matching, day_order as "dayOrder" from list_matching
		 where group_id = $1 and list = $2 and heads = $3`,
		[db.groupId, list, headsKey(heads)]
	);

/** Remembers how the columns of a list were matched, for the next one with the same heads. */
export const rememberMatching = (
	db: Db,
	{ list, matching, dayOrder }: Pick<ListImport, 'list' | 'matching' | 'dayOrder'>,
	heads: readonly string[]
): Promise<number> =>
	db.execute(
		`insert into list_matching (group_id, list, heads, matching, day_order)
		 values ($1, $2, $3, $4, $5)
		 on conflict (group_id, list, heads) do update
		 set matching = excluded.matching, day_order = excluded.day_order`,
		[db.groupId, list, headsKey(heads), JSON.stringify(matching), dayOrder]
	);

/** The lists that were kept last. */
export const listKeptImports = (db: Db, limit = 12): Promise<ListImport[]> =>
	db.many<ListImport>(
		`select ${columns} from list_import where group_id = $1 and kept_at is not null
		 order by kept_at desc limit $2`,
		[db.groupId, limit]
	);

/** Lays a list on the table, and clears away the ones that nobody kept for a month. */
export const layImport = async (
	db: Db,
	list: ListName,
	fileName: string,
	rows: CsvRows
): Promise<{ id: string }> => {
	await db.execute(
		`delete from list_import where group_id = $1 and kept_at is null
			and created_at < now() - interval '30 days'`,
		[db.groupId]
	);
	const text = JSON.stringify(rows);
	const digest = createHash('sha256')
		.update(list)
		.update(JSON.stringify([rows.heads, rows.rows]))
		.digest('hex');
	const known = await rememberedMatching(db, list, rows.heads);
	const matching = known?.matching ?? guessMatching(list, rows.heads);
	return db.writer.one<{ id: string }>(
		`insert into list_import (group_id, list, file_name, rows, row_count, matching, digest, day_order)
		 values ($1, $2, $3, $4, $5, $6, $7, $8) returning id`,
		[
			db.groupId,
			list,
			fileName,
			text,
			rows.rows.length,
			JSON.stringify(matching),
			digest,
			known?.dayOrder ?? null
		]
	);
};

export const findImport = (db: Db, id: string): Promise<ListImport | null> =>
	db.maybeOne<ListImport>(`select ${columns} from list_import where group_id = $1 and id = $2`, [
		db.groupId,
		id
	]);

/** The same, held until the transaction ends, so that two keepers of one list wait for each other. */
export const holdImport = (db: Db, id: string): Promise<ListImport | null> =>
	db.maybeOne<ListImport>(
		`select ${columns} from list_import where group_id = $1 and id = $2 for update`,
		[db.groupId, id]
	);

export const rowsOfImport = async (db: Db, id: string): Promise<CsvRows> =>
	(
		await db.one<{ rows: CsvRows }>(
			'select rows from list_import where group_id = $1 and id = $2',
			[db.groupId, id]
		)
	).rows;

/** Says which field each column holds, which leaves other counts to be looked at; nothing changes once the list is kept. */
export const matchImport = (db: Db, id: string, matching: Matching): Promise<number> =>
	db.execute(
		'update list_import set matching = $3, odd_right = false where group_id = $1 and id = $2 and kept_at is null',
		[db.groupId, id, JSON.stringify(matching)]
	);

/** Says which way round days are, what becomes of rows that are there already, or that odd counts are right. */
export const settleImport = (
	db: Db,
	id: string,
	said: {
		readonly dayOrder: DayOrder | null;
		readonly known: KnownRows | null;
		readonly oddRight: boolean | null;
	}
): Promise<number> =>
	db.execute(
		`update list_import set day_order = coalesce($3, day_order),
			known_rows = coalesce($4, known_rows), odd_right = coalesce($5, odd_right)
		 where group_id = $1 and id = $2 and kept_at is null`,
		[db.groupId, id, said.dayOrder, said.known, said.oddRight]
	);

/** Puts one cell of a list right; what was said of its odd counts was said of the cell before. */
export const mendImport = (
	db: Db,
	id: string,
	row: number,
	column: number,
	text: string
): Promise<number> =>
	db.execute(
		`update list_import
		 set rows = jsonb_set(rows, array['rows', $3::int::text, $4::int::text], to_jsonb($5::text)),
			odd_right = false
		 where group_id = $1 and id = $2 and kept_at is null
			and rows #> array['rows', $3::int::text] is not null
			and $4::int < jsonb_array_length(rows -> 'heads')`,
		[db.groupId, id, row, column, text]
	);

/** Marks a list as kept. Its rows stand in their own tables now, and are not held twice. */
export const markImportKept = (db: Db, id: string): Promise<number> =>
	db.execute(
		`update list_import set kept_at = now(), rows = '{"heads": [], "rows": []}'
		 where group_id = $1 and id = $2`,
		[db.groupId, id]
	);

/** Takes a list off the table again, if it was not kept. */
export const dropImport = (db: Db, id: string): Promise<number> =>
	db.execute('delete from list_import where group_id = $1 and id = $2 and kept_at is null', [
		db.groupId,
		id
	]);
