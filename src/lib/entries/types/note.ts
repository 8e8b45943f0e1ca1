import { note as say } from '$lib/words/common';
import { longest } from '../bounds';
import { entryType } from '../entry-type';
import { readMatCode } from './mat-code';

/** A word on a mat, by whoever makes it. */
export interface NoteEntry {
	readonly type: 'note';
	readonly mat: string;
	readonly text: string;
}

export const noteType = entryType<NoteEntry>({
	type: 'note',
	page: null,
	done: say.wroteANoteOnA(),
	read: (read) => ({
		type: 'note',
		mat: readMatCode(read),
		text: read.needed('text', longest['entry.note'])
	}),
	words: ({ text }) => say.aNote({ text: (text ?? '').slice(0, 40) })
});

/** What a maker may wish: a ball, or that somebody fetches the mat. */
export const wishes = ['ball', 'fetch'] as const;
export type Wish = (typeof wishes)[number];

export interface WishEntry {
	readonly type: 'wish';
	readonly mat: string;
	readonly wish: Wish;
}

export const wishType = entryType<WishEntry>({
	type: 'wish',
	page: null,
	done: say.wishedForSomethingForA(),
	read: (read) => ({ type: 'wish', mat: readMatCode(read), wish: read.word('wish', wishes) }),
	words: ({ wish }) => (wish === 'ball' ? say.iNeedABall() : say.pleaseFetchIt())
});
