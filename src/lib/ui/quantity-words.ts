import type { LengthSystem } from '../core/units/format-length';
import type { LengthProblem } from '../core/units/parse-length';
import type { MassProblem } from '../core/units/parse-mass';
import type { NumberProblem } from './typed-values';

const likeLengths = { cm: '84 cm, 0.84 m or 33 in', ft: '33 in, 2 1/2 in or 6 ft 2' };
const likeMasses = { cm: '52 g or 1.8 kg', ft: '37 oz or 2 lb 6 oz' };

/** What is wrong with a number as it was typed. */
export function numberProblemWords(problem: NumberProblem): string {
	if (problem.code === 'empty') return 'Please fill this in.';
	const part = `“${problem.part.slice(0, 40)}”`;
	switch (problem.code) {
		case 'not-a-number':
			return `${part} is not a number.`;
		case 'not-a-whole-number':
			return `${part} is not a whole number.`;
		case 'thousands-or-decimals':
			return `${part} could be thousands or decimals. Write it without the comma.`;
	}
}

function quantityWords(problem: LengthProblem | MassProblem, like: string): string {
	switch (problem.code) {
		case 'not-understood':
			return `“${problem.part.slice(0, 40)}” was not understood. Write it like ${like}.`;
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
