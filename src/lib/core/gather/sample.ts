import { positive, within } from '../domain-error';
import { defaults } from '../defaults';
import type { WeighedSample } from './count-by-weight';

/**
 * Mean and spread of a sample weighed in handfuls of so many bags each, in one pass. The spread of
 * one bag is that of the handfuls times the root of the bags in each.
 *
 * @param massesG one mass for each handful, g, at least one
 * @param bagsEach bags in every handful, a whole number from 1
 * @returns the sample; one handful alone shows no spread, so that is the craft's, which is wide
 * @throws DomainError
 * @example sampleOf([52, 55, 49], 10) // { handfuls: 3, bagsEach: 10, meanG: 5.2, spreadG: 0.94868 }
 */
export function sampleOf(massesG: readonly number[], bagsEach: number): WeighedSample {
	within('massesG', massesG.length, { atLeast: 1 });
	within('bagsEach', bagsEach, { atLeast: 1, isWhole: true });
	let handfuls = 0;
	let mean = 0;
	let squares = 0;
	for (const mass of massesG) {
		const one = positive('massG', mass) / bagsEach;
		handfuls++;
		const off = one - mean;
		mean += off / handfuls;
		squares += off * (one - mean);
	}
	const spreadG =
		handfuls > 1
			? Math.sqrt((squares / (handfuls - 1)) * bagsEach)
			: defaults.bagSpread.value * mean;
	return { handfuls, bagsEach, meanG: mean, spreadG };
}
