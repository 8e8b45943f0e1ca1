import { practised as say } from '$lib/words/common';
import type { ExerciseKind } from '$lib/core/know-how/exercises';
import { exerciseKinds } from '$lib/core/know-how/exercises';
import { bounds } from '../bounds';
import { entryType } from '../entry-type';

/** An answer to a question of the know-how, kept under the name of who gave it. */
export interface PractisedEntry {
	readonly type: 'practised';
	readonly personId: string;
	readonly kind: ExerciseKind;
	/** Which question of its kind. */
	readonly seed: number;
	readonly answer: number;
}

export const practisedType = entryType<PractisedEntry>({
	type: 'practised',
	page: '/know-how/practice',
	done: 'practised',
	read: (read) => ({
		type: 'practised',
		personId: read.uuid('person'),
		kind: read.word('kind', exerciseKinds),
		seed: read.count('seed', bounds['practised.seed']),
		answer: read.number('answer', { atLeast: -1e9, atMost: 1e9 })
	}),
	words: () => say.anAnswerInPractice()
});
