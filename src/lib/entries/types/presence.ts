import { presence as say } from '$lib/words/common';
import type { FormReader } from '../form-reader';
import { entryType } from '../entry-type';

/** What can be said of somebody at the door of a table day. */
export const comings = ['came', 'left'] as const;
export type ComingWord = (typeof comings)[number];

/** Somebody came to a table day, or left it. */
export interface PresenceEntry {
	readonly type: 'presence';
	readonly dayId: string;
	readonly personId: string;
	readonly as: ComingWord;
	/** By the hall's clock, minutes of the day. */
	readonly minute: number;
}

const readPresence = (read: FormReader): PresenceEntry => ({
	type: 'presence',
	dayId: read.uuid('day'),
	personId: read.uuid('person'),
	as: read.word('as', comings),
	minute: read.count('minute', { atLeast: 0, atMost: 1440 })
});

export const presenceType = entryType<PresenceEntry>({
	type: 'presence',
	page: null,
	done: say.cameOrWentAtA(),
	read: readPresence,
	words: ({ as }) => (as === 'left' ? say.someoneLeft() : say.someoneCame())
});
