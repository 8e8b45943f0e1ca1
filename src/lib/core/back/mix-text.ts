import type { MixProgram } from './mix';

/** A number as the format reads it: no exponent, no more digits than a double means. */
const written = (value: number): string => value.toFixed(9).replace(/\.?0+$/, '') || '0';

/**
 * The program in the LP text format that integer solvers read; column `x3` is choice 3.
 *
 * @example mixText({ isCounted: true, choices: [{ kind: 'Thin carrier', method: 'single', bags: 600, hours: 30, areaM2: 1.5 }], goal: [1], limits: [{ name: 'bags', weights: [600], atMost: 2000 }] }) // "Maximize\n goal: 1 x0\nSubject To\n r0: 600 x0 <= 2000\nGenerals\n x0\nEnd\n"
 */
export function mixText({ choices, goal, limits }: MixProgram): string {
	const sum = (weights: readonly number[]): string =>
		weights
			.map((weight, index) => (weight === 0 ? '' : `${written(weight)} x${index}`))
			.filter((term) => term !== '')
			.join(' + ');
	const rows = limits
		.map(({ weights, atMost }, index) => ({ row: sum(weights), atMost, index }))
		.filter(({ row }) => row !== '');
	return [
		'Maximize',
		` goal: ${sum(goal)}`,
		'Subject To',
		...rows.map(({ row, atMost, index }) => ` r${index}: ${row} <= ${written(atMost)}`),
		'Generals',
		` ${choices.map((_, index) => `x${index}`).join(' ')}`,
		'End',
		''
	].join('\n');
}
