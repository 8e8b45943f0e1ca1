import Papa from 'papaparse';

export const mostRows = 50_000;
export const mostColumns = 40;
export const largestList = 12_000_000;

/** A list as it was read: its heads and its rows, all of them text. */
export interface CsvRows {
	readonly heads: readonly string[];
	readonly rows: readonly (readonly string[])[];
}

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
		skipEmptyLines: 'greedy',
		delimitersToGuess: [',', ';', '\t']
	});
	const broken = errors.find(({ type }) => type === 'Quotes');
	if (broken)
		return {
			problem: `Row ${(broken.row ?? 0) + 1}: a quotation mark is opened and never closed.`
		};
	const [heads, ...rows] = data;
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
			problem: `Row ${odd + 2} has more fields than there are heads. A comma within a field needs quotation marks round it.`
		};
	return { list: { heads: heads.map((head) => head.trim()), rows } };
}

/** Rows as RFC 4180 has them: comma, quotation marks where they are needed, CRLF after each. */
export const writeCsv = (rows: readonly (readonly (string | number | null)[])[]): string =>
	rows.length === 0
		? ''
		: `${Papa.unparse(
				rows.map((row) => row.map((cell) => cell ?? '')),
				{ newline: '\r\n' }
			)}\r\n`;
