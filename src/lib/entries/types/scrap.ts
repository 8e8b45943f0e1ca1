import { scrap as say } from '$lib/words/common';
import type { FormReader } from '../form-reader';
import { movedAtOnce } from '../bounds';
import { entryType } from '../entry-type';

/** All the scrap of a table day, weighed: so much it is, whatever the book says. */
export interface ScrapEntry {
	readonly type: 'scrap';
	readonly dayId: string;
	readonly grams: number;
}

const readScrap = (read: FormReader): ScrapEntry => ({
	type: 'scrap',
	dayId: read.uuid('day'),
	grams: read.grams('grams', 0.001, movedAtOnce.scrapG.atMost)
});

export const scrapType = entryType<ScrapEntry>({
	type: 'scrap',
	page: null,
	done: say.weighedScrap(),
	read: readScrap,
	facts: () => ({ reason: 'counted' }),
	words: ({ grams }) => say.scrapWeighed({ grams: grams ?? '' })
});
