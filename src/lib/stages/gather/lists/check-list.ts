import { checkList as say } from '$lib/words/gather';
import type { OddCount } from '$lib/core/gather/odd-count';
import { oddCountWords } from '../odd-count-words';
import type { ListName, Matching } from './columns';
import { listFields, matchingProblems } from './columns';
import { dayFields, firstYearLast, guessDayOrder } from './days';
import type { CsvRows } from './read-csv';
import { rowNumber } from './read-csv';
import type { DropOffRow, MovementRow, RowContext } from './read-row';
import { readDropOffRow, readMovementRow } from './read-row';

/** What is wrong at one place of a list, or asked about there. */
export interface CellProblem {
	/** The row as a spreadsheet counts it: the heads are row 1. */
	readonly row: number;
	/** Where the cell lies among the rows and columns of the list; a column it lacks is -1. */
	readonly at: number;
	readonly columnAt: number;
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
	/** Nobody has said, and the days do not tell, which way round they are written. */
	readonly isDayOrderAsked: boolean;
	/** How many of the rows are there already. */
	readonly knownCount: number;
	/** Counts that are asked about before they count: the first of them, and how many there are. */
	readonly oddCells: readonly CellProblem[];
	readonly oddCellCount: number;
}

/** What a list is checked against beside its rows: which are known and whether those are left out, and which counts are odd. */
export interface Against<Row> {
	readonly known: (rows: readonly (Row | null)[]) => Promise<ReadonlySet<number>>;
	readonly isKnownSkipped: boolean;
	/** What is odd at each row, and in which field; a row that is not taken is null. */
	readonly odd: (rows: readonly (Row | null)[]) => Promise<readonly (OddCount | null)[]>;
	readonly oddField: string;
	readonly turn?: () => Promise<void>;
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
	csv: CsvRows,
	matching: Matching,
	context: RowContext,
	read: (
		cells: readonly string[],
		matching: Matching,
		context: RowContext
	) => { row?: Row; problems?: Readonly<Record<string, string>> },
	{ known, isKnownSkipped, odd, oddField, turn = nextTurn }: Against<Row>
): Promise<Looked<Row>> {
	const { rows } = csv;
	const columnProblems = matchingProblems(list, matching);
	const problems = new ProblemList();
	const good: (Row | null)[] = [];
	const odds = new ProblemList();
	const looked = { good, problems, odds, columnProblems, isDayOrderAsked: false, knownCount: 0 };
	if (columnProblems.length > 0) return looked;
	const days = matching.findIndex((field) => dayFields.includes(field));
	const dayCells = rows.map((cells) => cells[days] ?? '');
	const guessed = guessDayOrder(dayCells);
	const dayOrder = context.dayOrder ?? (guessed === 'unclear' ? null : guessed);
	if (context.dayOrder === null && guessed === 'unclear')
		return {
			...looked,
			isDayOrderAsked: true,
			columnProblems: [
				say.datesLikeCanBeRead({ firstYearLast: firstYearLast(dayCells).slice(0, 20) })
			]
		};
	const heads = new Map(listFields[list].map(({ field, head }) => [field, head]));
	const cellOf = (at: number, field: string, sentence: string): CellProblem => {
		const columnAt = matching.indexOf(field);
		return {
			row: rowNumber(csv, at),
			at,
			columnAt,
			column: heads.get(field) ?? field,
			typed: (rows[at]?.[columnAt] ?? '').slice(0, 60),
			sentence
		};
	};
	for (const [at, cells] of rows.entries()) {
		if (at % atOnce === atOnce - 1) await turn();
		const answer = read(cells, matching, { ...context, dayOrder });
		good.push(answer.row ?? null);
		const wrong = Object.entries(answer.problems ?? {}).map(([field, sentence]) =>
			cellOf(at, field, sentence)
		);
		for (const cell of wrong.sort((a, b) => a.columnAt - b.columnAt)) problems.add(cell);
	}
	const there = await known(good);
	const taken = isKnownSkipped ? good.map((row, at) => (there.has(at) ? null : row)) : good;
	for (const [at, found] of (await odd(taken)).entries())
		if (found) odds.add(cellOf(at, oddField, oddCountWords(found)));
	return { ...looked, good: taken, knownCount: there.size };
}

interface Looked<Row> {
	readonly good: (Row | null)[];
	readonly problems: ProblemList;
	readonly odds: ProblemList;
	readonly columnProblems: readonly string[];
	readonly isDayOrderAsked: boolean;
	readonly knownCount: number;
}

const wholeOf = <Row>({ good, problems, odds, ...more }: Looked<Row>): Checked<Row> => ({
	...more,
	rows: good.filter((row) => row !== null),
	problems: problems.shown.toSorted((a, b) => a.row - b.row),
	problemCount: problems.count,
	oddCells: odds.shown,
	oddCellCount: odds.count
});

/** Lets whatever waits have its turn. */
const nextTurn = (): Promise<void> => new Promise((resolve) => setTimeout(resolve));

export async function checkDropOffs(
	csv: CsvRows,
	matching: Matching,
	context: RowContext,
	against: Against<DropOffRow>
): Promise<Checked<DropOffRow>> {
	return wholeOf(await check('drop-offs', csv, matching, context, readDropOffRow, against));
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
	csv: CsvRows,
	matching: Matching,
	context: RowContext,
	balances: ReadonlyMap<string, number>,
	against: Against<MovementRow>
): Promise<Checked<MovementRow>> {
	const checked = await check('movements', csv, matching, context, readMovementRow, against);
	const columnAt = matching.indexOf('amount');
	const now = new Map(balances);
	for (const [at, row] of checked.good.entries()) {
		if (!row) continue;
		const key = lineKey(row);
		const there = now.get(key) ?? 0;
		if (there + row.amount < -1e-9) {
			checked.problems.add({
				row: rowNumber(csv, at),
				at,
				columnAt,
				column: 'amount',
				typed: String(row.amount),
				sentence: say.thereAreOnlyOfThat({ there })
			});
			continue;
		}
		now.set(key, there + row.amount);
	}
	return wholeOf(checked);
}
