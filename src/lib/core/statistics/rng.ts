/** A source of numbers from 0 (with) to 1 (without). */
export type Rng = () => number;

/**
 * Rng from a seed: the same seed gives the same numbers everywhere. A 32-bit counter with a
 * mixing step (mulberry32, public domain); good enough to sample with, not for secrets.
 * @example seededRng(7)() // 0.011705
 */
export function seededRng(seed: number): Rng {
	let state = seed >>> 0;
	return () => {
		state = (state + 0x6d2b79f5) >>> 0;
		let mixed = Math.imul(state ^ (state >>> 15), 1 | state);
		mixed = (mixed + Math.imul(mixed ^ (mixed >>> 7), 61 | mixed)) ^ mixed;
		return ((mixed ^ (mixed >>> 14)) >>> 0) / 4294967296;
	};
}

/**
 * A standard normal number from two of a generator (Box and Muller).
 *
 * @example randomNormal(seededRng(7)) // 0.14197
 */
export function randomNormal(rng: Rng): number {
	const radius = Math.sqrt(-2 * Math.log(1 - rng()));
	return radius * Math.cos(2 * Math.PI * rng());
}
