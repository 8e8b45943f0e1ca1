import { readDraft, writeDraft } from './drafts';

type Field = HTMLInputElement | HTMLSelectElement | HTMLTextAreaElement;

/** Input of these types is no text of a person's to bring back. */
const never = new Set(['hidden', 'password', 'file', 'submit', 'button', 'radio', 'image']);

/** The fields of a form that somebody types or chooses in, by name. */
const fieldsOf = (form: HTMLFormElement): Field[] =>
	[...form.elements]
		.filter(
			(field): field is Field =>
				(field instanceof HTMLInputElement && !never.has(field.type)) ||
				field instanceof HTMLSelectElement ||
				field instanceof HTMLTextAreaElement
		)
		.filter(({ name }) => name !== '');

const isTicked = (field: Field): field is HTMLInputElement =>
	field instanceof HTMLInputElement && field.type === 'checkbox';

const textsOf = (form: HTMLFormElement): Record<string, string> => {
	const texts: Record<string, string> = {};
	for (const field of fieldsOf(form)) {
		if (isTicked(field)) texts[`${field.name} ${field.value}`] = field.checked ? 'yes' : 'no';
		else texts[field.name] = field.value;
	}
	return texts;
};

/** What a form is for: its act, and what it acts on, so that two of a page are told apart. */
const nameOf = (form: HTMLFormElement): string => {
	const about = [...form.elements].flatMap((field) =>
		field instanceof HTMLInputElement &&
		field.type === 'hidden' &&
		!['key', 'version', 'lengths', 'seen', 'group'].includes(field.name)
			? [`${field.name}=${field.value}`]
			: []
	);
	return `${location.pathname} ${form.getAttribute('action') ?? ''} ${about.join(' ')}`;
};

/** Forms whose text is remembered here: those that send, and do not remember themselves. */
const isKept = (form: HTMLFormElement): boolean =>
	!/^\/(sign-in|account|welcome|join|groups)\b/.test(location.pathname) &&
	form.method === 'post' &&
	!form.closest('[data-drafts]') &&
	fieldsOf(form).length > 0;

/**
 * Remembers what is typed into the plain forms of a page as it is left, and brings it back as it comes again. Forms
 * that go by way of the outbox remember themselves.
 */
export class FormDrafts {
	/** What each form held before anything was typed in it. */
	readonly #first = new WeakMap<HTMLFormElement, Readonly<Record<string, string>>>();
	#touched: HTMLFormElement[] = [];

	/** @param owner whose what is typed here is */
	constructor(private readonly owner: () => string) {}

	/** Somebody begins to type in a form: what it held is noted. */
	touch(target: EventTarget | null): void {
		const form = target instanceof Element ? target.closest('form') : null;
		if (!form || this.#first.has(form) || !isKept(form)) return;
		this.#first.set(form, textsOf(form));
		this.#touched.push(form);
	}

	/** A form is sent: what it held is kept, or comes back with what is wrong. */
	sent(form: HTMLFormElement): void {
		writeDraft(this.owner(), nameOf(form), null);
		this.#first.delete(form);
		this.#touched = this.#touched.filter((one) => one !== form);
	}

	/** The page is left: what was typed and not sent is remembered. */
	remember(): void {
		for (const form of this.#touched.filter(({ isConnected }) => isConnected)) {
			const first = this.#first.get(form) ?? {};
			const changed = Object.entries(textsOf(form)).filter(([name, text]) => first[name] !== text);
			writeDraft(
				this.owner(),
				nameOf(form),
				changed.length > 0 ? Object.fromEntries(changed) : null
			);
		}
	}

	/** The page is there: what was typed into its forms before stands in them again. */
	recall(): void {
		for (const form of [...document.querySelectorAll('form')].filter(isKept)) {
			const draft = readDraft(this.owner(), nameOf(form));
			if (!draft) continue;
			this.touch(form);
			for (const field of fieldsOf(form)) {
				const text = draft[isTicked(field) ? `${field.name} ${field.value}` : field.name];
				if (text === undefined) continue;
				if (isTicked(field)) field.checked = text === 'yes';
				else field.value = text;
				field.dispatchEvent(new Event('input', { bubbles: true }));
				// A field that is typed in may send its form as it is done with: that it is not yet.
				if (isTicked(field) || field instanceof HTMLSelectElement)
					field.dispatchEvent(new Event('change', { bubbles: true }));
			}
			for (
				let fold = form.closest('details');
				fold;
				fold = fold.parentElement?.closest('details') ?? null
			)
				fold.open = true;
		}
	}
}
