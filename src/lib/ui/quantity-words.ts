import { quantityWords as say } from '$lib/words/common';
import type { LengthSystem } from '../core/units/format-length';
import type { LengthProblem } from '../core/units/parse-length';
import type { MassProblem } from '../core/units/parse-mass';
import type { NumberProblem } from './typed-values';

const likeLengths = { cm: say.n84Cm084M(), ft: say.n33In212() };
const likeMasses = { cm: say.n52GOr18(), ft: say.n37OzOr2Lb() };

/** What is wrong with a number as it was typed. */
export function numberProblemWords(problem: NumberProblem): string {
	if (problem.code === 'empty') return say.pleaseFillThisIn();
	const part = `“${problem.part.slice(0, 40)}”`;
	switch (problem.code) {
		case 'not-a-number':
			return say.isNotANumber({ part });
		case 'not-a-whole-number':
			return say.isNotAWholeNumber({ part });
		case 'thousands-or-decimals':
			return say.couldBeThousandsOrDecimals({ part });
	}
}

function quantityWords(problem: LengthProblem | MassProblem, like: string): string {
	switch (problem.code) {
		case 'not-understood':
			return say.wasNotUnderstoodWriteIt({ part: problem.part.slice(0, 40), like });
		default:
			return numberProblemWords(problem);
	}
}

/** What is wrong with a length as it was typed. */
export const lengthProblemWords = (problem: LengthProblem, system: LengthSystem): string =>
	quantityWords(problem, likeLengths[system]);

/** What is wrong with a weight as it was typed. */
export const massProblemWords = (problem: MassProblem, system: LengthSystem): string =>
	quantityWords(problem, likeMasses[system]);
