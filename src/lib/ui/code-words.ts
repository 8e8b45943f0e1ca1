import { codeWords as say } from '$lib/words/common';
/** What is wrong with a code as somebody read it. */
export const codeWords = {
	'not-five-signs': say.aCodeHasFiveSigns(),
	'no-such-sign': say.codesUseLettersAndDigits(),
	'wrong-check': say.thisIsNotALabel()
} as const;
