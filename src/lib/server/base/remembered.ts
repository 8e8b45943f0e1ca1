import type { Db } from '$lib/server/db/db';
import type { GroupId } from './group-id';

/** Groups that are remembered at once. */
const mostGroups = 500;

/**
 * What was read of a group last, for as long as nothing it rests on was appended: its mark is told by the
 * database (how many rows there are of what is only ever appended to), so that every process reads alike.
 */
export class Remembered<Value> {
	readonly #known = new Map<GroupId, { readonly mark: string; readonly value: Value }>();

	/** What is remembered under a mark, else what is read now. */
	async of(db: Db, mark: string, read: () => Promise<Value>): Promise<Value> {
		const known = this.#known.get(db.groupId);
		if (known?.mark === mark) return known.value;
		const value = await read();
		if (this.#known.size >= mostGroups) this.#known.clear();
		this.#known.set(db.groupId, { mark, value });
		return value;
	}
}
