import { matCourse as say } from '$lib/words/common';
import { colourNames } from '../../core/colour/colours';
import type { ColourRows } from '../../core/making/strand-left';
import { actBounds } from '../bounds';
import { entryType } from '../entry-type';
import type { FormReader } from '../form-reader';
import { readMatCode } from './mat-code';
import type { Side } from './row';
import { readSide } from './row';

/** The rows of a mat as it goes on from now on: colours one after the other, for the whole of it. */
export interface StripesEntry {
	readonly type: 'stripes';
	readonly mat: string;
	readonly stripes: readonly ColourRows[];
}

/** What the first pass of an end did at the weaver's own left. */
export interface FirstPassEntry {
	readonly type: 'first-pass';
	readonly mat: string;
	readonly side: Side;
	readonly pass: 'over' | 'under';
}

/** A kind word to whoever has a mat that stands still. */
export interface RemindEntry {
	readonly type: 'remind';
	readonly mat: string;
}

/** Most stripes a mat may have. */
const mostStripes = 300;

/** `white 20, blue 12` as rows of colours; null where it is none. */
export function stripesIn(text: string): ColourRows[] | null {
	const words = text.split(',').map((one) => /^([a-z]+) (\d{1,5})$/.exec(one.trim()));
	const stripes = words.flatMap((word): ColourRows[] => {
		const colour = colourNames.find((name) => name === word?.[1]);
		const rows = Number(word?.[2]);
		return colour && rows > 0 ? [{ colour, rows }] : [];
	});
	return stripes.length === words.length && stripes.length <= mostStripes ? stripes : null;
}

/** Rows of colours as an entry has them. */
export const stripesText = (stripes: readonly ColourRows[]): string =>
	stripes.map(({ colour, rows }) => `${colour} ${rows}`).join(', ');

function readStripes(read: FormReader): ColourRows[] {
	const stripes = stripesIn(read.raw('stripes'));
	const rows = (stripes ?? []).reduce((sum, one) => sum + one.rows, 0);
	if (!stripes || rows > actBounds.matRow.atMost)
		read.problems['stripes'] = say.writeColoursAndRowsAs();
	return stripes ?? [];
}

export const stripesType = entryType<StripesEntry>({
	type: 'stripes',
	page: null,
	done: say.choseTheStripesOfA(),
	read: (read) => ({ type: 'stripes', mat: readMatCode(read), stripes: readStripes(read) }),
	words: ({ mat }) => say.howGoesOn({ mat: mat ?? '' })
});

export const firstPassType = entryType<FirstPassEntry>({
	type: 'first-pass',
	page: null,
	done: say.setTheFirstPassOf(),
	read: (read) => ({
		type: 'first-pass',
		mat: readMatCode(read),
		side: readSide(read),
		pass: read.word('pass', ['over', 'under'])
	}),
	words: ({ side, pass }) => say.theFirstPassOfThe({ side: side || say.near(), pass: pass ?? '' })
});

export const remindType = entryType<RemindEntry>({
	type: 'remind',
	page: null,
	done: say.remindedAMaker(),
	read: (read) => ({ type: 'remind', mat: readMatCode(read) }),
	words: ({ mat }) => say.aWordOn({ mat: mat ?? '' })
});
