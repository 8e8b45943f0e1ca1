import type { Step } from '../core/explain/trail';
import { figure, wholeNumber } from './number-words';

/** A relation as one would write it by hand: × for times, √ and small twos. */
export function relationWords(relation: string): string {
	return relation
		.replace(/ \*\* 2/g, '²')
		.replace(/ \* /g, ' × ')
		.replace(/ - /g, ' − ')
		.replace(/sqrt\(/g, '√(')
		.replace(/floor\(/g, 'whole part of (')
		.replace(/round\(/g, 'rounded (')
		.replace(/max\(1, /g, 'at least 1, (')
		.replace(/max\(0, /g, 'at least 0, (')
		.replaceAll('_', ' ');
}

/** A value of a step with its unit. */
export function valueWords({ value, unit }: Step): string {
	if (unit === 'g/mm³') return `${value} ${unit}`;
	if (unit === 'mm' && Math.abs(value) < 1) return `${figure(value * 1000)} µm`;
	if (unit === 'mm' && value >= 10_000) return `${wholeNumber(value / 1000)} m`;
	if (unit === 's' && value >= 3600) return `${figure(value / 3600)} h`;
	if (unit === 'g' && value >= 1000) return `${figure(value / 1000)} kg`;
	const shown = Number.isInteger(value) ? wholeNumber(value) : figure(value);
	return unit === '' ? shown : `${shown} ${unit}`;
}
