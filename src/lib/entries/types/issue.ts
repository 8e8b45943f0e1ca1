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
	done: 'gave strand out for a mat',
	read: (read) => {
		const ball = readCodeField(read, 'ball');
		if (ball === null && !read.problems['ball'])
			read.problems['ball'] = 'Which ball is it? The five signs of its label.';
		return { type: 'issue', mat: readMatCode(read), ball: ball ?? '' };
	},
	facts: () => ({ reason: 'given' }),
	words: ({ ball, mat }) => `${ball} given for ${mat}`
});
