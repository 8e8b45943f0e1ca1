import type { ReadBy } from './read-entry';
import type { Typed } from './form-reader';
import { inOrder, type Sent, type Waiting } from './waiting';
import { portionOf, sendEntries, type Answer, type WhyWaiting } from './send-entries';
import { Shelf } from './shelf';
import { formType } from './waiting-form';
import { nowSaid } from './typed-at';
import { atMost } from '../ui/at-most';
import { newKey } from '../ui/new-key';
import { thisDevice } from './device';

/** What the server would not have, or what was taken back, and is put right now, with what is said of it: the form of its type takes it up, on this page or the next. Set by a user only, so never on a server. */
export const mending = $state<{ entry: Waiting | null; said: string }>({ entry: null, said: '' });

/** Who is signed in. */
interface Account {
	readonly id: string;
	readonly name: string;
}

/** Runs work while no other tab of this device does the same; where the device cannot tell, all the same. */
const alone = (work: () => Promise<void>): Promise<void> =>
	globalThis.navigator?.locks?.request('nest-row entries', work) ?? work();

/** How long sending waits for a page that is being read, and reading for what is being sent, in ms. */
const patience = 3000;

/**
 * Entries typed on this device. Each is put on the device's own shelf first, then sent; it leaves the
 * shelf only when the server has said that it is kept, under the key it was given here, so that a
 * resend counts once. Of several tabs one sends at a time.
 */
export class Outbox {
	/** What waits of whoever is signed in. */
	waiting = $state.raw<readonly Waiting[]>([]);
	/** What others typed here for the same group: it goes up under their names only. */
	others = $state.raw<readonly Waiting[]>([]);
	/** Why what waits does not go up; null where it does. */
	why = $state<WhyWaiting | null>(null);
	/** What this device typed and the page was not read with. */
	#unread = $state.raw<readonly Waiting[]>([]);
	/** Of these, what the server has; and what it had before the page was asked for last. By their keys. */
	#kept: readonly string[] = [];
	#asked: readonly string[] = [];
	/** Thrown away here: gone from the shelf, and not because it was kept. */
	readonly #dropped: string[] = [];
	#shelf: Shelf | null = null;
	#sending: Promise<void> | null = null;
	#reading: Promise<unknown> | null = null;
	#timer: ReturnType<typeof setInterval> | null = null;

	/**
	 * @param to where entries go
	 * @param onkept called when entries were kept, so that lists can be read again
	 * @param readBy how what is typed here is read just now
	 * @param groupOf the group that this device is working for: what was typed for another stays where it is
	 * @param sendForm how a form that waited is sent
	 * @param accountOf who is signed in; null where nobody signs in, and under a link
	 */
	constructor(
		private readonly to: string,
		private readonly onkept: () => void,
		readonly readBy: () => ReadBy,
		private readonly groupOf: () => string,
		private readonly sendForm: (form: Waiting) => Promise<Answer>,
		private readonly accountOf: () => Account | null = () => null
	) {}

	get isAway(): boolean {
		return this.why !== null;
	}

