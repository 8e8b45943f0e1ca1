import { readFile } from 'node:fs/promises';
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
		const made = await readFile(`${wordsFolder}/${name}.ts`, 'utf8');
		expect(made).toBe(codeOf(name, await readCatalogue(name)));
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
		expect(code.split('\n').filter((line) => line.startsWith('\t'))).toEqual([
			"\tboth: (d: { readonly one: string | number; readonly other: string | number }): string => '' + d.one + d.other,",
			'\tsum: (d: { readonly one: string | number; readonly other: string | number }): string => \'\' + d.one + " of " + d.other'
		]);
	});
});
