import { correction as say } from '$lib/words/common';
import type { FormReader } from '../form-reader';
import { longest } from '../bounds';
import { entryType } from '../entry-type';

/**
 * `entry` names an entry of the book by its number, `key` by the mark it was given where it was typed:
 * a device takes back what it has sent and not read yet. `movement` is one of before the book, as a
 * device may still know it.
 */
export const correctables = ['entry', 'key', 'drop-off', 'sorting', 'movement'] as const;
export type Correctable = (typeof correctables)[number];

/** Takes something back with a reason: an entry with all it moved, brought, sorted or measured. */
export interface CorrectionEntry {
	readonly type: 'correction';
	readonly of: Correctable;
	/** A number, or the mark where it is named by that. */
	readonly corrects: number | string;
	readonly note: string;
	readonly byName: string | null;
}

/** What stands for a reason where none was typed. */
const usualReason = say.undone();

function readCorrection(read: FormReader): CorrectionEntry {
	const of = read.raw('of') === '' ? 'movement' : read.word('of', correctables);
	return {
		type: 'correction',
		of,
		corrects:
			of === 'key'
				? read.uuid('corrects')
				: read.count('corrects', { atLeast: 1, atMost: 999_999_999 }),
		note: read.text('note', longest['entry.note']) ?? usualReason,
		byName: read.text('by_name', longest['person.name'])
	};
}

export const correctionType = entryType<CorrectionEntry>({
	type: 'correction',
	page: null,
	done: say.undidSomething(),
	read: readCorrection,
	facts: ({ byName, note }) => ({ byName, reason: 'correction', note }),
	words: ({ of }) => say.undone2({ part: of === 'entry' ? say.movement() : of || say.movement() })
});
