import { waiting } from '$lib/words/routes';
import { messageNamed } from '$lib/words/message-named';
import { routes } from './table.mjs';

/** Whether an address is one of a route whose parts are ids. */
const isOf = (route: string, pathname: string): boolean => {
	const [own, asked] = [route.split('/'), pathname.split('/')];
	return (
		own.length === asked.length &&
		own.every((part, at) =>
			part.startsWith('[') ? /^[0-9a-f-]{36}$/.test(asked[at] ?? '') : part === asked[at]
		)
	);
};

/** The act that an address asks of its page. */
const actIn = ({ search }: URL): string => /^\?\/([\w-]+)/.exec(search)?.[1] ?? '';

/** What a form of this address is, in words a person knows it by; null for one that does not wait on a device. */
export function wordsOfForm(url: URL): string | null {
	const act = actIn(url);
	for (const [route, { acts = {} }] of Object.entries(routes))
		if (Object.hasOwn(acts, act) && isOf(route, url.pathname)) {
			const waits = acts[act]?.waits;
			return waits === undefined ? null : messageNamed(waiting, waits);
		}
	return null;
}
