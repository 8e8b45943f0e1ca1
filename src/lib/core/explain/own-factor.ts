import { given } from './explain-cut';
import type { Sign } from './sign';
import type { Step } from './trail';

/**
 * How the group's own factor stands in a relation, and the step that gives it; no step where it is 1.
 *
 * @example [own('k', 'our own', 1).factor, own('k', 'our own', 1.2).factor] // [1, 'k']
 */
export function own(symbol: string, name: string, factor: number): { factor: Sign; steps: Step[] } {
	if (factor === 1) return { factor: 1, steps: [] };
	return { factor: symbol, steps: [given(symbol, name, factor, '')] };
}

/**
 * The same of the pitch of rows.
 *
 * @example ownPitch(0.9).factor // 'k_row'
 */
export const ownPitch = (factor: number) => own('k_row', 'ourOwnRowPitchOverTheCrafts', factor);
