import { readdirSync } from 'node:fs';
import { readFile } from 'node:fs/promises';
import { join } from 'node:path';
import { describe, expect, it } from 'vitest';
import {
	catalogueNames,
	codeOf,
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
});
