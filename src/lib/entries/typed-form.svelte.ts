import { typedForm as msg } from '$lib/words/common';
import { newKey } from '../ui/new-key';
import { replacesField } from './replaces';
import { countedOnce, Slips } from '../ui/slip';
import type { EntryTypeName } from './registry';
import { readEntry } from './read-entry';
import type { Sentences, Typed } from './form-reader';
import type { Outbox } from './outbox.svelte';
import { mending } from './outbox.svelte';

/** What the server said of a form that was sent without scripts. */
export interface SentForm {
	readonly type: string;
	/** What was typed, where it was not kept. */
	readonly typed?: Typed;
	readonly problems?: Sentences;
	readonly said?: string;
}

/** A form whose entry goes by way of the device's own shelf; without scripts, straight to the server. */
export class TypedForm {
	typed = $state<Record<string, string>>({});
	problems = $state<Sentences>({});
	/** What was kept or set waiting last, to say so; or why it is not. */
	said = $state('');
	/** Tells a press that was made twice from a second act: fields that stay may be pressed again as they are. */
	readonly #slips = new Slips();
	/** How many presses were taken: what is said is said of the last. */
	#presses = 0;
	/** The last press was made twice. */
	#isSlipped = false;
	/** The key of what is sent without scripts: the same page sent twice counts once. */
	readonly key = newKey();
	/** The key of what lies on the shelf until this form has put it right. */
	#mending: string | null = null;
	/** The fields as they began anew, until something is typed in them. */
	#begun: string | null = null;
	/** The fields as they were sent last. */
	#sent = '';
	/** What the fields hold before anything is typed. */
	#start: Readonly<Record<string, string>>;

	constructor(
		readonly type: EntryTypeName,
		start: Readonly<Record<string, string>>,
		private readonly outbox: Outbox,
		sent?: SentForm | null,
		/** Begins the ids of its fields: one page may hold several forms of a type. */
		readonly scope: string = type
	) {
		this.#start = start;
		const own = sent?.type === type ? sent : null;
		this.typed = { ...start, ...own?.typed };
		this.problems = own?.problems ?? {};
		this.said = own?.said ?? '';
	}

	/** The units that what is typed here is read in. */
	get lengths(): 'cm' | 'ft' {
		return this.outbox.readBy().system;
	}

