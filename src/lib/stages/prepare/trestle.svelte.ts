import { trestle as msg } from '$lib/words/prepare';
import { isOnlyAsked } from '$lib/entries/waiting';
import type { Outbox } from '$lib/entries/outbox.svelte';
import type { Typed } from '$lib/entries/form-reader';
import type { Waiting } from '$lib/entries/waiting';
import { countedOnce, Slips } from '$lib/ui/slip';
import type { NextAct } from './next-act';

/** What was done last at the table, to say so; or why it was not. */
export interface ActionSaid {
	readonly words: string;
	readonly isProblem: boolean;
	/** The act once more with the word that its odd figure is right, where that was asked. */
	readonly ifRight?: Pick<NextAct, 'type' | 'typed' | 'words'>;
}

const takenBack = msg.takenBackAtTheTable();

/** The acts of a table: each tap is an entry, which waits on the device until it is kept. */
export class EntryActions {
	said = $state.raw<ActionSaid>({ words: '', isProblem: false });
	readonly #slips = new Slips();
	/** How many acts were taken: what is said is said of the last. */
	#acts = 0;
	#isSlipped = false;

	/**
	 * @param isCounter whether it is tapped as quickly as one counts: there the same once more is a slip only until the
	 * first is safe on the device
	 */
	constructor(
		private readonly outbox: Outbox,
		private readonly isCounter = false
	) {}

	/** What is done and not in the piles that were read, in the order it was done. */
	get ahead(): readonly Pick<Waiting, 'key' | 'type' | 'typed'>[] {
		return this.outbox.ahead;
	}

	async act({ type, typed, words }: Pick<NextAct, 'type' | 'typed' | 'words'>): Promise<void> {
		await this.#add(type, typed, words);
	}

	async takeBack(id: number, words: string): Promise<void> {
		const typed = { of: 'entry', corrects: String(id), note: takenBack };
		await this.#add('correction', typed, msg.undone({ words }));
	}

	/** What this device has done and not read yet: while it waits it goes as if it had never been. */
	async takeBackOwn(key: string, words: string): Promise<void> {
		if (this.outbox.isAway && this.outbox.waiting.some((one) => one.key === key)) {
			await this.outbox.drop(key);
			return;
		}
		const typed = { of: 'key', corrects: key, note: takenBack };
		await this.#add('correction', typed, msg.undone({ words }));
	}

	async #add(type: string, typed: Typed, words: string): Promise<void> {
		const what = JSON.stringify([type, typed]);
		if (this.#slips.isSlip(what)) {
			this.#isSlipped = true;
			if (this.said.words) this.#say(this.said);
			return;
		}
		this.#slips.note(what);
		this.#isSlipped = false;
		const act = ++this.#acts;
		const isSafe = () => void (this.isCounter && act === this.#acts && this.#slips.forget());
		const sent = await this.outbox.add(type, typed, words, isSafe).finally(isSafe);
		if (sent.outcome === 'refused' || sent.outcome === 'lost') this.#slips.forget();
		if (sent.outcome === 'refused') {
			this.#say({
				words: msg.notSaved({ values: Object.values(sent.problems).join(' ') }),
				isProblem: true,
				...(isOnlyAsked(sent.problems) && {
					ifRight: { type, typed: { ...typed, sure: 'yes' }, words } as ActionSaid['ifRight']
				})
			});
			await this.outbox.drop(sent.key).catch(() => {});
		} else if (sent.outcome === 'lost')
			this.#say({
				words: msg.notKeptThisDeviceKeeps(),
				isProblem: true
			});
		else if (act === this.#acts)
			this.#say({
				words: `${sent.outcome === 'kept' ? msg.saved() : msg.waitingOnThisDevice()}: ${words}.`,
				isProblem: false
			});
	}

	#say(said: ActionSaid): void {
		const { words, isProblem } = said;
		const isOnce = this.#isSlipped && !isProblem && !words.endsWith(countedOnce);
		this.said = isOnce ? { ...said, words: `${words} ${countedOnce}` } : said;
	}
}
