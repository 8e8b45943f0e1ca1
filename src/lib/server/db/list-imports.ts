import type { ListName, Matching } from '$lib/gather/csv/columns';
import type { CsvRows } from '$lib/gather/csv/read-csv';
import { createHash } from 'node:crypto';
import type { PoolClient } from 'pg';
import type { GroupId } from '../group';
import { execute, maybeOne, one } from './verbs';

/** A list on the table: brought in, not kept yet or kept already. */
export interface ListImport {
	readonly id: string;
	readonly list: ListName;
	readonly fileName: string;
	readonly rowCount: number;
	readonly matching: Matching;
	readonly keptAt: Date | null;
	/** When the very same rows were kept before, if they were. */
	readonly sameKeptAt: Date | null;
}

const columns = `id, list, file_name as "fileName", row_count as "rowCount", matching,
	kept_at as "keptAt",
	(select max(other.kept_at) from list_import other where other.group_id = list_import.group_id
		and other.digest = list_import.digest and other.id <> list_import.id) as "sameKeptAt"`;

/** Lays a list on the table, and clears away the ones that nobody kept for a month. */
export const layImport = async (
	groupId: GroupId,
	list: ListName,
	fileName: string,
	rows: CsvRows,
	matching: Matching
): Promise<{ id: string }> => {
	await execute(
		`delete from list_import where group_id = $1 and kept_at is null
			and created_at < now() - interval '30 days'`,
		[groupId]
	);
	const text = JSON.stringify(rows);
	const digest = createHash('sha256').update(list).update(text).digest('hex');
	return one<{ id: string }>(
		`insert into list_import (group_id, list, file_name, rows, row_count, matching, digest)
		 values ($1, $2, $3, $4, $5, $6, $7) returning id`,
		[groupId, list, fileName, text, rows.rows.length, JSON.stringify(matching), digest]
	);
};

export const findImport = (groupId: GroupId, id: string): Promise<ListImport | null> =>
	maybeOne<ListImport>(`select ${columns} from list_import where group_id = $1 and id = $2`, [
		groupId,
		id
	]);

/** The same, held until the transaction ends, so that two keepers of one list wait for each other. */
export const holdImport = (
	client: PoolClient,
	groupId: GroupId,
	id: string
): Promise<ListImport | null> =>
	maybeOne<ListImport>(
		`select ${columns} from list_import where group_id = $1 and id = $2 for update`,
		[groupId, id],
		client
	);

export const rowsOfImport = async (
	groupId: GroupId,
	id: string,
	client?: PoolClient
): Promise<CsvRows> =>
	(
		await one<{ rows: CsvRows }>(
			'select rows from list_import where group_id = $1 and id = $2',
			[groupId, id],
			client
		)
	).rows;

/** Says which field each column holds; nothing changes once the list is kept. */
export const matchImport = (groupId: GroupId, id: string, matching: Matching): Promise<number> =>
	execute(
		'update list_import set matching = $3 where group_id = $1 and id = $2 and kept_at is null',
		[groupId, id, JSON.stringify(matching)]
	);

/** Marks a list as kept. Its rows stand in their own tables now, and are not held twice. */
export const markImportKept = (client: PoolClient, groupId: GroupId, id: string): Promise<number> =>
	execute(
		`update list_import set kept_at = now(), rows = '{"heads": [], "rows": []}'
		 where group_id = $1 and id = $2`,
		[groupId, id],
		client
	);

/** Takes a list off the table again, if it was not kept. */
export const dropImport = (groupId: GroupId, id: string): Promise<number> =>
	execute('delete from list_import where group_id = $1 and id = $2 and kept_at is null', [
		groupId,
		id
	]);
