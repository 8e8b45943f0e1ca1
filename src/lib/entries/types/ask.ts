import { ask as say } from '$lib/words/common';
import { bounds, longest } from '../bounds';
import { entryType } from '../entry-type';
import type { FormReader } from '../form-reader';

/** Mats that a place asks for. */
export interface AskEntry {
	readonly type: 'asked';
	readonly placeId: string;
	readonly mats: number;
	/** The size it asks for; null where any will do. */
	readonly size: { readonly widthMm: number; readonly lengthMm: number } | null;
	readonly byDay: string;
	readonly note: string | null;
}

/** How many mats a place was promised, of those it asked for. */
export interface PromiseEntry {
	readonly type: 'promised';
	/** The ask, by the number of its entry. */
	readonly askId: number;
	readonly mats: number;
}

/** No mat is longer, mm. */
const longestMat = 10_000;

function readSize(read: FormReader): AskEntry['size'] {
	const fields = ['width', 'length'] as const;
	if (fields.every((field) => read.raw(field) === '')) return null;
	for (const field of fields)
		if (read.raw(field) === '') read.problems[field] = say.sayBothOrLeaveBoth();
	const [widthMm, lengthMm] = fields.map((field) =>
		read.problems[field] ? NaN : read.millimetres(field, 'bag', longestMat)
	);
	return { widthMm: widthMm ?? NaN, lengthMm: lengthMm ?? NaN };
}

export const askType = entryType<AskEntry>({
	type: 'asked',
	page: '/hand-over/asks',
	done: say.notedWhatAPlaceAsks(),
	isCoordinators: true,
	read: (read) => ({
		type: 'asked',
		placeId: read.uuid('place'),
		mats: read.count('mats', bounds['mat_ask.mats']),
		size: readSize(read),
		byDay: read.anyDay('by'),
		note: read.text('note', longest['mat_ask.note'])
	}),
	words: ({ mats }) => say.matsAskedFor({ mats: mats ?? '' })
});

export const promiseType = entryType<PromiseEntry>({
	type: 'promised',
	page: '/hand-over/asks',
	done: say.promisedMatsToAPlace(),
	isCoordinators: true,
	read: (read) => ({
		type: 'promised',
		askId: read.count('ask', { atLeast: 1, atMost: Number.MAX_SAFE_INTEGER }),
		mats: read.count('mats', bounds['mat_promise.mats'])
	}),
	words: ({ mats }) => say.matsPromised({ mats: mats ?? '' })
});
