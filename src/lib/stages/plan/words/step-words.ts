import { stepNames, stepWords as say } from '$lib/words/plan';
import { messageNamed } from '$lib/words/message-named';
import type { Step } from '$lib/core/explain/trail';
import type { LengthSystem } from '$lib/core/units/format-length';
import { stepOfFigure } from '$lib/core/explain/explain-plan';
import type { TallyName } from '$lib/core/estimate/estimate';
import { figure, fixed, wholeNumber } from '$lib/ui/number-words';
import { figureWords, tallyWords } from './tally-words';
import { countedWords, fineWords, massWords, strandWords } from '$lib/ui/unit-words';

/** A relation as one would write it by hand: × for times, √ and small twos. */
export function relationWords(relation: string): string {
	return relation
		.replace(/ \*\* 2/g, '²')
		.replace(/ \* /g, ' × ')
		.replace(/ - /g, ' − ')
		.replace(/sqrt\(/g, '√(')
		.replace(/floor\(/g, say.wholePartOf())
		.replace(/round\(/g, say.rounded())
		.replace(/max\(1, /g, say.atLeast1())
		.replace(/max\(0, /g, say.atLeast0())
		.replaceAll('_', ' ');
}

/** What a step is called. */
export const nameWords = ({ name }: Step): string => messageNamed(stepNames, name);

/** A value of a step with its unit. */
export function valueWords({ symbol, value, unit }: Step, system: LengthSystem): string {
	// A factor of one's own measures is near 1: what matters is how far off.
	if (symbol.startsWith('k_')) return fixed(value, 2);
	if (unit === 'g/mm³') return `${value} ${unit}`;
	if (unit === 'mm' && Math.abs(value) < 1) return `${figure(value * 1000)} µm`;
	if (unit === 'mm' && value >= 10_000) return strandWords(value, system);
	if (unit === 'mm' && system === 'ft') return fineWords(value, system);
	if (unit === 'm') return strandWords(value * 1000, system);
	// Parts of a bag add up to whole ones only at the end.
	if (['bags', 'balls', 'joints'].includes(unit) && !Number.isInteger(value))
		return `${fixed(value, 1)} ${countedWords(unit)}`;
	if (unit === 's' && value >= 3600) return `${figure(value / 3600)} h`;
	if (unit === 'g' && value >= 1000) return massWords(value, system);
	const shown = Number.isInteger(value) ? wholeNumber(value) : figure(value);
	return unit === '' ? shown : `${shown} ${countedWords(unit)}`;
}

/** The last step with the figure that the tally shows of it: `629.3 bags, so 630`. */
export function reachedWords(step: Step, figureName: TallyName, system: LengthSystem): string {
	const words = valueWords(step, system);
	if (step.symbol !== stepOfFigure[figureName] || !tallyWords[figureName].isCounted) return words;
	return Number.isInteger(step.value)
		? words
		: say.so({ words, figure: figureWords(step.value, figureName, system) });
}
