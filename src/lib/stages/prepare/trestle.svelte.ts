import type { Outbox } from '$lib/entries/outbox.svelte';
import type { Typed } from '$lib/entries/form-reader';
import type { Waiting } from '$lib/entries/waiting';
import type { NextAct } from './next-act';

/** What was done last at the table, to say so; or why it was not. */
export interface Said {
	readonly words: string;
	readonly isProblem: boolean;
}

/** The acts of a table: each tap is an entry, which waits on the device until it is kept. */
export class Trestle {
	said = $state.raw<Said>({ words: '', isProblem: false });
	/** Kept since the piles were read: they count with them until they are read anew. */
	#kept = $state.raw<readonly Pick<Waiting, 'type' | 'typed'>[]>([]);
	/** A tap is on its way to the shelf: another of the same moment is a slip of the finger. */
	#isTaken = false;

	constructor(private readonly outbox: Outbox) {}

	/** What is done and not in the piles that were read. */
	get ahead(): readonly Pick<Waiting, 'type' | 'typed'>[] {
		const waiting = this.outbox.waiting.filter(({ problems }) => !problems);
		return [...this.#kept, ...waiting];
	}

	/** The piles were read anew: what was kept is in them. */
	read(): void {
		this.#kept = [];
	}

	async act({ type, typed, words }: Pick<NextAct, 'type' | 'typed' | 'words'>): Promise<void> {
		await this.#add(type, typed, words);
	}

	async takeBack(id: number, words: string): Promise<void> {
		const typed = { of: 'entry', corrects: String(id), note: 'taken back at the table' };
		await this.#add('correction', typed, `taken back: ${words}`);
	}

	async #add(type: string, typed: Typed, words: string): Promise<void> {
		if (this.#isTaken) return;
		this.#isTaken = true;
		const sent = await this.outbox
			.add(type, typed, words, () => (this.#isTaken = false))
			.finally(() => (this.#isTaken = false));
		if (sent.outcome === 'kept') {
			if (type !== 'correction') this.#kept = [...this.#kept, { type, typed }];
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
