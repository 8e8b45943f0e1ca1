import type { Typed } from './form-reader';

/** The type under which a form of a page lies on the shelf: it goes to its own address, not among the entries. */
export const formType = 'form';

/** The header that says of a form that it is sent from the shelf, where it lies until it is kept. */
export const fromShelf = 'x-nest-row-waited';

/** The forms that wait on the device while the network is away, by page and act, and what each is in words. */
const forms: readonly { path: RegExp; words: Readonly<Record<string, string>> }[] = [
	{
		path: /^\/prepare\/days$/,
		words: {
			add: 'a table day',
			people: 'who comes to a table day',
			off: 'that a table day is called off'
		}
	},
	{
		path: /^\/prepare\/days\/[0-9a-f-]{36}$/,
		words: {
			terms: 'what a table day is like',
			seats: 'who sits where',
			open: 'that a table day began',
			close: 'that a table day ended'
		}
	},
	{
		path: /^\/gather\/sort$/,
		words: { none: 'that a pile is gone', there: 'that a pile is there' }
	},
	{ path: /^\/gather\/kinds$/, words: { remove: 'that a kind of bag is removed' } },
	{ path: /^\/gather\/asks$/, words: { want: 'how many mats are wanted' } }
];

/** The act that an address asks of its page. */
const actIn = ({ search }: URL): string => /^\?\/([\w-]+)/.exec(search)?.[1] ?? '';

/** What a form of this address is, in words a person knows it by; null for one that does not wait. */
export function wordsOfForm(url: URL): string | null {
	const words = forms.find(({ path }) => path.test(url.pathname))?.words ?? {};
	const act = actIn(url);
	return Object.hasOwn(words, act) ? (words[act] ?? null) : null;
}

/** A form as it lies on the shelf: its address, and its fields as they were sent. */
export const typedForm = (url: URL, fields: string): Typed => ({
	to: url.pathname + url.search,
	fields
});
