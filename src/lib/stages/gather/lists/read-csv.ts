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
	if (text.includes('\u0000'))
		return { problem: 'This is not a list of text. Save it as CSV (UTF-8) and bring it again.' };
	if (text.includes('\ufffd'))
		return {
			problem: 'Some letters cannot be read. Save the list as CSV with UTF-8 and bring it again.'
		};
	const { data, errors } = Papa.parse<string[]>(text.replace(/^\ufeff/, ''), {
		delimitersToGuess: [',', ';', '\t']
	});
	const broken = errors.find(({ type }) => type === 'Quotes');
	if (broken)
		return {
			problem: `Row ${(broken.row ?? 0) + 1}: a quotation mark is opened and never closed.`
		};
	const filled = data
		.map((cells, at) => ({ cells: cells.map(unarmed), number: at + 1 }))
		.filter(({ cells }) => cells.some((cell) => cell.trim() !== ''));
	const [first, ...below] = filled;
	const heads = first?.cells;
	const rows = below.map(({ cells }) => cells);
	const numbers = below.map(({ number }) => number);
	if (!heads || rows.length === 0)
		return { problem: 'There is nothing under the heads. A list has heads and at least one row.' };
	if (rows.length > mostRows)
		return {
			problem: `There are ${rows.length} rows; ${mostRows} can be brought at once. Please split the list.`
		};
	if (heads.length > mostColumns)
		return { problem: `There are ${heads.length} columns; at most ${mostColumns} can be read.` };
	const odd = rows.findIndex((row) => row.length > heads.length);
	if (odd >= 0)
		return {
			problem: `Row ${numbers[odd]} has more fields than there are heads. A comma within a field needs quotation marks round it.`
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
