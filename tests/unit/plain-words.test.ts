import { expect, it } from 'vitest';
import { withPlainWords } from '../../scripts/lib/plain-words.mjs';

const catalogue = (name: string): Readonly<Record<string, Readonly<Record<string, string>>>> =>
	name === 'gather'
		? {
				DropOff: {
					save: 'Save',
					from: 'Bags from {place}',
					quoted: "It''s “here”",
					said: 'Say "so"'
				},
				Other: { save: 'Keep' }
			}
		: {};

it.each([
	['say.save()', '"Save"'],
	['say\n\t.save()', '"Save"'],
	['say.said()', '"Say \\"so\\""'],
	// What differs, what is written in two ways, and what is no message stay calls.
	["say.from({ place: 'here' })", "say.from({ place: 'here' })"],
	['say.quoted()', 'say.quoted()'],
	['say.other()', 'say.other()'],
	['essay.save()', 'essay.save()']
])('%s is written as %s', (call, wanted) => {
	const head = "import { DropOff as say } from '$lib/words/gather';\n";
	expect(withPlainWords(head + call, catalogue)).toBe(head + wanted);
});

it('knows parts by their own name and by another', () => {
	const head = "import { Other, DropOff as say } from '$lib/words/gather';\n";
	expect(withPlainWords(`${head}Other.save() + say.save()`, catalogue)).toBe(
		`${head}"Keep" + "Save"`
	);
});
