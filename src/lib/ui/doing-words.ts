import { doingWords as say } from '$lib/words/common';

/** What is done at the table, as one says what somebody does: the same in timed work, on a table day and in a check. */
export const doingWords = {
	flatten: say.flattening(),
	cut: say.cutting(),
	join: say.joining(),
	ball: say.windingBalls(),
	crochet: say.crochet(),
	finish: say.finishing(),
	check: say.checking()
} as const;
