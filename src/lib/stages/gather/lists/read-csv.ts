import { readCsv as say } from '$lib/words/gather';
import Papa from 'papaparse';

export const mostRows = 50_000;
export const mostColumns = 40;
export const largestList = 12_000_000;

/** A list as it was read: its heads and its rows, all of them text. */
export interface CsvRows {
	readonly heads: readonly string[];
	readonly rows: readonly (readonly string[])[];
	/** The row each stands in, as a spreadsheet counts them: the heads are row 1, and empty rows count. */
	readonly numbers?: readonly number[];
}

/** The number of a row, as a spreadsheet shows it. */
export const rowNumber = ({ numbers }: CsvRows, at: number): number => numbers?.[at] ?? at + 2;

/** Reads a list as RFC 4180 has it; semicolons and tabs between the fields do as well. Empty lines do not count. */
export function readCsv(
	text: string
): { list: CsvRows; problem?: never } | { list?: never; problem: string } {
	if (text.includes('\u0000')) return { problem: say.thisIsNotAList() };
	if (text.includes('\ufffd'))
		return {
			problem: say.someLettersCannotBeRead()
		};
	const { data, errors } = Papa.parse<string[]>(text.replace(/^\ufeff/, ''), {
		delimitersToGuess: [',', ';', '\t']
	});
	const broken = errors.find(({ type }) => type === 'Quotes');
	if (broken)
		return {
			problem: say.rowAQuotationMarkIs({ row: (broken.row ?? 0) + 1 })
		};
	const filled = data
		.map((cells, at) => ({ cells: cells.map(unarmed), number: at + 1 }))
		.filter(({ cells }) => cells.some((cell) => cell.trim() !== ''));
	const [first, ...below] = filled;
	const heads = first?.cells;
	const rows = below.map(({ cells }) => cells);
	const numbers = below.map(({ number }) => number);
	if (!heads || rows.length === 0) return { problem: say.theListHasNoRows() };
	if (rows.length > mostRows)
		return {
			problem: say.thereAreRowsCanBe({ length: rows.length, mostRows })
		};
	if (heads.length > mostColumns)
		return { problem: say.thereAreColumnsAtMost({ length: heads.length, mostColumns }) };
	const odd = rows.findIndex((row) => row.length > heads.length);
	if (odd >= 0)
		return {
			problem: say.rowHasMoreFieldsThan({ numbers: numbers[odd] ?? '' })
		};
	return { list: { heads: heads.map((head) => head.trim()), rows, numbers } };
}

/**
 * Words that a spreadsheet may run as a formula: its signs, as wide as they are written in the East too, and whatever
 * stands before them that is not seen.
 */
const runs = /^[\s\p{Cf}]*[=+\-@＝＋－−＠]|^[\t\r\n]/u;

/** A cell that went out with a mark before it, so that no spreadsheet runs it as a formula, without the mark. */
const unarmed = (cell: string): string =>
	cell.startsWith("'") && runs.test(cell.slice(1)) ? cell.slice(1) : cell;

/**
 * Rows as RFC 4180 has them: comma, quotation marks where they are needed, CRLF after each. Words
 * that a spreadsheet would run as a formula go out with a mark before them.
 */
export const writeCsv = (rows: readonly (readonly (string | number | null)[])[]): string =>
	rows.length === 0
		? ''
		: `${Papa.unparse(
				rows.map((row) => row.map((cell) => cell ?? '')),
				{ newline: '\r\n', escapeFormulae: runs }
			)}\r\n`;
