import type { DBSchema, IDBPDatabase, openDB } from 'idb';
import { inOrder, type Waiting } from './waiting';

interface Stored extends DBSchema {
	entries: { key: string; value: Omit<Waiting, 'group'> & { readonly group?: string } };
}

/** Where this device keeps entries until the server has them: IndexedDB, which outlives the page. */
export class Shelf {
	readonly #db: Promise<IDBPDatabase<Stored>>;

	/** @param opens how a store of the device is opened: a page has it loaded when it is asked for, a worker has it with it */
	constructor(opens: Promise<{ openDB: typeof openDB }>) {
		this.#db = opens.then(({ openDB }) =>
			openDB<Stored>('nest-row', 1, {
				upgrade: (db) => void db.createObjectStore('entries', { keyPath: 'key' })
			})
		);
		// Whoever asks hears of it; nobody asking is no fault.
		this.#db.catch(() => {});
	}

	/** All that lies there for a group, in the order it was typed. */
	async all(ofGroup: string): Promise<Waiting[]> {
		const all = await (await this.#db).getAll('entries');
		// What was laid there before groups were told apart is this one's: there was no other.
		const own = all.map((entry): Waiting => ({ group: ofGroup, ...entry }));
		return inOrder(own.filter(({ group }) => group === ofGroup));
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
