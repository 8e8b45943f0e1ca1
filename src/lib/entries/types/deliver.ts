import { readCode } from '../../core/code/code';
import { longest } from '../bounds';
import { entryType } from '../entry-type';
import { readCodeField } from './code-field';
import { readMatCode } from './mat-code';

/** Mats that go to a place together. */
export interface DeliverEntry {
	readonly type: 'deliver';
	readonly placeId: string;
	/** The labels of its mats, each once. */
	readonly mats: readonly string[];
	readonly goesOn: string;
	readonly note: string | null;
}

/** A delivery that has come, in a word of whoever received it. */
export interface ReceivedEntry {
	readonly type: 'received';
	readonly delivery: string;
	readonly note: string | null;
}

/** A mat that a place sends back: it is checked again. */
export interface SentBackEntry {
	readonly type: 'sent-back';
	readonly mat: string;
	readonly note: string;
}

/** Mats that one delivery may have. */
export const mostDelivered = 200;

/** Labels with spaces, commas or lines between; null where one of them is none. */
export function codesIn(text: string): string[] | null {
	const words = text.split(/[\s,;]+/).filter((word) => word !== '');
	const codes = words.flatMap((word): string[] => {
		const read = readCode(word.slice(0, 20));
		return read.problem === undefined ? [read.code] : [];
	});
	return codes.length === words.length ? [...new Set(codes)] : null;
}

export const deliverType = entryType<DeliverEntry>({
	type: 'deliver',
	page: '/hand-over',
	read: (read) => {
		const mats = codesIn(read.raw('mats'));
		if (!mats) read.problems['mats'] = 'One of these is no label. Look at its five signs again.';
		else if (mats.length === 0) read.problems['mats'] = 'Which mats go? Choose at least one.';
		else if (mats.length > mostDelivered)
			read.problems['mats'] = `At most ${mostDelivered} mats at once.`;
		return {
			type: 'deliver',
			placeId: read.uuid('place'),
			mats: mats ?? [],
			goesOn: read.day('goes_on'),
			note: read.text('note', longest['delivery.note'])
		};
	},
	words: ({ mats }) => `a delivery of ${(codesIn(mats ?? '') ?? []).length} mats`
});

export const receivedType = entryType<ReceivedEntry>({
	type: 'received',
	page: null,
	read: (read) => {
		const delivery = readCodeField(read, 'delivery');
		if (delivery === null && !read.problems['delivery'])
			read.problems['delivery'] = 'Which delivery is it? The five signs of its note.';
		return {
			type: 'received',
			delivery: delivery ?? '',
			note: read.text('note', longest['entry.note'])
		};
	},
	words: ({ delivery }) => `${delivery} received`
});

export const sentBackType = entryType<SentBackEntry>({
	type: 'sent-back',
	page: null,
	read: (read) => ({
		type: 'sent-back',
		mat: readMatCode(read),
		note: read.needed('note', longest['entry.note'])
	}),
	words: ({ mat }) => `${mat} sent back`
});
