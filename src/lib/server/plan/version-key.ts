import type { Practice } from '$lib/core/practice/practice';
import { createHash } from 'node:crypto';

const marks = new WeakMap<Practice, string>();
/** A mark of a practice: the same for the same measures. */
function markOf(practice: Practice): string {
	let mark = marks.get(practice);
	if (!mark) {
		mark = createHash('sha256').update(JSON.stringify(practice)).digest('base64url').slice(0, 22);
		marks.set(practice, mark);
	}
	return mark;
}

/** One version of one plan: what is worked out of it by the same measures is always the same. */
export interface Version {
	readonly id: string;
	readonly version: number;
}

/** What is worked out of a version by a practice is known under this. */
export const versionKey = ({ id, version }: Version, practice: Practice): string =>
	`${id} ${version} ${markOf(practice)}`;
