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
