import type { Outbox } from '$lib/entries/outbox.svelte';
import type { Typed } from '$lib/entries/form-reader';
import type { Waiting } from '$lib/entries/waiting';
import type { NextAct } from './next-act';

/** What was done last at the table, to say so; or why it was not. */
export interface Said {
	readonly words: string;
	readonly isProblem: boolean;
}

const takenBack = 'taken back at the table';
/** The same once more within so short a time, before the first is safe, is a slip of the finger, ms. */
const slipMs = 400;

/** The acts of a table: each tap is an entry, which waits on the device until it is kept. */
export class Trestle {
	said = $state.raw<Said>({ words: '', isProblem: false });
	/** What is on its way to the shelf, and since when. */
	#taken: readonly { readonly what: string; readonly at: number }[] = [];

	constructor(private readonly outbox: Outbox) {}

	/** What is done and not in the piles that were read, in the order it was done. */
	get ahead(): readonly Pick<Waiting, 'key' | 'type' | 'typed'>[] {
		return this.outbox.ahead;
	}

	async act({ type, typed, words }: Pick<NextAct, 'type' | 'typed' | 'words'>): Promise<void> {
		await this.#add(type, typed, words);
	}

	async takeBack(id: number, words: string): Promise<void> {
		const typed = { of: 'entry', corrects: String(id), note: takenBack };
		await this.#add('correction', typed, `taken back: ${words}`);
	}

	/** What this device has done and not read yet: while it waits it goes as if it had never been. */
	async takeBackOwn(key: string, words: string): Promise<void> {
		if (this.outbox.isAway && this.outbox.waiting.some((one) => one.key === key)) {
			await this.outbox.drop(key);
			return;
		}
		const typed = { of: 'key', corrects: key, note: takenBack };
		await this.#add('correction', typed, `taken back: ${words}`);
	}

	async #add(type: string, typed: Typed, words: string): Promise<void> {
		const one = { what: JSON.stringify([type, typed]), at: performance.now() };
		if (this.#taken.some(({ what, at }) => what === one.what && one.at - at < slipMs)) return;
		this.#taken = [...this.#taken, one];
		const isSafe = () => void (this.#taken = this.#taken.filter((other) => other !== one));
		const sent = await this.outbox.add(type, typed, words, isSafe).finally(isSafe);
		if (sent.outcome === 'kept') {
			this.said = { words: `Kept: ${words}.`, isProblem: false };
		} else if (sent.outcome === 'refused') {
			this.said = {
				words: `Not kept: ${Object.values(sent.problems).join(' ')}`,
				isProblem: true
			};
			await this.outbox.drop(sent.key).catch(() => {});
		} else if (sent.outcome === 'waits')
			this.said = { words: `Waiting on this device: ${words}.`, isProblem: false };
		else
			this.said = {
				words:
					'Not kept: this device keeps nothing and the network is away. Try again in a moment.',
				isProblem: true
			};
	}
}
