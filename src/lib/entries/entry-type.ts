import type { FormReader, Typed } from './form-reader';

/**
 * A type of entry: how it is read, what it is called, and where its form is. Its keeper on the
 * server stands in `server/entries/keepers.ts` under the same name.
 */
export interface EntryType<Entry extends { readonly type: string } = { readonly type: string }> {
	readonly type: Entry['type'];
	/** The page its form is on; null for what is typed beside what it belongs to. */
	readonly page: string | null;
	/** Reads what was typed; what is wrong of it stands in the reader's problems. */
	readonly read: (read: FormReader) => Entry;
	/** What it is, in words a person knows it by. */
	readonly words: (typed: Typed) => string;
}

export const entryType = <Entry extends { readonly type: string }>(
	type: EntryType<Entry>
): EntryType<Entry> => type;
