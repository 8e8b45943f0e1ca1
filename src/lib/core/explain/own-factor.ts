import { given } from './explain-cut';
import type { Step } from './trail';

/**
 * A relation with the group's own factor at its end, and the step that gives it; nothing where it is 1.
 *
 * @example [own('k', 'our own', 1).times, own('k', 'our own', 1.2).times] // ['', ' * k']
 */
export function own(
	symbol: string,
	name: string,
	factor: number
): { times: string; steps: Step[] } {
	if (factor === 1) return { times: '', steps: [] };
	return { times: ` * ${symbol}`, steps: [given(symbol, name, factor, '')] };
}

/**
 * The same of the pitch of rows.
 *
 * @example ownPitch(0.9).times // ' * k_row'
 */
export const ownPitch = (factor: number) =>
	own('k_row', 'our own row pitch, over the craft’s', factor);
