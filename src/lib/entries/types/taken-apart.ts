import { takenApart as say } from '$lib/words/common';
import { entryType } from '../entry-type';
import { readMatCode } from './mat-code';

/** What came of a mat that was taken apart: strand that is good still, weighed; all else is scrap. */
export interface UnwoundEntry {
	readonly type: 'unwound';
	readonly mat: string;
	readonly strandG: number;
}

export const unwoundType = entryType<UnwoundEntry>({
	type: 'unwound',
	page: null,
	done: say.tookAMatApart(),
	isCoordinators: true,
	read: (read) => ({
		type: 'unwound',
		mat: readMatCode(read),
		strandG: read.grams('strand', 0, 50_000)
	}),
	facts: () => ({ reason: 'made' }),
	words: ({ mat }) => say.takenApart({ mat: mat ?? '' })
});

/** Whether what an odd mat says of bags and size is so: it teaches, or it does not. */
export interface TeachesEntry {
	readonly type: 'teaches';
	readonly mat: string;
	readonly isSo: boolean;
}

export const teachesType = entryType<TeachesEntry>({
	type: 'teaches',
	page: null,
	done: say.keptAMatToTeach(),
	isCoordinators: true,
	read: (read) => ({
		type: 'teaches',
		mat: readMatCode(read),
		isSo: read.word('is_so', ['yes', 'no']) === 'yes'
	}),
	words: ({ mat }) => say.whetherTeaches({ mat: mat ?? '' })
});
