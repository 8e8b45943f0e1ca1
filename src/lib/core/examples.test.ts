import { describe, expect, it } from 'vitest';

const modules = import.meta.glob<Record<string, unknown>>(
	['./**/*.ts', '!./**/*.test.ts', '!./**/*.arbitrary.ts'],
	{ eager: true }
);
const texts = import.meta.glob<string>(['./**/*.ts', '!./**/*.test.ts', '!./**/*.arbitrary.ts'], {
	eager: true,
	query: '?raw',
	import: 'default'
});
/** What examples may name: everything the core exports. */
const scope: Record<string, unknown> = Object.assign({}, ...Object.values(modules));

/** The value of an expression that names what the core exports, its own module first. */
function valueOf(expression: string, own: Readonly<Record<string, unknown>>): unknown {
	const names = { ...scope, ...own };
	const evaluate = new Function(...Object.keys(names), `return (${expression});`) as (
		...values: unknown[]
	) => unknown;
	return evaluate(...Object.values(names));
}

/** The same with every number to five figures, as the examples are written. */
const rounded = (value: unknown): unknown => {
	if (typeof value === 'number') return Number(value.toPrecision(5));
	if (Array.isArray(value)) return value.map(rounded);
	return value !== null && typeof value === 'object'
		? Object.fromEntries(Object.entries(value).map(([key, one]) => [key, rounded(one)]))
		: value;
};

interface Example {
	readonly file: string;
	readonly name: string;
	readonly expression: string;
	readonly result: string;
}
const examples: Example[] = [];
const bare: string[] = [];
for (const [file, text] of Object.entries(texts)) {
	for (const [name, value] of Object.entries(modules[file] ?? {})) {
		if (typeof value !== 'function' || /^[A-Z]/.test(name)) continue;
		const before = text.split(
			new RegExp(`^export (?:async )?(?:function\\*?|const) ${name}\\b`, 'm')
		)[0];
		const comment = /\/\*\*((?:(?!\*\/)[\s\S])*)\*\/\s*$/.exec(before ?? '')?.[1] ?? '';
		const found = [...comment.matchAll(/@example (.+) \/\/ (.+?)\s*(?=\n|$)/g)];
		if (found.length === 0) bare.push(`${file} ${name}`);
		for (const [, expression = '', result = ''] of found)
			examples.push({ file, name, expression, result });
	}
}

describe('an example in the core', () => {
	// The mutation tester's own text of a module may have lost a comment.
	it.skipIf(process.env.STRYKER_MUTATOR_WORKER)(
		'stands with every function that others may use',
		() => expect(bare).toEqual([])
	);

	it.each(examples)('$expression is $result', ({ file, expression, result }) => {
		const own = modules[file] ?? {};
		expect(rounded(valueOf(expression, own))).toEqual(rounded(valueOf(result, own)));
	});
});
