import { readFileSync } from 'node:fs';
import type { Plugin } from 'vite';
import { wordsFolder } from './words-folder';

type Messages = Readonly<Record<string, Readonly<Record<string, string>>>>;

const taken = /import \{([^}]+)\} from '\$lib\/words\/([\w-]+)'/g;
const parts = /(\w+)(?: as (\w+))?/g;

/**
 * Code whose calls of messages without parameters are those messages: what never differs is written into the page, where
 * it costs no more than its letters.
 */
export function withPlainWords(code: string, catalogue: (name: string) => Messages): string {
	let plain = code;
	for (const [, imported = '', name = ''] of code.matchAll(taken))
		for (const [, part = '', alias = part] of imported.matchAll(parts))
			plain = plain.replace(
				new RegExp(`\\b${alias}\\s*\\.(\\w+)\\(\\)`, 'g'),
				(call, key: string) => {
					const message = catalogue(name)[part]?.[key];
					return message === undefined || /[{}]|''/.test(message) ? call : JSON.stringify(message);
				}
			);
	return plain;
}

/** The same for every module of a build, before it is compiled. */
export function plainWords(): Plugin {
	const read = new Map<string, Messages>();
	const catalogue = (name: string): Messages => {
		const there =
			read.get(name) ??
			(JSON.parse(readFileSync(`${wordsFolder}/${name}.json`, 'utf8')) as Messages);
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
