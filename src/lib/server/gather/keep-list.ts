import { keepList as say } from '$lib/words/gather';
import type { Db } from '$lib/server/db/db';
import type { Checked } from '$lib/stages/gather/lists/check-list';
import { checkDropOffs, checkMovements, lineKey } from '$lib/stages/gather/lists/check-list';
import { stillAsked } from '$lib/stages/gather/lists/still-asked';
import type { DayOrder } from '$lib/stages/gather/lists/days';
import { wholeNumber } from '$lib/ui/number-words';
import pLimit from 'p-limit';
import type { CsvRows } from '$lib/stages/gather/lists/read-csv';
import type { DropOffRow, MovementRow, RowContext } from '$lib/stages/gather/lists/read-row';
import type { PoolClient } from 'pg';
import type { OddCount } from '$lib/core/gather/odd-count';
import { oddDropOff, oddMovement } from '$lib/core/gather/odd-count';
import { refusalOf } from './ledger';
import { listKinds } from './kinds';
import type { ListImport } from './list-imports';
import { holdImport, markImportKept, rememberMatching, rowsOfImport } from './list-imports';
import { knownDropOffs, knownMovements } from './list-known';
import { appendDropOffs, appendMovements, holdBalances } from './list-rows';
import { placeName, tallyOfNames } from './places';

/** How the keeping of a list went. */
export type KeptList =
	| { readonly outcome: 'kept' | 'duplicate'; readonly count: number }
	| { readonly outcome: 'refused'; readonly problems: readonly string[] }
	| { readonly outcome: 'gone' };

/** Rows written at once: enough that a round trip does not count, few enough that progress shows. */
const chunk = 2000;

/** At most so many lists are kept at once: each holds a connection for seconds. */
const turns = pLimit(2);

async function contextOf(db: Db, dayOrder: DayOrder | null, today: string): Promise<RowContext> {
	const kinds = await listKinds(db);
	return {
		kinds: new Map(kinds.map(({ id, name }) => [name.trim().toLowerCase(), id])),
		today,
		dayOrder
	};
}

/** What is odd at each drop-off of a list, beside what its place has brought before and brings in the other rows. */
async function oddDropOffs(
	db: Db,
	rows: readonly (DropOffRow | null)[]
): Promise<(OddCount | null)[]> {
	const before = await tallyOfNames(db);
	const here = new Map<string, { bags: number; dropOffs: number }>();
	for (const row of rows) {
		if (!row) continue;
		const name = placeName(row.place);
		const { bags, dropOffs } = here.get(name) ?? { bags: 0, dropOffs: 0 };
		here.set(name, { bags: bags + row.bags, dropOffs: dropOffs + 1 });
	}
	return rows.map((row) => {
		if (!row) return null;
		const name = placeName(row.place);
		const [known, all] = [before.get(name), here.get(name)];
		return oddDropOff(
			{ ...row, meanG: null },
			{
				bags: (known?.bags ?? 0) + (all?.bags ?? 0) - row.bags,
				dropOffs: (known?.dropOffs ?? 0) + (all?.dropOffs ?? 0) - 1,
				sorted: known?.sorted ?? 0
			}
		);
	});
}

const oddMovements = (rows: readonly (MovementRow | null)[]): Promise<(OddCount | null)[]> =>
	Promise.resolve(rows.map((row) => row && oddMovement(row.amount, row.form === 'scrap')));

/** What a list is checked by: how its columns are matched and its days written, and what becomes of known rows. */
type Checking = Pick<ListImport, 'list' | 'matching' | 'dayOrder' | 'knownRows' | 'sameKeptAt'>;

/** Every row that could be read: of a list that was kept before, all are known. */
const allOf = (rows: readonly unknown[]): Set<number> =>
	new Set(rows.flatMap((row, at) => (row === null ? [] : [at])));

/** Checks a list as it lies on the table, against the store as it is. With a client, the store is held. */
export async function checkList(
	db: Db,
	{ list, matching, dayOrder, knownRows, sameKeptAt }: Checking,
	rows: CsvRows,
	today: string,
	client?: PoolClient
): Promise<Checked<DropOffRow> | Checked<MovementRow>> {
	const context = await contextOf(db, dayOrder, today);
	const isKnownSkipped = knownRows === 'skip';
	if (list === 'drop-offs')
		return checkDropOffs(rows, matching, context, {
			known: async (read) => (sameKeptAt ? allOf(read) : knownDropOffs(db, read)),
			odd: (read) => oddDropOffs(db, read),
			oddField: 'bags',
			isKnownSkipped
		});
	const balances = await holdBalances(db, client);
	return checkMovements(
		rows,
		matching,
		context,
		new Map(balances.map((line) => [lineKey(line), line.amount])),
		{
			known: async (read) => (sameKeptAt ? allOf(read) : knownMovements(db, read)),
			odd: oddMovements,
			oddField: 'amount',
			isKnownSkipped
		}
	);
}

/** The question about rows that are there already. */
export const knownQuestion = (count: number): string =>
	say.ofTheRowsCount2Plural({ count: wholeNumber(count), count2: count });

/**
 * Keeps a whole list or none of it, in one transaction. Its rows have keys made from the list's own,
 * so that a list sent twice counts once.
 *
 * @param said hears how many rows are written, as they are
 */
export function keepList(
	db: Db,
	id: string,
	today: string,
	said: (done: number, all: number) => void = () => {}
): Promise<KeptList> {
	return turns(() => keepNow(db, id, today, said));
}

/** A long list takes longer than an entry, and may wait for one. */
const waits = { lockS: 30, statementS: 60 };

async function keepNow(
	db: Db,
	id: string,
	today: string,
	said: (done: number, all: number) => void
): Promise<KeptList> {
	try {
		return await db.transaction(async (db): Promise<KeptList> => {
			const held = await holdImport(db, id);
			if (!held) return { outcome: 'gone' };
			if (held.keptAt) return { outcome: 'duplicate', count: held.rowCount };
			const rows = await rowsOfImport(db, id);
			const checked = await checkList(db, held, rows, today);
			const asked = stillAsked(checked, held);
			const problems = [
				...checked.columnProblems,
				...(asked.ofKnown ? [knownQuestion(checked.knownCount)] : []),
				...[...(asked.ofOdd ? checked.oddCells : []), ...checked.problems].map(
					({ row, column, sentence }) => say.row({ row, column, sentence })
				)
			];
			if (problems.length > 0) return { outcome: 'refused', problems };
			const all = checked.rows.length;
			for (let from = 0; from < all; from += chunk) {
				const some = checked.rows.slice(from, from + chunk);
				if (held.list === 'drop-offs') await appendDropOffs(db, id, from, some as DropOffRow[]);
				else await appendMovements(db, id, from, some as MovementRow[]);
				said(Math.min(from + chunk, all), all);
			}
			await rememberMatching(db, held, rows.heads);
			await markImportKept(db, id);
			return { outcome: 'kept', count: all };
		}, waits);
	} catch (error) {
		const refusal = refusalOf(error);
		if (refusal?.outcome === 'refused')
			return { outcome: 'refused', problems: Object.values(refusal.problems) };
		throw error;
	}
}
