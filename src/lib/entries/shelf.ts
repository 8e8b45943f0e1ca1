import type { DBSchema, IDBPDatabase } from 'idb';
import type { Waiting } from './outbox.svelte';

interface Stored extends DBSchema {
	entries: { key: string; value: Waiting };
}

/** Where this device keeps entries until the server has them: IndexedDB, which outlives the page. */
export class Shelf {
	readonly #db: Promise<IDBPDatabase<Stored>>;

	constructor() {
		this.#db = import('idb').then(({ openDB }) =>
			openDB<Stored>('nest-row', 1, {
				upgrade: (db) => void db.createObjectStore('entries', { keyPath: 'key' })
			})
		);
		// Whoever asks hears of it; nobody asking is no fault.
		this.#db.catch(() => {});
	}

	/** All that lies there, in the order it was typed: what goes out of the store may have come in just before. */
	async all(): Promise<Waiting[]> {
		const all = await (await this.#db).getAll('entries');
		return all.sort((one, other) => (one.at ?? '').localeCompare(other.at ?? ''));
	}

	async put(entry: Waiting): Promise<void> {
		await (await this.#db).put('entries', entry);
	}

	async drop(key: string): Promise<void> {
		await (await this.#db).delete('entries', key);
	}

	/** Notes on an entry why it was refused, if it still lies there: another tab may have sent it since. */
	async refuse(key: string, problems: Waiting['problems']): Promise<void> {
		const shelf = (await this.#db).transaction('entries', 'readwrite');
		const entry = await shelf.store.get(key);
		if (entry) await shelf.store.put({ ...entry, problems: problems ?? {} });
		await shelf.done;
	}
}
