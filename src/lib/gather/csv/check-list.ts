import type { ListName, Matching } from './columns';
import { listFields, matchingProblems } from './columns';
import type { DropOffRow, MovementRow, RowContext } from './read-row';
import { readDropOffRow, readMovementRow } from './read-row';

/** What is wrong at one place of a list. */
export interface CellProblem {
	/** The row as a spreadsheet counts it: the heads are row 1. */
	readonly row: number;
	/** The head of the field's column. */
	readonly column: string;
	readonly typed: string;
	readonly sentence: string;
}

export interface Checked<Row> {
	readonly rows: readonly Row[];
	/** The first problems, at most `problemsShown`. */
	readonly problems: readonly CellProblem[];
	readonly problemCount: number;
	/** What is wrong with the columns, before any row is looked at. */
	readonly columnProblems: readonly string[];
}

export const problemsShown = 200;
/** Rows looked at before other work has its turn. */
const atOnce = 1000;

/** Collects the problems of a list, and keeps the first of them. */
class ProblemList {
	readonly shown: CellProblem[] = [];
	count = 0;

	add(problem: CellProblem): void {
		this.count++;
		if (this.shown.length < problemsShown) this.shown.push(problem);
	}
}

async function check<Row>(
	list: ListName,
	rows: readonly (readonly string[])[],
	matching: Matching,
	context: RowContext,
	read: (
		cells: readonly string[],
		matching: Matching,
		context: RowContext
	) => { row?: Row; problems?: Readonly<Record<string, string>> },
	turn: () => Promise<void>
): Promise<{ good: (Row | null)[]; problems: ProblemList; columnProblems: string[] }> {
	const columnProblems = matchingProblems(list, matching);
	const problems = new ProblemList();
	const good: (Row | null)[] = [];
	if (columnProblems.length > 0) return { good, problems, columnProblems };
	const heads = new Map(listFields[list].map(({ field, head }) => [field, head]));
	for (const [at, cells] of rows.entries()) {
		if (at % atOnce === atOnce - 1) await turn();
		const answer = read(cells, matching, context);
		good.push(answer.row ?? null);
		const wrong = Object.entries(answer.problems ?? {}).map(([field, sentence]) => ({
			field,
			sentence,
			column: matching.indexOf(field)
		}));
		for (const { field, sentence, column } of wrong.sort((a, b) => a.column - b.column)) {
			problems.add({
				row: at + 2,
				column: heads.get(field) ?? field,
				typed: (cells[column] ?? '').slice(0, 60),
				sentence
			});
		}
	}
	return { good, problems, columnProblems };
}

const wholeOf = <Row>(
	good: readonly (Row | null)[],
	problems: ProblemList,
	columnProblems: readonly string[]
): Checked<Row> => ({
	rows: good.filter((row) => row !== null),
	problems: problems.shown.toSorted((a, b) => a.row - b.row),
	problemCount: problems.count,
	columnProblems
});

/** Lets whatever waits have its turn. */
const nextTurn = (): Promise<void> => new Promise((resolve) => setTimeout(resolve));

export async function checkDropOffs(
	rows: readonly (readonly string[])[],
	matching: Matching,
	context: RowContext,
	turn = nextTurn
): Promise<Checked<DropOffRow>> {
	const checked = await check('drop-offs', rows, matching, context, readDropOffRow, turn);
	return wholeOf(checked.good, checked.problems, checked.columnProblems);
}

/** One line of the store, as a key. */
export const lineKey = (line: {
	readonly kindId: string;
	readonly colour: string;
	readonly form: string;
}): string => `${line.kindId} ${line.colour} ${line.form}`;

/**
 * Checks movements, and that no line of the store goes below zero on the way: row by row in the
 * order of the list, from what there is.
 *
 * @param balances what there is of each line before the first row, by `lineKey`
 */
export async function checkMovements(
	rows: readonly (readonly string[])[],
	matching: Matching,
	context: RowContext,
	balances: ReadonlyMap<string, number>,
	turn = nextTurn
): Promise<Checked<MovementRow>> {
	const checked = await check('movements', rows, matching, context, readMovementRow, turn);
	const now = new Map(balances);
	for (const [at, row] of checked.good.entries()) {
		if (!row) continue;
		const key = lineKey(row);
		const there = now.get(key) ?? 0;
		if (there + row.amount < -1e-9) {
			checked.problems.add({
				row: at + 2,
				column: 'amount',
				typed: String(row.amount),
				sentence: `There are only ${there} of that in the store at this row.`
			});
			continue;
		}
		now.set(key, there + row.amount);
	}
	return wholeOf(checked.good, checked.problems, checked.columnProblems);
}