	/**
	 * Reads what is typed; good entries go to the outbox. The fields begin anew, all but those named,
	 * once the device has taken the entry, and not before. True where it was kept or waits.
	 */
	async submit(words: string, kept: readonly string[]): Promise<boolean> {
		const now = JSON.stringify(this.typed);
		// Within that moment the fields may have begun anew already.
		if (this.#slips.isSlip(now) || (now === this.#begun && this.#slips.isSlip(this.#sent))) {
			this.#isSlipped = true;
			if (this.said) this.#say(this.said);
			return false;
		}
		const { entry, problems } = readEntry(this.type, this.typed, this.outbox.readBy());
		// Where nothing was typed since and the fields say no entry, pressing again is no act.
		if (!entry && now === this.#begun) return false;
		this.problems = problems ?? {};
		if (!entry) {
			this.said = '';
			return false;
		}
		const typed = $state.snapshot(this.typed);
		const start = this.#start;
		const text = JSON.stringify(typed);
		this.#slips.note(text);
		this.#sent = text;
		this.#isSlipped = false;
		const press = ++this.#presses;
		const beginAnew = () => {
			// What is typed over it meanwhile is the next entry, and stays.
			if (JSON.stringify(this.typed) !== text) return;
			this.typed = {
				...this.#start,
				...Object.fromEntries(kept.map((field) => [field, typed[field] ?? '']))
			};
			this.#begun = JSON.stringify(this.typed);
		};
		const sent = await this.outbox.add(this.type, typed, words, beginAnew);
		if (sent.outcome === 'lost' || sent.outcome === 'refused') this.#slips.forget();
		if (sent.outcome === 'lost') {
			this.said = msg.notKeptThisDeviceKeeps();
			return false;
		}
		if (sent.outcome === 'refused') {
			this.said = '';
			// It stands in its fields again, unless the user is at the next entry already.
			const now = JSON.stringify(this.typed);
			if (now !== this.#begun && now !== text) return false;
			const followed = this.#follow(typed, start);
			this.typed = { ...typed, ...followed };
			this.problems = sent.problems;
			await this.outbox.drop(sent.key).catch(() => {});
			// It was refused for what nobody typed, and what is true of the field now has come since.
			return Object.keys(sent.problems).some((field) => field in followed)
				? this.submit(words, kept)
				: false;
		}
		if (sent.outcome === 'kept' && JSON.stringify(this.typed) === text) beginAnew();
		await this.#mended();
		if (press === this.#presses)
			this.#say(
				sent.outcome === 'waits' ? msg.waitingOnThisDevice({ words }) : msg.saved({ words })
			);
		return true;
	}

	/** Lets go of what is typed: the fields begin anew. */
	beginAnew(): void {
		this.typed = { ...this.#start };
		this.problems = {};
		this.said = '';
		this.#begun = JSON.stringify(this.typed);
	}

	#say(said: string): void {
		this.said = this.#isSlipped && !said.endsWith(countedOnce) ? `${said} ${countedOnce}` : said;
	}

	/** What is typed and not kept: what differs from the fields as they began; null where nothing does. */
	get draft(): Readonly<Record<string, string>> | null {
		const begun = this.#begun;
		if (begun !== null && JSON.stringify(this.typed) === begun) return null;
		const changed = Object.entries(this.typed).filter(
			([field, text]) => text !== (this.#start[field] ?? '')
		);
		return changed.length > 0 ? Object.fromEntries(changed) : null;
	}

	/** Whether what is typed stands in the place of something that was kept. */
	get isEditing(): boolean {
		return Boolean(this.typed[replacesField]);
	}

	/** Takes up something that was kept, to be edited. */
	edit(typed: Typed): void {
		this.typed = { ...this.#start, ...typed };
		this.problems = {};
		this.said = '';
		this.#begun = null;
	}

	/** Takes up what was typed before the page was left, unless something stands in the fields already. */
	takeUp(draft: Readonly<Record<string, string>>): void {
		if (this.draft !== null) return;
		Object.assign(this.typed, draft);
		this.said = msg.whatYouHadTypedIs();
	}

	/** Takes up what was not kept before, if it is of this type: it stays on the shelf until it is put right. */
	mend(): boolean {
		const { entry, said } = mending;
		if (entry?.type !== this.type) return false;
		mending.entry = null;
		mending.said = '';
		this.#mending = entry.key;
		this.typed = { ...this.#start, ...entry.typed };
		this.problems = entry.problems ?? {};
		this.said = said;
		return true;
	}

	/** A field begins otherwise from now on, as when a day is over; what was typed in it stays. */
	startWith(field: string, value: string): void {
		const before = this.#start[field];
		if (before === value) return;
		this.#start = { ...this.#start, [field]: value };
		if (this.typed[field] !== before) return;
		const isUntouched = JSON.stringify(this.typed) === this.#begun;
		this.typed[field] = value;
		if (isUntouched) this.#begun = JSON.stringify(this.typed);
	}

	/** What fields that nobody typed in begin with now, where they began otherwise as they were sent. */
	#follow(typed: Typed, start: Readonly<Record<string, string>>): Record<string, string> {
		return Object.fromEntries(
			Object.entries(this.#start).filter(
				([field, value]) => typed[field] === start[field] && value !== start[field]
			)
		);
	}

	/** The next thing is begun: what was said of the last is over. */
	beginNext(): void {
		if (this.said && JSON.stringify(this.typed) !== this.#begun) this.said = '';
	}

	async #mended(): Promise<void> {
		if (this.#mending) await this.outbox.drop(this.#mending);
		this.#mending = null;
	}
}
