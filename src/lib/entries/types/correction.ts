import type { FormReader } from '../form-reader';
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
		corrects: read.count('corrects', 1, 999_999_999),
		note: read.needed('note', 400),
		byName: read.text('by_name', 120)
	};
}

export const correctionType = entryType<CorrectionEntry>({
	type: 'correction',
	page: null,
	read: readCorrection,
	words: ({ of }) => `a ${of || 'movement'} taken back`
});
