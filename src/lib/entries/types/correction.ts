import type { FormReader } from '../form-reader';
import { longest } from '../bounds';
import { entryType } from '../entry-type';

/** `entry` names an entry of the book; `movement` one of before the book, as a device may still know it. */
export const correctables = ['entry', 'drop-off', 'sorting', 'movement'] as const;
export type Correctable = (typeof correctables)[number];

/** Takes something back with a reason: an entry with all it moved, brought, sorted or measured. */
export interface CorrectionEntry {
	readonly type: 'correction';
	readonly of: Correctable;
	readonly corrects: number;
	readonly note: string;
	readonly byName: string | null;
}

function readCorrection(read: FormReader): CorrectionEntry {
	return {
		type: 'correction',
		of: read.raw('of') === '' ? 'movement' : read.word('of', correctables),
		corrects: read.count('corrects', { atLeast: 1, atMost: 999_999_999 }),
		note: read.needed('note', longest['entry.note']),
		byName: read.text('by_name', longest['person.name'])
	};
}

export const correctionType = entryType<CorrectionEntry>({
	type: 'correction',
	page: null,
	read: readCorrection,
	facts: ({ byName, note }) => ({ byName, reason: 'correction', note }),
	words: ({ of }) => `a ${of === 'entry' ? 'movement' : of || 'movement'} taken back`
});
