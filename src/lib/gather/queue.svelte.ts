import type { DBSchema, IDBPDatabase } from 'idb';
import { openDB } from 'idb';
import type { Sentences, Typed } from './form-reader';
import { nowSaid } from './typed-at';

/** An entry on this device, until the server has said that it is kept. */
export interface Waiting {
	readonly key: string;
	readonly type: string;
	readonly typed: Typed;
	/** When it was typed; it may wait for hours. */
	readonly at?: string;
	/** What it is, in words a person knows it by. */
	readonly words: string;
	/** Why the server would not have it; it stays until it is put right or thrown away. */
	readonly problems?: Sentences;
}

/** How sending an entry went. What the server would not have lies on the shelf until it is dropped. */
export type Sent =
	| { readonly outcome: 'kept' | 'waits' }
	| { readonly outcome: 'refused'; readonly key: string; readonly problems: Sentences };

interface Shelf extends DBSchema {
	entries: { key: string; value: Waiting };
}

/** What the server would not have and is put right now: the form of its type takes it up, on this page or the next. Set by a hand only, so never on a server. */
export const mending = $state<{ entry: Waiting | null }>({ entry: null });

/**
 * Entries typed on this device. Each is put on the device's own shelf first, then sent; it leaves the
 * shelf only when the server has said that it is kept, under the key it was given here, so that a
 * resend counts once.
 */
export class EntryQueue {
	waiting = $state.raw<readonly Waiting[]>([]);
	isAway = $state(false);
	#shelf: Promise<IDBPDatabase<Shelf>> | null = null;
	#sending: Promise<void> | null = null;
	#timer: ReturnType<typeof setInterval> | null = null;

	/** @param onkept called when entries were kept, so that lists can be read again */
	constructor(private readonly onkept: () => void) {}

	/** Opens the shelf and begins to send what lies there. Returns how to stop. */
	begin(): () => void {
		this.#shelf = openDB<Shelf>('nest-row', 1, {
			upgrade: (db) => void db.createObjectStore('entries', { keyPath: 'key' })
		});
		void this.#look().then(() => this.send());
		const again = () => void this.send();
		window.addEventListener('online', again);
		this.#timer = setInterval(again, 4000);
		return () => {
			window.removeEventListener('online', again);
			if (this.#timer) clearInterval(this.#timer);
		};
	}

	/** Puts an entry on the shelf and sends it, and says how that went. */
	async add(type: string, typed: Typed, words: string): Promise<Sent> {
		const [key, at] = [crypto.randomUUID(), nowSaid()];
		const entry: Waiting = { key, type, typed: { ...typed }, at, words };
		await (await this.#open()).put('entries', entry);
		await this.#look();
		await this.send();
		const left = this.waiting.find((one) => one.key === key);
		if (!left) return { outcome: 'kept' };
		return left.problems
			? { outcome: 'refused', key, problems: left.problems }
			: { outcome: 'waits' };
	}

	/** Throws an entry away that the server would not have. */
	async drop(key: string): Promise<void> {
		await (await this.#open()).delete('entries', key);
		await this.#look();
	}

	/** Sends what waits, the oldest first; one that is sent already is waited for. */
	async send(): Promise<void> {
		while (this.#sending) await this.#sending;
		const ready = this.waiting.filter(({ problems }) => !problems).slice(0, 50);
		if (ready.length === 0) return;
		this.#sending = this.#sendThese(ready).finally(() => (this.#sending = null));
		await this.#sending;
	}

	async #sendThese(ready: readonly Waiting[]): Promise<void> {
		try {
			const response = await fetch('/api/entries', {
				method: 'POST',
				headers: { 'content-type': 'application/json' },
				body: JSON.stringify({
					entries: ready.map(({ key, type, typed, at }) => ({ key, type, typed, at }))
				})
			});
			if (!response.ok) throw new Error(`answered ${response.status}`);
			const { answers } = (await response.json()) as {
				answers: { key: string; outcome: string; problems?: Sentences }[];
			};
			const shelf = await this.#open();
			for (const { key, outcome, problems } of answers) {
				const entry = ready.find((one) => one.key === key);
				if (outcome === 'refused' && entry)
					await shelf.put('entries', { ...entry, problems: problems ?? {} });
				else await shelf.delete('entries', key);
			}
			this.isAway = false;
			this.onkept();
		} catch {
			// No answer: whether it was kept is not known, and the same keys are sent again.
			this.isAway = true;
		} finally {
			await this.#look();
		}
	}

	async #open(): Promise<IDBPDatabase<Shelf>> {
		if (!this.#shelf) throw new Error('the queue has not begun');
		return this.#shelf;
	}

	async #look(): Promise<void> {
		const all = await (await this.#open()).getAll('entries');
		// In the order they were typed: what goes out of the store may have come in just before.
		this.waiting = all.sort((one, other) => (one.at ?? '').localeCompare(other.at ?? ''));
	}
}
