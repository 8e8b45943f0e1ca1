import type { CuttingTool } from '../cut/stack';
import { stackSecondsPerBag } from '../cut/stack';
import type { CutStyle } from '../cut/types';
import { defaults } from '../defaults';

/** The stations of the work, in the order bags pass them. */
export const stations = [
	'flatten',
	'cut',
	'join',
	'ball',
	'make',
	'finish',
	'check',
	'roll'
] as const;
export type Station = (typeof stations)[number];
export type SecondsByStation = Readonly<Record<Station, number>>;

/**
 * Seconds to trim and cut one bag, its share of setting up the stack with it. Spirals and half bags
 * are cut one at a time, whatever the tool.
 *
 * @example cuttingSecondsPerBag('loops', 'scissors') // 24
 */
export function cuttingSecondsPerBag(
	style: CutStyle,
	tool: CuttingTool,
	stackBags?: number
): number {
	if (style === 'spiral') return defaults.cutSpiralBag.value;
	if (style === 'half-bag') return defaults.cutHalfBag.value;
	return stackSecondsPerBag(tool, stackBags);
}

/**
 * All stations together, seconds.
 *
 * @example totalSeconds({ flatten: 1, cut: 2, join: 3, ball: 4, make: 5, finish: 6, check: 7, roll: 8 }) // 36
 */
export function totalSeconds(seconds: SecondsByStation): number {
	let sum = 0;
	for (const station of stations) sum += seconds[station];
	return sum;
}
