import type { FormReader } from '../form-reader';
import { longest } from '../bounds';
import { entryType } from '../entry-type';

export const correctables = ['movement', 'drop-off', 'sorting'] as const;
export type Correctable = (typeof correctables)[number];

/** Takes something back with a reason: a movement by its opposite, a sorting with all it put into the store. */
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
		note: read.needed('note', longest['taken_back.note']),
		byName: read.text('by_name', longest['taken_back.by_name'])
	};
}

export const correctionType = entryType<CorrectionEntry>({
	type: 'correction',
	page: null,
	read: readCorrection,
	words: ({ of }) => `a ${of || 'movement'} taken back`
});
