import { readCode } from '$lib/core/code/code';

/**
 * Where a square code leads that was read: into this application, whichever address it was printed under; null where it is
 * none of ours.
 */
export function labelAddress(read: string): string | null {
	const path = /^https?:\/\/[^/?#]+(\/(?:prepare\/things\/|plan\/)[\w%-]{1,60})$/i.exec(
		read.trim()
	)?.[1];
	return path === undefined
		? null
		: path.replace(/^\/[^/]+(\/things)?/i, (stem) => stem.toLowerCase());
}

/**
 * The code of a label whose square code was read; null where it is no label of ours.
 *
 * @example codeInLabel('https://hall.example/prepare/things/22222') // '22222'
 */
export function codeInLabel(read: string): string | null {
	const path = labelAddress(read);
	const code = path?.startsWith('/prepare/things/') ? readCode(path.slice(16)) : null;
	return code?.problem === undefined ? (code?.code ?? null) : null;
}
