import type { Typed } from './form-reader';
import type { Outbox } from './outbox.svelte';

/** What is said of what lies on this device's shelf. */
export const waitsHere = 'It waits on this device until the network is back.';

/** Sends what one press says, and tells how that went; what is refused lies on no shelf. */
export async function addAndSay(
	outbox: Outbox,
	{ type, typed, words }: { readonly type: string; readonly typed: Typed; readonly words: string },
	kept: string
): Promise<string> {
	const sent = await outbox.add(type, typed, words);
	if (sent.outcome === 'refused') {
		await outbox.drop(sent.key).catch(() => {});
		return Object.values(sent.problems).join(' ');
	}
	if (sent.outcome === 'waits') return waitsHere;
	return sent.outcome === 'lost' ? 'Not kept: the network is away.' : kept;
}
