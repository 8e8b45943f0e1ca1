/**
 * The catalogues of what is said, made into code ahead: `src/lib/words/<stage>.json` holds messages in ICU MessageFormat by
 * the part that says them, and the `.ts` beside it one function for each, with its parameters by name and kind.
 */
import { readdirSync, readFileSync } from 'node:fs';
import { readFile } from 'node:fs/promises';
import { join } from 'node:path';
import MessageFormat from '@messageformat/core';
import compileModule from '@messageformat/core/compile-module';
import { parse, type Token } from '@messageformat/parser';
import ts from 'typescript';
import { partsTakenBy, wordsFolder } from './plain-words.mjs';

export { wordsFolder };

/** Messages by their key, by the part that says them. */
export type Catalogue = Readonly<Record<string, Readonly<Record<string, string>>>>;

/** The names of all catalogues. */
export const catalogueNames = (root = '.'): string[] =>
	readdirSync(join(root, wordsFolder))
		.filter((file) => file.endsWith('.json'))
		.map((file) => file.slice(0, -'.json'.length))
		.sort();

export const readCatalogue = async (name: string, root = '.'): Promise<Catalogue> =>
	JSON.parse(await readFile(join(root, wordsFolder, `${name}.json`), 'utf8')) as Catalogue;

/** The table of routes, and how its fields name messages of its own catalogue. */
const tableOfRoutes = 'src/lib/routes/table.mjs';
const partsOfTable: Readonly<Record<string, string>> = {
	title: 'names',
	stage: 'names',
	label: 'names',
	says: 'trail',
	waits: 'waiting'
};

/** Parts whose messages are named where they are worked out, and the folder or file that names them. */
const namedParts: Readonly<Record<string, string>> = {
	'plan stepNames': 'src/lib/core/explain',
	'common units': 'src/lib/core'
};

/** The source of every module of a folder, its tests left out. */
const sourcesOf = (folder: string): { file: string; source: string }[] =>
	readdirSync(folder, { recursive: true, encoding: 'utf8' })
		.filter((file) => /\.(ts|svelte)$/.test(file) && !/\.test\.ts$/.test(file))
		.map((file) => ({ file, source: readFileSync(join(folder, file), 'utf8') }));

/** Where each message is said, by `<catalogue> <part>.<key>`: the files that take its part and call it. */
export function placesOf(root = '.'): Map<string, Set<string>> {
	const places = new Map<string, Set<string>>();
	const note = (message: string, file: string) =>
		places.set(message, (places.get(message) ?? new Set()).add(file));
	for (const { file, source } of sourcesOf(join(root, 'src'))) {
		if (file.startsWith('lib/words/')) continue;
		for (const { part, alias, name } of partsTakenBy(source))
			for (const [, key] of source.matchAll(new RegExp(`\\b${alias}\\s*\\.(\\w+)\\b`, 'g')))
				note(`${name} ${part}.${key}`, `src/${file}`);
	}
	for (const [part, folder] of Object.entries(namedParts))
		for (const { file, source } of sourcesOf(join(root, folder)))
			for (const [, key] of source.matchAll(/'(\w+)'/g))
				note(`${part}.${key}`, `${folder}/${file}`);
	const table = readFileSync(join(root, tableOfRoutes), 'utf8');
	for (const [, field = '', key] of table.matchAll(/\b(\w+): '(\w+)'/g))
		if (Object.hasOwn(partsOfTable, field))
			note(`routes ${partsOfTable[field]}.${key}`, tableOfRoutes);
	return places;
}

/** The kind of each parameter of a message: a number where it is counted, one of a few words where they are chosen by it. */
export function parametersOf(message: string): Map<string, string> {
	const kinds = new Map<string, string>();
	const note = (name: string, kind: string) => {
		if (kind !== 'string | number' || !kinds.has(name)) kinds.set(name, kind);
	};
	const look = (tokens: readonly Token[]): void => {
		for (const token of tokens) {
			if (token.type === 'content' || token.type === 'octothorpe') continue;
			if (token.type === 'argument' || token.type === 'function') {
				note(token.arg, 'string | number');
				continue;
			}
			const words = token.cases.map(({ key }) => key);
			const isOpen = words.length === 2 && words[1] === 'other' && words[0] !== 'yes';
			note(
				token.arg,
				token.type !== 'select'
					? 'number'
					: words[0] === 'yes'
						? "'yes' | 'no'"
						: isOpen
							? 'string'
							: words.map((word) => `'${word}'`).join(' | ')
			);
			for (const { tokens: inner } of token.cases) look(inner);
		}
	};
	look(parse(message));
	return kinds;
}

