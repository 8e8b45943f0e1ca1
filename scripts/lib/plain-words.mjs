import { readFileSync } from 'node:fs';

/** Where the catalogues stand, and what is made of them. */
export const wordsFolder = 'src/lib/words';

/** @typedef {Readonly<Record<string, Readonly<Record<string, string>>>>} Messages by their key, by the part that says them */

const taken = /import \{([^}]+)\} from '\$lib\/words\/([\w-]+)'/g;
const parts = /(\w+)(?: as (\w+))?/g;

/**
 * The parts of catalogues that a module takes: each by its name, as the module calls it, and whose it is.
 * @param {string} source
 */
export const partsTakenBy = (source) =>
	[...source.matchAll(taken)].flatMap(([, imported = '', name = '']) =>
		[...imported.matchAll(parts)].map(([, part = '', alias = part]) => ({ part, alias, name }))
	);

/**
 * Code whose calls of messages without parameters are those messages: what never differs is written into the page, where
 * it costs no more than its letters.
 * @param {string} code @param {(name: string) => Messages} catalogue
 */
export function withPlainWords(code, catalogue) {
	let plain = code;
	for (const { part, alias, name } of partsTakenBy(code))
		plain = plain.replace(
			new RegExp(`\\b${alias}\\s*\\.(\\w+)\\(\\)`, 'g'),
			(call, /** @type {string} */ key) => {
				const message = catalogue(name)[part]?.[key];
				return message === undefined || /[{}]|''/.test(message) ? call : JSON.stringify(message);
			}
		);
	return plain;
}

/** The same for every module of a build, before it is compiled. @returns {import('vite').Plugin} */
export function plainWords() {
	/** @type {Map<string, Messages>} */
	const read = new Map();
	/** @param {string} name */
	const catalogue = (name) => {
		const there = read.get(name) ?? JSON.parse(readFileSync(`${wordsFolder}/${name}.json`, 'utf8'));
		read.set(name, there);
		return there;
	};
	return {
		name: 'plain-words',
		apply: 'build',
		enforce: 'pre',
		transform(code, id) {
			if (!/\/src\/.*\.(svelte|ts)$/.test(id) || id.includes(`/${wordsFolder}/`)) return null;
			const plain = withPlainWords(code, catalogue);
			return plain === code ? null : { code: plain, map: null };
		}
	};
}
