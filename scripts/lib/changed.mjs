// Which files the last changes touched, and which browser tests look at what they touch.
import { execFileSync } from 'node:child_process';
import { existsSync, readFileSync, readdirSync } from 'node:fs';
import path from 'node:path';
import { root } from './say.mjs';

const specFolder = 'tests/browser';

/** @param {string[]} args */
const git = (...args) =>
	execFileSync('git', args, { cwd: root, encoding: 'utf8' }).split('\n').filter(Boolean);

/** The files that are not committed as they are, with what they are told from; else those of the last commit. */
export function changedFiles() {
	const open = [
		...git('diff', '--name-only', 'HEAD'),
		...git('ls-files', '--others', '--exclude-standard')
	];
	return open.length > 0
		? { since: 'HEAD', files: open }
		: { since: 'HEAD~1', files: git('diff', '--name-only', 'HEAD~1', 'HEAD') };
}

/** The part of the application that a file is of: its stage or its route's first word; null for what all rest on. @param {string} file */
function partOf(file) {
	const [, stage] = /^src\/lib\/(?:stages|server)\/([\w-]+)\//.exec(file) ?? [];
	const [, route] = /^src\/routes\/([a-z][\w-]*)\//.exec(file) ?? [];
	return stage ?? route ?? null;
}

/** The first words of the routes that a browser test goes to. @param {string} text of its file */
const partsIn = (text) =>
	new Set([...text.matchAll(/['"`]\/([a-z][a-z-]*)/g)].map(([, part]) => part ?? ''));

/** What a folder of the server or a stage is called on the way around, where that is another word. @type {Readonly<Record<string, readonly string[]>>} */
const routesOf = {
	'table-day': ['prepare'],
	making: ['make'],
	maker: ['m', 'make'],
	asks: ['gather'],
	auth: ['sign-in', 'members', 'groups', 'account'],
	out: ['everything'],
	sheets: ['sheets', 'plan'],
	today: ['season']
};

/**
 * The browser tests that files ask for: those that go where a changed part is, those that were changed themselves, and
 * a walk through all stages where what all rest on changed.
 *
 * @param {readonly string[]} files
 */
export function specsFor(files) {
	const specs = readdirSync(path.join(root, specFolder)).filter((name) =>
		name.endsWith('.spec.ts')
	);
	const app = files.filter(
		(file) => file.startsWith('src/') && !/\.(test|arbitrary)\.ts$/.test(file)
	);
	const parts = new Set(
		app.flatMap((file) => {
			const part = partOf(file);
			return part === null ? [] : (routesOf[part] ?? [part]);
		})
	);
	const wanted = specs.filter((name) => {
		const file = path.join(root, specFolder, name);
		return [...partsIn(readFileSync(file, 'utf8'))].some((part) => parts.has(part));
	});
	const own = files
		.filter((file) => file.startsWith(`${specFolder}/`) && file.endsWith('.spec.ts'))
		.filter((file) => existsSync(path.join(root, file)))
		.map((file) => path.basename(file));
	return [...new Set([...(app.length > 0 ? ['walk.spec.ts'] : []), ...own, ...wanted])];
}

/** So many commits back the core's lines count as changed, for the mutation tester. */
const commitsBack = 20;
/** So many lines at the most, the last files first: what is tried in three minutes. */
const mostLines = 120;

/**
 * The lines of the core that the last commits changed, as the mutation tester takes them: `file:from-to`. Tests
 * are none of them, and neither is what only moved.
 */
export function changedCoreLines() {
	const base = git('rev-list', '--max-count', String(commitsBack + 1), 'HEAD').at(-1) ?? 'HEAD';
	const since = `${base}..HEAD`;
	const lastFirst = [
		...new Set(git('log', '--name-only', '--format=', since, '--', 'src/lib/core'))
	].filter((file) => file.endsWith('.ts') && !/\.(test|arbitrary)\.ts$/.test(file));
	/** @type {Map<string, { range: string, count: number }[]>} */
	const byFile = new Map(lastFirst.map((file) => [file, []]));
	let file = '';
	for (const line of git('diff', '-U0', '-M', base, 'HEAD', '--', 'src/lib/core')) {
		file = /^\+\+\+ b\/(.+)$/.exec(line)?.[1] ?? file;
		const [, from, count = '1'] = /^@@ -\S+ \+(\d+)(?:,(\d+))? @@/.exec(line) ?? [];
		if (!from || Number(count) === 0) continue;
		const range = `${file}:${from}-${Number(from) + Number(count) - 1}`;
		byFile.get(file)?.push({ range, count: Number(count) });
	}
	let lines = 0;
	return [...byFile.values()]
		.flat()
		.filter(({ count }) => (lines += count) - count < mostLines)
		.map(({ range }) => range);
}
