import { pillow as say } from '$lib/words/common';
import { actBounds, movedAtOnce } from '../bounds';
import { entryType } from '../entry-type';

/** A pillow: stuffed with scrap by weight, with torn bags by count, or with both. */
export interface PillowEntry {
	readonly type: 'pillow';
	readonly scrapG: number;
	readonly bags: number;
}

export const pillowType = entryType<PillowEntry>({
	type: 'pillow',
	page: '/hand-over/pillows',
	done: say.madeAPillow(),
	isCoordinators: true,
	read: (read) => {
		const scrapG = read.raw('scrap') === '' ? 0 : read.grams('scrap', 0, movedAtOnce.scrapG.atMost);
		const bags = read.count('bags', actBounds.pillowBags, 0);
		if (scrapG === 0 && bags === 0) read.problems['scrap'] = say.sayWhatItIsStuffed();
		return { type: 'pillow', scrapG, bags };
	},
	facts: () => ({ reason: 'made' }),
	words: () => say.aPillow()
});
