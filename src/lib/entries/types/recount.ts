import { recount as say } from '$lib/words/common';
import type { ColourName } from '../../core/colour/colours';
import { colourNames } from '../../core/colour/colours';
import type { CutSnapshot } from '../../core/prepare/cut-pile';
import type { FormReader } from '../form-reader';
import { longest } from '../bounds';
import { entryType } from '../entry-type';
import { readCutWord } from './cut-word';

/** Piles of the table that are counted: balls and scrap are not. */
const countedForms = ['bag', 'flat', 'piece', 'strand'] as const;

/** A pile of the table counted again: that is the count, whatever the book says. */
export interface RecountEntry {
	readonly type: 'recount';
	readonly kindId: string;
	readonly colour: ColourName;
	readonly form: (typeof countedForms)[number];
	readonly cut: CutSnapshot | null;
	readonly counted: number;
	readonly byName: string | null;
	readonly note: string | null;
}

function readRecount(read: FormReader): RecountEntry {
	const form = read.word('form', countedForms);
	return {
		type: 'recount',
		kindId: read.uuid('kind'),
		colour: read.word('colour', colourNames),
		form,
		cut: form === 'piece' || form === 'strand' ? readCutWord(read) : null,
		counted: read.count('counted', { atLeast: 0, atMost: 100_000 }),
		byName: read.text('by_name', longest['person.name']),
		note: read.text('note', longest['entry.note'])
	};
}

export const recountType = entryType<RecountEntry>({
	type: 'recount',
	page: '/prepare',
	done: say.countedAPileAgain(),
	read: readRecount,
	facts: ({ byName, note }) => ({ byName, reason: 'counted', note }),
	words: ({ counted, colour }) => say.aPileCounted({ colour: colour ?? '', counted: counted ?? '' })
});
