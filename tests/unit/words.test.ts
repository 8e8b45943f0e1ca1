import { readdirSync } from 'node:fs';
import { readFile } from 'node:fs/promises';
import { join } from 'node:path';
import { parse, type Token } from '@messageformat/parser';
import { syllable } from 'syllable';
import { describe, expect, it } from 'vitest';
import {
	catalogueNames,
	codeOf,
	placesOf,
	parametersOf,
	readCatalogue,
	wordsFolder
} from '../../scripts/lib/words';

describe('the catalogues', () => {
	it.each(catalogueNames())('%s is made as it is written', async (name) => {
		const made = codeOf(name, await readCatalogue(name));
		const there = readdirSync(join(wordsFolder, name)).map((file) => `${name}/${file}`);
		expect([...there, `${name}.ts`].sort()).toEqual([...made.keys()].sort());
		for (const [file, code] of made)
			expect(await readFile(join(wordsFolder, file), 'utf8'), file).toBe(code);
	});

	it.each([
		['Save', []],
		[
			'{count, plural, one {# bag} other {# bags}} from {place}',
			[
				['count', 'number'],
				['place', 'string | number']
			]
		],
		['{isNew, select, yes {New} other {}}', [['isNew', "'yes' | 'no'"]]]
	])('%s takes what it names', (message, wanted) =>
		expect([...parametersOf(message)]).toEqual(wanted)
	);

	it('text beside text is put together, never added', () => {
		const code = codeOf('any', { Part: { both: '{one}{other}', sum: '{one} of {other}' } });
		expect(
			(code.get('any/Part.ts') ?? '').split('\n').filter((line) => line.startsWith('export'))
		).toEqual([
			"export const both = (d: { readonly one: string | number; readonly other: string | number }): string => '' + d.one + d.other;",
			'export const sum = (d: { readonly one: string | number; readonly other: string | number }): string => \'\' + d.one + " of " + d.other;'
		]);
	});

	it('have no message that nobody says', async () => {
		const said = placesOf();
		const all = (await everyMessage()).map(({ id }) => id);
		expect(all.length).toBeGreaterThan(3500);
		expect(all.filter((id) => !said.has(id))).toEqual([]);
	});
});

interface Message {
	readonly id: string;
	readonly name: string;
	readonly text: string;
}

async function readMessages(): Promise<Message[]> {
	const all: Message[] = [];
	for (const name of catalogueNames())
		for (const [part, messages] of Object.entries(await readCatalogue(name)))
			for (const [key, text] of Object.entries(messages))
				all.push({ id: `${name} ${part}.${key}`, name, text: filled(parse(text)) });
	return all;
}

/** Read once for all that is asked of them. */
let read: Promise<Message[]> | undefined;
const everyMessage = (): Promise<Message[]> => (read ??= readMessages());

/** A message with a number in each place, by the last form of each. */
const filled = (tokens: readonly Token[]): string =>
	tokens
		.map((token) =>
			token.type === 'content'
				? token.value
				: 'cases' in token
					? filled(token.cases.at(-1)?.tokens ?? [])
					: '12'
		)
		.join('');

const sentencesOf = (text: string): string[] =>
	text.split(/[.!?]+(?:\s|$)/).filter((sentence) => /[a-z]/i.test(sentence));
const wordsOf = (text: string): string[] => text.split(/\s+/).filter((word) => /[a-z]/i.test(word));

/** The grade of school at which a text is read, by Flesch and Kincaid. */
function gradeOf(text: string): number {
	const words = wordsOf(text);
	const syllables = words.reduce((sum, word) => sum + Math.max(1, syllable(word)), 0);
	return (
		(0.39 * words.length) / sentencesOf(text).length + (11.8 * syllables) / words.length - 15.59
	);
}

describe('what is said', () => {
	it.each(catalogueNames())('in %s is read by a child of twelve', async (name) => {
		const long = (await everyMessage()).filter(
			({ name: of, text }) => of === name && wordsOf(text).length >= 5
		);
		const grades = long.map(({ text }) => gradeOf(text));
		expect(grades.reduce((sum, grade) => sum + grade, 0) / grades.length).toBeLessThanOrEqual(6);
	});

	it('is short: 95 of 100 sentences have twenty words at most', async () => {
		const lengths = (await everyMessage())
			.filter(({ text }) => wordsOf(text).length >= 5)
			.flatMap(({ text }) => sentencesOf(text).map((sentence) => wordsOf(sentence).length));
		expect(lengths.filter((words) => words > 20).length / lengths.length).toBeLessThan(0.05);
	});

	it('has none of the phrases that were retired', async () => {
		const retired = new RegExp(
			[
				'four times in five|rarely|almost never|hardly|not theirs|they go\\b|\\bsomebody|put (it )?right|by the craft',
				'unbeaten|\\bpin(ned)?\\b|foretold|afresh|meanwhile|opens nothing|what it came to|be fetched|taken back',
				'comes? to \\b(?!a table day)|\\bin hand\\b|say so\\b(?! to)|lies? (there|here|ready|by)|lying (there|here|ready)',
				'stands? (still|here|there|ready|at|for the)|hangs? here|\\bcrates?\\b|\\bbundles?\\b|\\bfilm\\b|\\bbegun\\b',
				'sees? little|the call is|receives none|five signs|if they like|a word on it|no seat said|hands lack',
				'it is so\\b|has said yet|so many lie|only so many|what the table minds|would teach|\\bjudged|kept under',
				'is held (for|until)|owes?\\b|whose hands|no more of|none any more|as it was said|\\bwhither|\\bthence|laid by'
			].join('|'),
			'i'
		);
		const found = (await everyMessage()).filter(({ text }) => retired.test(text));
		expect(found.map(({ id, text }) => `${id}: ${text}`)).toEqual([]);
	});

	it('is graded as it should be', () => {
		// 11 words in one sentence, 13 syllables: 0.39 × 11 + 11.8 × 13 / 11 − 15.59.
		expect(gradeOf('The cat that sat on the mat ate a little apple.')).toBeCloseTo(2.645, 2);
	});
});
