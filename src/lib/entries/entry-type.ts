import type { LedgerReason } from '../core/store/forms';
import type { FormReader, Typed } from './form-reader';

/** What the book says of an entry beside what was typed: who it is by, why it moves things, and a word on it. */
export interface EntryFacts {
	readonly byName?: string | null;
	readonly reason?: LedgerReason;
	readonly note?: string | null;
}

/** Fields that hold the name of a person: a person's name is kept with the person alone. */
export const nameFields: readonly string[] = ['by_name', 'maker', 'brought_by'];

/**
 * A type of entry: how it is read, what it is called, and where its form is. Its keeper on the
 * server stands in `server/entries/keepers.ts` under the same name.
 */
export interface EntryType<Entry extends { readonly type: string } = { readonly type: string }> {
	readonly type: Entry['type'];
	/** The page its form is on; null for what is typed beside what it belongs to. */
	readonly page: string | null;
	/** What whoever kept it did, as the trail says it. */
	readonly done: string;
	/** Only a coordinator keeps it: what goes out of the house, and what is promised and foretold. */
	readonly isCoordinators?: true;
	/** Reads what was typed; what is wrong of it stands in the reader's problems. */
	readonly read: (read: FormReader) => Entry;
	/** What the book says of it; nothing where it moves nothing and is by nobody. */
	readonly facts?: (entry: Entry) => EntryFacts;
	/** What it is, in words a person knows it by. */
	readonly words: (typed: Typed) => string;
}

export const entryType = <Entry extends { readonly type: string }>(
	type: EntryType<Entry>
): EntryType<Entry> => type;
