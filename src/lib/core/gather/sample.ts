import { positive, within } from '../domain-error';
import { defaults } from '../defaults';
import type { WeighedSample } from './count-by-weight';

/**
 * Mean and spread of a sample weighed in handfuls of so many bags each, in one pass. The spread of
 * one bag is that of the handfuls times the root of the bags in each.
 *
 * @param massesG one mass for each handful, g, at least one
 * @param bagsEach bags in every handful, a whole number from 1
 * @returns the sample; with a single handful the spread is the craft's default
 * @throws DomainError
 */
export function sampleOf(massesG: readonly number[], bagsEach: number): WeighedSample {
	within('massesG', massesG.length, { atLeast: 1 });
	within('bagsEach', bagsEach, { atLeast: 1, isWhole: true });
	let count = 0;
	let mean = 0;
	let squares = 0;
	for (const mass of massesG) {
		const one = positive('massG', mass) / bagsEach;
		count++;
		const off = one - mean;
		mean += off / count;
		squares += off * (one - mean);
	}
	const spreadG =
		count > 1 ? Math.sqrt((squares / (count - 1)) * bagsEach) : defaults.bagMass.cv * mean;
	return { bags: Math.max(2, count * bagsEach), meanG: mean, spreadG };
}
