import type { ExerciseKind } from '$lib/core/know-how/exercises';

/** What is practised, in a few words. */
export const exerciseNames: Readonly<Record<ExerciseKind, string>> = {
	slit: 'Which slit joins which',
	'over-under': 'Over or under next',
	'wrong-row': 'Which row is wrong',
	crossings: 'How many crossings home',
	hook: 'Which hook for this strand',
	'ball-end': 'Where this ball runs out',
	trim: 'Where to trim',
	snug: 'Is this joint snug',
	seat: 'Which seat is free of blades',
	fault: 'Which remedy for this fault'
};