	/** Whose what is typed here is: an account, for a group. */
	get owner(): string {
		return `${this.accountOf()?.id ?? ''} ${this.groupOf()}`;
	}

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
			...this.#typist(),
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
		// Another tab may send it at once: what it changes is read again here, too.
		this.#remember([entry]);
		await this.#look();
		await this.send();
		const left = this.waiting.find((one) => one.key === entry.key);
		if (!left) return { outcome: 'kept' };
		return left.problems
			? { outcome: 'refused', key: entry.key, problems: left.problems }
			: { outcome: 'waits' };
	}

	/** What was typed here and is not in what the page was read with, in the order it was typed. */
	get ahead(): readonly Waiting[] {
		return inOrder(
			this.#unread.filter((entry) => entry.group === this.groupOf() && this.#isOwn(entry))
		);
	}

	/** Said as the page begins to be read: what is kept by now will be in it. */
	asked(): void {
		this.#asked = this.#kept;
	}

	/** Said as what was asked for stands in the page. */
	arrived(): void {
		if (this.#asked.length === 0) return;
		const isIn = (key: string) => this.#asked.includes(key);
		this.#unread = this.#unread.filter(({ key }) => !isIn(key));
		this.#kept = this.#kept.filter((key) => !isIn(key));
		this.#asked = [];
	}

	/**
	 * Reads the page anew, while nothing is on its way from here: whether that were in it nobody could say. What
	 * takes long is not waited for for ever.
	 *
	 * @param ask reads it; fails where that cannot be
	 */
	async read(ask: () => Promise<unknown>): Promise<void> {
		const before = this.#sending;
		const reading = async () => {
			await atMost(patience, before);
			// Whoever waited for the same acts first: goes to another page, say.
			await new Promise((resolve) => setTimeout(resolve));
			this.asked();
			await ask();
			this.arrived();
		};
		this.#reading = reading().finally(() => (this.#reading = null));
		await this.#reading;
	}

	/** Sends an entry once more, with the word that its odd figure is right. */
	async addAsRight({ key, type, typed, words }: Waiting): Promise<Sent> {
		const sent = await this.add(type, { ...typed, sure: 'yes' }, words);
		if (sent.outcome !== 'lost') await this.drop(key);
		return sent;
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
		const before = this.#reading;
		this.#sending = alone(() => this.#sendNext(before)).finally(() => (this.#sending = null));
		await this.#sending;
	}

	/** @param reading what is waited for before any of it goes */
	async #sendNext(reading: Promise<unknown> | null): Promise<void> {
		// Looked at again: another tab may have sent what this one remembers.
		if (!(await this.#look())) return;
		if (reading && this.waiting.length > 0) {
			await atMost(patience, reading);
			if (!(await this.#look())) return;
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
		const stays = answers.find((answer) => answer.outcome === 'waits');
		this.why = stays?.outcome === 'waits' ? stays.why : null;
		await this.#look();
		if (answers.some(({ outcome }) => outcome === 'refused')) this.onkept();
		if (first?.type === formType && !this.isAway) await this.#sendNext(null);
	}

	async #sendUnshelved(entry: Waiting): Promise<Sent> {
		await atMost(patience, this.#reading);
		const [answer] = await sendEntries(this.to, [entry]);
		if (answer?.outcome === 'kept') {
			this.#remember([entry]);
			this.#kept = [...this.#kept, entry.key];
			this.onkept();
			return { outcome: 'kept' };
		}
		return answer?.outcome === 'refused' ? { ...answer, key: entry.key } : { outcome: 'lost' };
	}

	/** Under whom what is typed now is typed. */
	#typist(): Pick<Waiting, 'account' | 'accountName'> {
		const account = this.accountOf();
		return account ? { account: account.id, accountName: account.name } : {};
	}

	/** Whether an entry was typed by whoever is signed in: it goes up under no other name. */
	#isOwn({ account }: Waiting): boolean {
		return (account ?? '') === (this.accountOf()?.id ?? '');
	}

	#open(): Shelf {
		if (!this.#shelf) throw new Error('the outbox has not begun');
		return this.#shelf;
	}

	/** Looks at what lies on the shelf, and notes what is gone from it as kept; false where the device has none. */
	async #look(): Promise<boolean> {
		try {
			const all = await this.#open().all(this.groupOf());
			this.waiting = all.filter((entry) => this.#isOwn(entry));
			this.others = all.filter((entry) => !this.#isOwn(entry));
		} catch {
			return false;
		}
		const lies = (key: string) => this.waiting.some((one) => one.key === key);
		const gone = this.#unread.filter(
			(entry) =>
				entry.group === this.groupOf() &&
				this.#isOwn(entry) &&
				!lies(entry.key) &&
				!this.#kept.includes(entry.key)
		);
		const isNot = (key: string) =>
			this.#dropped.includes(key) || this.waiting.some((one) => one.key === key && one.problems);
		if (this.#unread.some(({ key }) => isNot(key)))
			this.#unread = this.#unread.filter(({ key }) => !isNot(key));
		this.#remember(this.waiting.filter(({ problems }) => !problems));
		const kept = gone.filter(({ key }) => !isNot(key));
		this.#kept = [...this.#kept, ...kept.map(({ key }) => key)];
		if (kept.length > 0) this.onkept();
		return true;
	}

	/** Notes what lies on the shelf: until the page is read with it, it is ahead of it. */
	#remember(entries: readonly Waiting[]): void {
		const isNew = ({ key }: Waiting) => !this.#unread.some((one) => one.key === key);
		if (entries.some(isNew)) this.#unread = [...this.#unread, ...entries.filter(isNew)];
	}
}
