/** What is wrong with a code as somebody read it. */
export const codeWords = {
	'not-five-signs': 'A code has five signs.',
	'no-such-sign': 'Codes have no 0, 1, I, L or O, and no other signs than letters and figures.',
	'wrong-check':
		'These five signs do not belong together: one is wrong, or two are swapped. Look at the label again.'
} as const;
