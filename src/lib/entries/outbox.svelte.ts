import type { ReadBy } from './read-entry';
import type { Typed } from './form-reader';
import { inOrder, type Sent, type Waiting } from './waiting';
import { portionOf, sendEntries, type Answer } from './send-entries';
import { Shelf } from './shelf';
import { formType } from './waiting-form';
import { nowSaid } from './typed-at';
import { newKey } from '../ui/new-key';
import { thisDevice } from './device';

/** What the server would not have, or what was taken back, and is put right now, with what is said of it: the form of its type takes it up, on this page or the next. Set by a user only, so never on a server. */
export const mending = $state<{ entry: Waiting | null; said: string }>({ entry: null, said: '' });

/** Runs work while no other tab of this device does the same; where the device cannot tell, all the same. */
const alone = (work: () => Promise<void>): Promise<void> =>
	globalThis.navigator?.locks?.request('nest-row entries', work) ?? work();

/**
 * Entries typed on this device. Each is put on the device's own shelf first, then sent; it leaves the
 * shelf only when the server has said that it is kept, under the key it was given here, so that a
 * resend counts once. Of several tabs one sends at a time.
 */
export class Outbox {
	waiting = $state.raw<readonly Waiting[]>([]);
	isAway = $state(false);
	/** Kept since the page was asked for what it shows. */
	#unread = $state.raw<readonly Waiting[]>([]);
	/** Thrown away here: gone from the shelf, and not because it was kept. */
	readonly #dropped: string[] = [];
	#shelf: Shelf | null = null;
	#sending: Promise<void> | null = null;
	#timer: ReturnType<typeof setInterval> | null = null;

	/**
	 * @param to where entries go
	 * @param onkept called when entries were kept, so that lists can be read again
	 * @param readBy how what is typed here is read just now
	 * @param groupOf the group that this device is working for: what was typed for another stays where it is
	 * @param sendForm how a form that waited is sent
	 */
	constructor(
		private readonly to: string,
		private readonly onkept: () => void,
		readonly readBy: () => ReadBy,
		private readonly groupOf: () => string,
		private readonly sendForm: (form: Waiting) => Promise<Answer>
	) {}

	/** Opens the shelf and begins to send what lies there. Returns how to stop. */
	begin(): () => void {
		this.#shelf = new Shelf(import('idb'));
		void this.send();
		const again = () => void this.send();
		window.addEventListener('online', again);
		this.#timer = setInterval(again, 4000);
		return () => {
			window.removeEventListener('online', again);
			if (this.#timer) clearInterval(this.#timer);
		};
	}

	/**
	 * Puts an entry on the shelf and sends it, and says how that went. A device that keeps nothing (a
	 * private window, a full disk) sends it at once; what then meets no network is lost, and said.
	 *
	 * @param onshelved called with its key once the entry is safe here, so that its fields may be cleared
	 */
	async add(
		type: string,
		typed: Typed,
		words: string,
		onshelved: (key: string) => void = () => {}
	): Promise<Sent> {
		const lengths = this.readBy().system;
		const entry: Waiting = {
			key: newKey(),
			...thisDevice(),
			group: this.groupOf(),
			type,
			typed: { ...typed },
			lengths,
			at: nowSaid(),
			words
		};
		try {
			await this.#open().put(entry);
		} catch {
			return this.#sendUnshelved(entry);
		}
		onshelved(entry.key);
		// Asked once there is something to lose: the device then clears it away last.
		void globalThis.navigator?.storage?.persist?.().catch(() => false);
		// Remembered before anything else: another tab may send it at once, and what it changes is read again here, too.
		this.waiting = [...this.waiting, entry];
		await this.send();
		const left = this.waiting.find((one) => one.key === entry.key);
		if (!left) return { outcome: 'kept' };
		return left.problems
			? { outcome: 'refused', key: entry.key, problems: left.problems }
			: { outcome: 'waits' };
	}

	/** What was typed here and is not in what the page was read with, in the order it was typed. */
	get ahead(): readonly Waiting[] {
		const isUnread = (key: string) => this.#unread.some((one) => one.key === key);
		const waiting = this.waiting.filter(({ key, problems }) => !problems && !isUnread(key));
		return inOrder([...this.#unread, ...waiting]);
	}

	/**
	 * Said as the page begins to be read anew: what was kept before is in it once it is there, what is kept
	 * meanwhile may not be.
	 *
	 * @returns called once what was read stands there
	 */
	beginRead(): () => void {
		const kept = this.#unread;
		return () => (this.#unread = this.#unread.filter((one) => !kept.includes(one)));
	}

	/** Throws an entry away that the server would not have. */
	async drop(key: string): Promise<void> {
		this.#dropped.push(key);
		await this.#open().drop(key);
		await this.#look();
	}

	/** Sends what waits, the oldest first; one that is sent already is waited for. */
	async send(): Promise<void> {
		while (this.#sending) await this.#sending;
		this.#sending = alone(() => this.#sendNext()).finally(() => (this.#sending = null));
		await this.#sending;
	}

	async #sendNext(): Promise<void> {
		// Read again: another tab may have sent what this one remembers.
		const remembered = this.waiting.filter(({ group }) => group === this.groupOf());
		if (!(await this.#look())) return;
		const lies = (key: string) => this.waiting.some((one) => one.key === key);
		const gone = remembered.filter(({ key }) => !lies(key) && !this.#dropped.includes(key));
		if (gone.length > 0) {
			this.#noteKept(gone.filter(({ problems }) => !problems));
			this.onkept();
		}
		const portion = portionOf(this.waiting.filter(({ problems }) => !problems));
		if (portion.length === 0) return;
		const [first] = portion;
		const answers =
			first?.type === formType ? [await this.sendForm(first)] : await sendEntries(this.to, portion);
		for (const [at, answer] of answers.entries()) {
			const key = portion[at]?.key ?? '';
			if (answer.outcome === 'refused') await this.#open().refuse(key, answer.problems);
			else if (answer.outcome === 'kept') await this.#open().drop(key);
		}
		this.isAway = answers.some(({ outcome }) => outcome === 'waits');
		// Noted before they are found gone from the shelf, so that nothing counted here goes back meanwhile.
		this.#noteKept(portion.filter((_, at) => answers[at]?.outcome === 'kept'));
		await this.#look();
		if (answers.some(({ outcome }) => outcome !== 'waits')) this.onkept();
		if (first?.type === formType && !this.isAway) await this.#sendNext();
	}

	async #sendUnshelved(entry: Waiting): Promise<Sent> {
		const [answer] = await sendEntries(this.to, [entry]);
		if (answer?.outcome === 'kept') {
			this.#noteKept([entry]);
			this.onkept();
			return { outcome: 'kept' };
		}
		return answer?.outcome === 'refused' ? { ...answer, key: entry.key } : { outcome: 'lost' };
	}

	/** What the server has by now, from here or from another tab. */
	#noteKept(entries: readonly Waiting[]): void {
		this.#unread = [...this.#unread, ...entries];
	}

	#open(): Shelf {
		if (!this.#shelf) throw new Error('the outbox has not begun');
		return this.#shelf;
	}

	/** Looks at what lies on the shelf; false where the device has none. */
	async #look(): Promise<boolean> {
		try {
			this.waiting = await this.#open().all(this.groupOf());
			return true;
		} catch {
			return false;
		}
	}
}
