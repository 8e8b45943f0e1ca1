import { columns as msg } from '$lib/words/gather';
/** The lists that can be brought in and taken out. */
export const listNames = ['drop-offs', 'movements'] as const;
export type ListName = (typeof listNames)[number];

/** One thing a row can say. */
export interface ListField {
	readonly field: string;
	/** The head of its column in a file that is taken out, and what a person calls it. */
	readonly head: string;
	/** Other heads it is known by. */
	readonly aliases: readonly string[];
	readonly isNeeded: boolean;
}

const needed = (field: string, head: string, ...aliases: string[]): ListField => ({
	field,
	head,
	aliases,
	isNeeded: true
});
const optional = (field: string, head: string, ...aliases: string[]): ListField => ({
	field,
	head,
	aliases,
	isNeeded: false
});

export const listFields: Readonly<Record<ListName, readonly ListField[]>> = {
	'drop-offs': [
		needed('came_on', 'date', 'day', 'on', msg.cameOn()),
		needed('place', 'place', 'from', 'source'),
		needed('bags', 'bags', 'count', msg.numberOfBags()),
		optional('bags_low', msg.atLeast(), 'low', msg.bagsLow()),
		optional('bags_high', msg.atMost(), 'high', msg.bagsHigh()),
		optional('sacks', 'sacks'),
		optional('brought_by', msg.broughtBy(), 'who', 'by'),
		optional('note', 'note', 'notes', 'remark')
	],
	movements: [
		optional('moved_at', 'when', 'date', 'day', msg.movedAt()),
		needed('kind', 'kind', 'bag', msg.kindOfBag()),
		needed('colour', 'colour', 'color'),
		needed('form', 'form', 'as'),
		needed('amount', 'amount', 'count', msg.howMuch(), 'bags'),
		optional('reason', 'reason', 'because', 'why'),
		optional('by_name', 'by', 'who'),
		optional('note', 'note', 'notes', 'remark')
	]
};

export const listTitles: Readonly<Record<ListName, string>> = {
	'drop-offs': 'Drop-offs',
	movements: msg.movementsOfTheStore()
};

/** Which field each column holds, by its place; empty for a column that is left out. */
export type Matching = readonly string[];

const plain = (text: string): string =>
	text
		.toLowerCase()
		.replace(/[^\p{L}\p{N}]+/gu, ' ')
		.trim();

/** Guesses the columns by their heads; each field is taken once, by the first column that names it. */
export function guessMatching(list: ListName, heads: readonly string[]): string[] {
	const taken = new Set<string>();
	return heads.map((head) => {
		const word = plain(head);
		const found = listFields[list].find(
			({ field, head: own, aliases }) =>
				!taken.has(field) && [field, own, ...aliases].some((name) => plain(name) === word)
		);
		if (!found) return '';
		taken.add(found.field);
		return found.field;
	});
}

/** What is wrong with a matching as a whole: a needed field without a column, or two columns for one. */
export function matchingProblems(list: ListName, matching: Matching): string[] {
	return listFields[list].flatMap(({ field, head, isNeeded }) => {
		const columns = matching.filter((one) => one === field).length;
		if (columns > 1) return [msg.twoColumnsAreSaidTo({ head })];
		if (columns === 0 && isNeeded) return [msg.isNeededChooseItsColumn({ head })];
		return [];
	});
}
