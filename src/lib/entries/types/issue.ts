import { issue as say } from '$lib/words/common';
import { entryType } from '../entry-type';
import { readCodeField } from './code-field';
import { readMatCode } from './mat-code';

/** A ball given for a mat, by its label. */
export interface IssueEntry {
	readonly type: 'issue';
	readonly mat: string;
	readonly ball: string;
}

export const issueType = entryType<IssueEntry>({
	type: 'issue',
	page: null,
	done: say.gaveStrandOutForA(),
	read: (read) => {
		const ball = readCodeField(read, 'ball');
		if (ball === null && !read.problems['ball'])
			read.problems['ball'] = say.typeTheFiveCharacterCode();
		return { type: 'issue', mat: readMatCode(read), ball: ball ?? '' };
	},
	facts: () => ({ reason: 'given' }),
	words: ({ ball, mat }) => say.givenFor({ ball: ball ?? '', mat: mat ?? '' })
});