const isSum = (node: ts.Node): node is ts.BinaryExpression =>
	ts.isBinaryExpression(node) && node.operatorToken.kind === ts.SyntaxKind.PlusToken;

/** A made expression that is text whatever is put in: two numbers beside each other are not added. */
function asText(body: ts.Node): string {
	const starts: number[] = [];
	const look = (node: ts.Node): void => {
		let first = node;
		while (isSum(first)) first = first.left;
		const isWhole = node === body || isSum(node);
		if (isWhole && !isSum(node.parent) && !ts.isStringLiteral(first))
			starts.push(node.getStart() - body.getStart());
		ts.forEachChild(node, look);
	};
	look(body);
	return starts
		.sort((one, other) => other - one)
		.reduce((text, at) => `${text.slice(0, at)}'' + ${text.slice(at)}`, body.getText());
}

/** What is called within made code: what its module has to import. */
function calledIn(code: ts.Node): Set<string> {
	const called = new Set<string>();
	const look = (node: ts.Node): void => {
		if (ts.isCallExpression(node)) called.add(node.expression.getText());
		ts.forEachChild(node, look);
	};
	look(code);
	return called;
}

/** What every made file begins with. */
const headOf = (name: string): string =>
	`// Made of ${name}.json by \`npm run words -- --make\`: change the words there.`;

/** The code of one part of a catalogue. */
function partCode(name: string, messages: readonly string[], called: ReadonlySet<string>): string {
	const runtime = ['plural', 'select'].filter((word) => called.has(word));
	const own = [
		...(called.has('plural') ? ['en'] : []),
		...(called.has('number') ? ['number'] : [])
	];
	return [
		headOf(name),
		...(runtime.length > 0
			? [`import { ${runtime.join(', ')} } from '@messageformat/runtime';`]
			: []),
		...(own.length > 0 ? [`import { ${own.join(', ')} } from '../number';`] : []),
		'',
		...messages,
		''
	].join('\n');
}

/** The code of one catalogue, by file: a module a part, so that a page takes its own, and one that names them all. */
export function codeOf(name: string, catalogue: Catalogue): Map<string, string> {
	const compiled = compileModule(
		new MessageFormat('en'),
		catalogue as Record<string, Record<string, string>>
	);
	const source = ts.createSourceFile('words.ts', compiled, ts.ScriptTarget.Latest, true);
	const made = source.statements.find(ts.isExportAssignment)?.expression;
	if (!made || !ts.isObjectLiteralExpression(made)) throw new Error(`${name} was not compiled`);
	const files = new Map<string, string>();
	for (const group of made.properties) {
		if (!ts.isPropertyAssignment(group) || !ts.isObjectLiteralExpression(group.initializer))
			throw new Error(`${name} has a message without a part: ${group.getText()}`);
		const part = group.name.getText();
		const messages = group.initializer.properties.map((message) => {
			if (!ts.isPropertyAssignment(message) || !ts.isArrowFunction(message.initializer))
				throw new Error(`${message.getText()} is no message`);
			const key = ts.isStringLiteral(message.name) ? message.name.text : message.name.getText();
			// What is made of them would be waited for as an answer that never comes.
			if (key === 'then') throw new Error(`${part} of ${name} has a message named then`);
			const kinds = parametersOf(catalogue[part]?.[key] ?? '');
			const types = [...kinds].map(([parameter, kind]) => `readonly ${parameter}: ${kind}`);
			const taken = types.length > 0 ? `d: { ${types.join('; ')} }` : '';
			const made = `(${taken}): string => ${asText(message.initializer.body)};`;
			// Words of the language itself can be asked for by that name, and have another at home.
			return ts.isStringLiteral(message.name)
				? `const ${key}_ = ${made}\nexport { ${key}_ as ${key} };`
				: `export const ${key} = ${made}`;
		});
		files.set(`${name}/${part}.ts`, partCode(name, messages, calledIn(group)));
	}
	const parts = Object.keys(catalogue).sort();
	const index = parts.map((part) => `export * as ${part} from './${name}/${part}';`);
	files.set(`${name}.ts`, [headOf(name), ...index, ''].join('\n'));
	return files;
}
