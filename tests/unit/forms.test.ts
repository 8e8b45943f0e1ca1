import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { parse } from 'svelte/compiler';
import { expect, it } from 'vitest';

const files = readdirSync('src', { recursive: true, encoding: 'utf8' })
	.filter((file) => file.endsWith('.svelte'))
	.map((file) => join('src', file));

/** Every element of a component, by its name, with how it begins in the source. */
function* elementsOf(source: string): Generator<{ name: string; start: string }> {
	const seen: unknown[] = [parse(source, { modern: true }).fragment];
	for (const node of seen) {
		if (typeof node !== 'object' || node === null) continue;
		const { type, name, start, fragment } = node as Record<string, unknown>;
		if (type === 'RegularElement') {
			const inner = fragment as { nodes: { start: number }[] };
			yield {
				name: String(name),
				start: source.slice(Number(start), inner.nodes[0]?.start ?? source.length)
			};
		}
		seen.push(...Object.values(node).filter((value) => typeof value === 'object'));
	}
}

it('every form that does something goes by what whoever reads may do, and says its group', () => {
	// A form without an address of its own goes to its page: a station's and a maker's do.
	const forms = files.flatMap((file) =>
		[...elementsOf(readFileSync(file, 'utf8'))]
			.filter(({ name, start }) => name === 'form' && /\bmethod="post"/i.test(start))
			.filter(({ start }) => /\baction=|\{\.\.\./.test(start))
			.map(({ start }) => ({ file, start }))
	);
	expect(forms.length).toBeGreaterThan(70);
	expect(forms.filter(({ start }) => !/\{\.\.\.(actTo\(|to\})|withGroup\(/.test(start))).toEqual(
		[]
	);
});

it('every button that sends its form elsewhere does so too', () => {
	const buttons = files.flatMap((file) =>
		[...elementsOf(readFileSync(file, 'utf8'))].filter(({ start }) => /\sformaction=/.test(start))
	);
	expect(buttons).toEqual([]);
});
