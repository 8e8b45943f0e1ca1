import type { LengthSystem } from '../core/units/format-length';
import type { LengthProblem } from '../core/units/parse-length';
import type { MassProblem } from '../core/units/parse-mass';

const likeLengths = { cm: '84 cm, 0.84 m or 33 in', ft: '33 in, 2 1/2 in or 6 ft 2' };
const likeMasses = { cm: '52 g or 1.8 kg', ft: '37 oz or 2 lb 6 oz' };

function quantityWords(problem: LengthProblem | MassProblem, like: string): string {
	switch (problem.code) {
		case 'empty':
			return 'Please fill this in.';
		case 'not-understood':
			return `“${problem.part.slice(0, 40)}” was not understood. Write it like ${like}.`;
		case 'thousands-or-decimals':
			return `“${problem.part.slice(0, 40)}” could be thousands or decimals. Write it without the comma.`;
	}
}

/** What is wrong with a length as it was typed. */
export const lengthProblemWords = (problem: LengthProblem, system: LengthSystem): string =>
	quantityWords(problem, likeLengths[system]);

/** What is wrong with a weight as it was typed. */
export const massProblemWords = (problem: MassProblem, system: LengthSystem): string =>
	quantityWords(problem, likeMasses[system]);
