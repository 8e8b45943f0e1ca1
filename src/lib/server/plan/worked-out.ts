import type { Practice } from '$lib/core/practice/practice';
import { createHash } from 'node:crypto';

/** More plans than are looked at in a day, so that what is remembered never grows without end. */
const most = 5000;

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

/** Remembers what was worked out of versions of plans; what it forgets is worked out again. */
export class WorkedOut<Value> {
	readonly #known = new Map<string, Value>();

	get({ id, version }: Version, practice: Practice): Value | undefined {
		return this.#known.get(`${id} ${version} ${markOf(practice)}`);
	}

	set({ id, version }: Version, practice: Practice, value: Value): Value {
		if (this.#known.size >= most) this.#known.clear();
		this.#known.set(`${id} ${version} ${markOf(practice)}`, value);
		return value;
	}
}
