import { sigmaFromCv } from '../factors/factors';
import { randomNormal, seededRng } from '../statistics/rng';
import type { Chance } from './day';

/** How far lots and days spread: coefficients of variation, 0 or more. */
export interface Spreads {
	/** Of one lot. */
	readonly lotCv: number;
	/** Of a person's whole day. */
	readonly dayCv: number;
}

/** @source bench default */
export const usualSpreads: Spreads = { lotCv: 0.15, dayCv: 0.2 };

/** A number of a name: persons draw each from a source of their own, whoever else is there. */
function numberOf(name: string, seed: number): number {
	let mixed = (seed ^ 0x811c9dc5) >>> 0;
	for (let at = 0; at < name.length; at++)
		mixed = Math.imul(mixed ^ name.charCodeAt(at), 0x01000193) >>> 0;
	return mixed;
}

/**
 * Chance by a seed: log-normal around a mean of 1, one factor for each lot and one for a person's day.
 * The same seed gives everyone the same day, wherever they sit and whoever else is there.
 *
 * @example seededChance(7, { lotCv: 0, dayCv: 0 })('Wren', 3) // 1
 */
export function seededChance(seed: number, { lotCv, dayCv }: Spreads): Chance {
	const lotSigma = sigmaFromCv(lotCv);
	const daySigma = sigmaFromCv(dayCv);
	const people = new Map<string, { readonly factors: number[]; readonly next: () => number }>();
	const person = (name: string) => {
		const found = people.get(name);
		if (found) return found;
		const rng = seededRng(numberOf(name, seed));
		const around = (sigma: number) => Math.exp(sigma * randomNormal(rng) - (sigma * sigma) / 2);
		const day = around(daySigma);
		const made = { factors: [], next: () => day * around(lotSigma) };
		people.set(name, made);
		return made;
	};
	return (name, nth) => {
		const { factors, next } = person(name);
		while (factors.length <= nth) factors.push(next());
		return factors[nth] ?? 1;
	};
}
