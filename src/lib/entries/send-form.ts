import { sendForm as say } from '$lib/words/common';
import { deserialize } from '$app/forms';
import { accountHeader, isNotNow, whyWaiting, type Answer } from './send-entries';
import type { Waiting } from './waiting';
import { fromShelf } from './waiting-form';

/** The sentences in what a page answers to a form that it would not have, however deep they lie. */
function sentencesIn(said: unknown): string[] {
	if (typeof said !== 'object' || said === null) return [];
	return Object.entries(said).flatMap(([name, value]: [string, unknown]) => {
		if (name === 'message' && typeof value === 'string') return [value];
		if (name !== 'problems') return sentencesIn(value);
		return Object.values(value ?? {}).filter((one) => typeof one === 'string');
	});
}

/**
 * Sends a form that waited, as the page itself would have. A form has a key or says which version it saw, so
 * one that is sent twice is done once.
 */
export async function sendForm({ typed, account }: Waiting): Promise<Answer> {
	const response = await fetch(typed.to ?? '', {
		method: 'POST',
		headers: {
			accept: 'application/json',
			'content-type': 'application/x-www-form-urlencoded',
			'x-sveltekit-action': 'true',
			[fromShelf]: 'yes',
			...(account ? { [accountHeader]: account } : {})
		},
		body: typed.fields ?? ''
	}).catch(() => null);
	const text = await response?.text().catch(() => null);
	if (!response || text === null || text === undefined) return { outcome: 'waits', why: 'network' };
	try {
		const result = deserialize(text);
		if (result.type === 'success' || result.type === 'redirect') return { outcome: 'kept' };
		const status = result.status ?? response.status;
		// Who may not do this is told so: it holds up nothing that was typed after it.
		if (isNotNow(status) && status !== 403) return { outcome: 'waits', why: whyWaiting(status) };
		const said = sentencesIn(
			result.type === 'failure' ? result.data : result.type === 'error' ? result.error : {}
		);
		return { outcome: 'refused', problems: { form: said.join(' ') || say.itWasNotTaken() } };
	} catch {
		return { outcome: 'waits', why: 'server' };
	}
}
