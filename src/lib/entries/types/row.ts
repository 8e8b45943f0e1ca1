import { row as say } from '$lib/words/common';
import type { FormReader } from '../form-reader';
import { entryType } from '../entry-type';
import { readMatCode } from './mat-code';

/** The ends of a loom; whatever is made from one end only is counted at the near one. */
export const sides = ['near', 'far'] as const;
export type Side = (typeof sides)[number];

/** A row more, or one taken back. */
export interface RowEntry {
	readonly type: 'row';
	readonly mat: string;
	readonly side: Side;
	readonly step: 1 | -1;
}

/** `to row 88`: so many there are, by a device that had seen these taps. */
export interface RowsEntry {
	readonly type: 'rows';
	readonly mat: string;
	readonly side: Side;
	readonly to: number;
	/** Of each device, the last entry that was seen. */
	readonly seen: Readonly<Record<string, number>>;
}

export const readSide = (read: FormReader): Side =>
	read.raw('side') === '' ? 'near' : read.word('side', sides);

export const rowType = entryType<RowEntry>({
	type: 'row',
	page: null,
	done: say.countedARow(),
	read: (read) => ({
		type: 'row',
		mat: readMatCode(read),
		side: readSide(read),
		step: read.raw('step') === '-1' ? -1 : 1
	}),
	words: ({ step }) => (step === '-1' ? say.aRowUndone() : say.aRow())
});

/** `device:sequence` pairs with spaces between; what is none of these was not seen. */
function readSeen(text: string): Record<string, number> {
	const seen: Record<string, number> = {};
	for (const [, device = '', sequence] of text.matchAll(/([0-9a-f-]{36}):(\d{1,15})/g))
		seen[device] = Math.max(seen[device] ?? 0, Number(sequence));
	return seen;
}

export const rowsType = entryType<RowsEntry>({
	type: 'rows',
	page: null,
	done: say.setTheRowsOfA(),
	read: (read) => ({
		type: 'rows',
		mat: readMatCode(read),
		side: readSide(read),
		to: read.count('to', { atLeast: 0, atMost: 20_000 }),
		seen: readSeen(read.raw('seen'))
	}),
	words: ({ to }) => say.toRow({ to: to ?? '' })
});
