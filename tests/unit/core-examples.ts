// The examples of the core, read out of its comments.

export const modules = import.meta.glob<Record<string, unknown>>(
	['/src/lib/core/**/*.ts', '!/src/lib/core/**/*.test.ts', '!/src/lib/core/**/*.arbitrary.ts'],
	{ eager: true }
);
const texts = import.meta.glob<string>(
	['/src/lib/core/**/*.ts', '!/src/lib/core/**/*.test.ts', '!/src/lib/core/**/*.arbitrary.ts'],
	{
		eager: true,
		query: '?raw',
		import: 'default'
	}
);
export interface Example {
	readonly file: string;
	readonly name: string;
	readonly expression: string;
	readonly result: string;
}
export const examples: Example[] = [];
/** Functions that others may use and that have none. */
export const bare: string[] = [];
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
