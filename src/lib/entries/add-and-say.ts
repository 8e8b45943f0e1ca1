import { addAndSay as say } from '$lib/words/common';
import type { Typed } from './form-reader';
import { countedOnce, Slips } from '../ui/slip';
import type { Outbox } from './outbox.svelte';

/** What is said of what lies on this device's shelf. */
export const waitsHere = say.itWaitsOnThisDevice();

interface Act {
	readonly type: string;
	readonly typed: Typed;
	readonly words: string;
}

const slips = new Slips();
let last: Promise<string> = Promise.resolve('');

/** Sends what one press says, and tells how that went; the same press within a moment is one with the first. */
export function addAndSay(outbox: Outbox, act: Act, kept: string): Promise<string> {
	const what = JSON.stringify([act.type, act.typed]);
	if (slips.isSlip(what))
		return last.then((said) =>
			said === kept || said === waitsHere ? `${said} ${countedOnce}` : said
		);
	slips.note(what);
	last = add(outbox, act, kept);
	return last;
}

async function add(outbox: Outbox, { type, typed, words }: Act, kept: string): Promise<string> {
	const sent = await outbox.add(type, typed, words);
	if (sent.outcome === 'refused' || sent.outcome === 'lost') slips.forget();
	if (sent.outcome === 'refused') {
		await outbox.drop(sent.key).catch(() => {});
		return Object.values(sent.problems).join(' ');
	}
	if (sent.outcome === 'waits') return waitsHere;
	return sent.outcome === 'lost' ? say.notSavedNoNetwork() : kept;
}
