import { sendEntries as msg } from '$lib/words/common';
import type { Sentences } from './form-reader';
import type { Waiting } from './waiting';
import { formType } from './waiting-form';

/** Why entries wait: no answer came, the server cannot take them just now, nobody is signed in, or somebody else is. */
export type WhyWaiting = 'network' | 'server' | 'signed-out' | 'account';

/** How one entry went: `waits` is not known, and is sent again under the same key. */
export type Answer =
	| { readonly outcome: 'kept' }
	| { readonly outcome: 'waits'; readonly why: WhyWaiting }
	| { readonly outcome: 'refused'; readonly problems: Sentences };

/** As much as goes up at once: the server takes 64 kB and a hundred entries. */
const mostBytes = 48_000;
const mostEntries = 50;

const textOf = ({ key, type, typed, at, lengths, device, sequence }: Waiting): string =>
	JSON.stringify({ key, type, typed, at, lengths, device, sequence });

/** The header that says under which account something was typed: it is kept under no other. */
export const accountHeader = 'x-nest-row-account';
/** What is answered where another account is signed in by now than the one it was typed under. */
export const otherAccount = 421;

/** Why something waits, by the status it was answered with; null for no answer. */
export const whyWaiting = (status: number | null): WhyWaiting =>
	status === null
		? 'network'
		: status === 401
			? 'signed-out'
			: status === otherAccount
				? 'account'
				: 'server';

/** Whether a status says nothing of what was sent, only that it cannot be taken just now: it waits on. */
export const isNotNow = (status: number): boolean =>
	status >= 500 || [401, 403, 408, 421, 425, 429].includes(status);

/** The first of what waits, as many as go up at once; a form alone. */
export function portionOf(waiting: readonly Waiting[]): Waiting[] {
	const portion: Waiting[] = [];
	let bytes = 0;
	for (const entry of waiting.slice(0, mostEntries)) {
		// A form goes by itself, in its turn.
		if (entry.type === formType) return portion.length > 0 ? portion : [entry];
		bytes += new Blob([textOf(entry)]).size + 1;
		if (portion.length > 0 && bytes > mostBytes) break;
		portion.push(entry);
	}
	return portion;
}

const unread: Answer = {
	outcome: 'refused',
	problems: { entry: msg.theServerCouldNotRead() }
};

async function post(to: string, entries: readonly Waiting[]): Promise<Response | null> {
	try {
		return await fetch(to, {
			method: 'POST',
			headers: {
				'content-type': 'application/json',
				// Whatever group is worked for in another tab by now.
				...(entries[0]?.group ? { 'x-nest-row-group': entries[0].group } : {}),
				...(entries[0]?.account ? { [accountHeader]: entries[0].account } : {})
			},
			body: `{"entries":[${entries.map(textOf).join(',')}]}`
		});
	} catch {
		return null;
	}
}

async function answersIn(response: Response, entries: readonly Waiting[]): Promise<Answer[]> {
	const { answers } = (await response.json()) as {
		answers: { key: string; outcome: string; problems?: Sentences }[];
	};
	return entries.map(({ key }) => {
		const answer = answers.find((one) => one.key === key);
		if (answer?.outcome === 'refused')
			return { outcome: 'refused', problems: answer.problems ?? {} };
		// What came by a link that was closed by then lies on the server for a coordinator.
		return ['kept', 'duplicate', 'held'].includes(answer?.outcome ?? '')
			? { outcome: 'kept' }
			: { outcome: 'waits', why: 'server' };
	});
}

/**
 * Sends entries to an address and says of each how it went. No answer, and an answer that the server could not
 * give just now, say nothing of any entry: they wait. What the server would not read as a whole is
 * sent one by one, so that one bad entry holds up no other.
 */
export async function sendEntries(to: string, entries: readonly Waiting[]): Promise<Answer[]> {
	const response = await post(to, entries);
	const waiting: Answer = { outcome: 'waits', why: whyWaiting(response?.status ?? null) };
	if (response?.ok) return answersIn(response, entries).catch(() => entries.map(() => waiting));
	// Who may not type here is told so: whether that changes nobody knows, and it holds up nothing.
	if (response?.status === 403 && entries[0]?.account) {
		const { problems = [] } = (await response.json().catch(() => ({}))) as { problems?: string[] };
		return entries.map(() => ({
			outcome: 'refused',
			problems: { entry: problems.join(' ') || msg.youMayNotSaveThis() }
		}));
	}
	const isOurs =
		response !== null &&
		response.status >= 400 &&
		response.status !== 409 &&
		!isNotNow(response.status);
	if (!isOurs) return entries.map(() => waiting);
	if (entries.length === 1) return [unread];
	const answers: Answer[] = [];
	for (const entry of entries) answers.push(...(await sendEntries(to, [entry])));
	return answers;
}
