import { deliver as say } from '$lib/words/common';
import { readCode } from '../../core/code/code';
import type { Crate } from '../../core/finish/roll';
import { longest } from '../bounds';
import { entryType } from '../entry-type';
import type { FormReader } from '../form-reader';
import { readCodeField } from './code-field';
import { readMatCode } from './mat-code';

/** Mats that go to a place together. */
export interface DeliverEntry {
	readonly type: 'deliver';
	readonly placeId: string;
	/** The labels of its mats, each once. */
	readonly mats: readonly string[];
	/** The labels of its pillows: one with each mat as far as they go, then by themselves. */
	readonly pillows: readonly string[];
	readonly goesOn: string;
	/** The crates it is packed in. */
	readonly crate: Crate;
	/** What people meet for when it is brought. */
	readonly gathering: string | null;
	readonly note: string | null;
}

/** A delivery that has come, in a word of whoever received it. */
export interface ReceivedEntry {
	readonly type: 'received';
	readonly delivery: string;
	/** The day it was; null where that is the day it is typed. */
	readonly receivedOn: string | null;
	/** By whom, in a word. */
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
export function matCodesIn(text: string): string[] | null {
	const words = text.split(/[\s,;]+/).filter((word) => word !== '');
	const codes = words.flatMap((word): string[] => {
		const read = readCode(word.slice(0, 20));
		return read.problem === undefined ? [read.code] : [];
	});
	return codes.length === words.length ? [...new Set(codes)] : null;
}

/** A crate as many are, mm. */
export const usualCrate: Crate = { widthMm: 400, depthMm: 600, heightMm: 400 };
/** The longest edge of a crate, mm. */
const longestEdge = 3000;

/** Labels of a field; a sentence where one of them is none. */
function readCodes(read: FormReader, field: string): readonly string[] {
	const codes = matCodesIn(read.raw(field));
	if (!codes) read.problems[field] = say.oneOfTheseIsNo();
	else if (codes.length > mostDelivered) read.problems[field] = say.atMostAtOnce({ mostDelivered });
	else read.canonical[field] = codes.join(' ');
	return codes ?? [];
}

const readEdge = (read: FormReader, field: string, usual: number): number =>
	read.raw(field) === '' ? usual : read.millimetres(field, 'bag', longestEdge);

export const deliverType = entryType<DeliverEntry>({
	type: 'deliver',
	page: '/hand-over',
	done: say.deliveredMats(),
	isCoordinators: true,
	read: (read) => {
		const mats = readCodes(read, 'mats');
		if (mats.length === 0 && !read.problems['mats'])
			read.problems['mats'] = say.chooseAtLeastOneMat();
		return {
			type: 'deliver',
			placeId: read.uuid('place'),
			mats,
			pillows: readCodes(read, 'pillows'),
			goesOn: read.anyDay('goes_on'),
			crate: {
				widthMm: readEdge(read, 'crate_width', usualCrate.widthMm),
				depthMm: readEdge(read, 'crate_depth', usualCrate.depthMm),
				heightMm: readEdge(read, 'crate_height', usualCrate.heightMm)
			},
			gathering: read.text('gathering', longest['delivery.gathering']),
			note: read.text('note', longest['delivery.note'])
		};
	},
	words: ({ mats }) => say.aDeliveryOfMats({ length: (matCodesIn(mats ?? '') ?? []).length })
});

export const receivedType = entryType<ReceivedEntry>({
	type: 'received',
	page: null,
	done: say.notedThatMatsWereReceived(),
	isCoordinators: true,
	read: (read) => {
		const delivery = readCodeField(read, 'delivery');
		if (delivery === null && !read.problems['delivery'])
			read.problems['delivery'] = say.typeTheFiveCharacterCode();
		return {
			type: 'received',
			delivery: delivery ?? '',
			receivedOn: read.raw('on') === '' ? null : read.day('on'),
			note: read.text('note', longest['entry.note'])
		};
	},
	words: ({ delivery }) => say.deliveryReceived({ delivery: delivery ?? '' })
});

export const sentBackType = entryType<SentBackEntry>({
	type: 'sent-back',
	page: null,
	done: say.notedThatAMatWas(),
	isCoordinators: true,
	read: (read) => ({
		type: 'sent-back',
		mat: readMatCode(read),
		note: read.needed('note', longest['entry.note'])
	}),
	words: ({ mat }) => say.sentBack({ mat: mat ?? '' })
});
