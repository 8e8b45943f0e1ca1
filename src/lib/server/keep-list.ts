import type { Checked } from '$lib/gather/csv/check-list';
import { checkDropOffs, checkMovements, lineKey } from '$lib/gather/csv/check-list';
import type { ListName, Matching } from '$lib/gather/csv/columns';
import type { CsvRows } from '$lib/gather/csv/read-csv';
import type { DropOffRow, MovementRow, RowContext } from '$lib/gather/csv/read-row';
import type { PoolClient } from 'pg';
import { refusalOf } from './db/ledger';
import { listKinds } from './db/kinds';
import { holdImport, markImportKept, rowsOfImport } from './db/list-imports';
import { appendDropOffs, appendMovements, holdBalances } from './db/list-rows';
import { withTransaction } from './db/transaction';
import type { GroupId } from './group';

/** How the keeping of a list went. */
export type KeptList =
	| { readonly outcome: 'kept' | 'again'; readonly count: number }
	| { readonly outcome: 'refused'; readonly problems: readonly string[] }
	| { readonly outcome: 'gone' };

/** Rows written at once: enough that a round trip does not count, few enough that progress shows. */
const chunk = 2000;

export async function contextOf(groupId: GroupId): Promise<RowContext> {
	const kinds = await listKinds(groupId);
	return {
		kinds: new Map(kinds.map(({ id, name }) => [name.trim().toLowerCase(), id])),
		today: new Date().toISOString().slice(0, 10)
	};
}

/** Checks a list as it lies on the table, against the store as it is. With a client, the store is held. */
export async function checkList(
	groupId: GroupId,
	list: ListName,
	{ rows }: CsvRows,
	matching: Matching,
	client?: PoolClient
): Promise<Checked<DropOffRow> | Checked<MovementRow>> {
	const context = await contextOf(groupId);
	if (list === 'drop-offs') return checkDropOffs(rows, matching, context);
	const balances = await holdBalances(groupId, client);
	return checkMovements(
		rows,
		matching,
		context,
		new Map(balances.map((line) => [lineKey(line), line.amount]))
	);
}

/**
 * Keeps a whole list or none of it, in one transaction. Its rows have keys made from the list's own,
 * so that a list sent twice counts once.
 *
 * @param said hears how many rows are written, as they are
 */
export async function keepList(
	groupId: GroupId,
	id: string,
	said: (done: number, all: number) => void = () => {}
): Promise<KeptList> {
	try {
		return await withTransaction(async (client): Promise<KeptList> => {
			const held = await holdImport(client, groupId, id);
			if (!held) return { outcome: 'gone' };
			if (held.keptAt) return { outcome: 'again', count: held.rowCount };
			const rows = await rowsOfImport(groupId, id, client);
			const checked = await checkList(groupId, held.list, rows, held.matching, client);
			const problems = [
				...checked.columnProblems,
				...checked.problems.map(({ row, column, sentence }) => `Row ${row}, ${column}: ${sentence}`)
			];
			if (problems.length > 0) return { outcome: 'refused', problems };
			const all = checked.rows.length;
			for (let from = 0; from < all; from += chunk) {
				const some = checked.rows.slice(from, from + chunk);
				if (held.list === 'drop-offs')
					await appendDropOffs(client, groupId, id, from, some as DropOffRow[]);
				else await appendMovements(client, groupId, id, from, some as MovementRow[]);
				said(Math.min(from + chunk, all), all);
			}
			await markImportKept(client, groupId, id);
			return { outcome: 'kept', count: all };
		});
	} catch (error) {
		const refusal = refusalOf(error);
		if (refusal?.outcome === 'refused')
			return { outcome: 'refused', problems: Object.values(refusal.problems) };
		throw error;
	}
}
