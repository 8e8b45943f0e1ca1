/** A source of numbers from 0 (with) to 1 (without). */
export type Rng = () => number;

/**
 * Rng from a seed: the same seed gives the same numbers everywhere. A 32-bit counter with a
 * mixing step (mulberry32, public domain); good enough to sample with, not for secrets.
 * @example seededRng(7)() // 0.011705
 */
export const seededRng = (seed: number): Rng => placedRng(seed).next;

/** A source of numbers that one may go to a place in, without drawing those before it. */
export interface PlacedRng {
	readonly next: Rng;
	/** Where it is: a seed from which it goes on alike. */
	readonly place: () => number;
	/** Goes to so many numbers behind a place. */
	readonly goTo: (place: number, numbers: number) => void;
}

/** From one number to the next. */
const step = 0x6d2b79f5;

/**
 * The rng of a seed, with its place.
 *
 * @example placedRng(7).next() === seededRng(7)() // true
 */
export function placedRng(seed: number): PlacedRng {
	let state = seed >>> 0;
	return {
		next: () => {
			state = (state + step) >>> 0;
			let mixed = Math.imul(state ^ (state >>> 15), 1 | state);
			mixed = (mixed + Math.imul(mixed ^ (mixed >>> 7), 61 | mixed)) ^ mixed;
			return ((mixed ^ (mixed >>> 14)) >>> 0) / 4294967296;
		},
		place: () => state,
		goTo: (place, numbers) => {
			state = (place + Math.imul(numbers, step)) >>> 0;
		}
	};
}

/**
 * One number of a generator, without those before it.
 *
 * @param nth whole, from 0
 * @example nthOf(7, 0) === seededRng(7)() // true
 */
export const nthOf = (seed: number, nth: number): number =>
	seededRng((seed + Math.imul(nth, step)) >>> 0)();

/**
 * A standard normal number from two of a generator (Box and Muller).
 *
 * @example randomNormal(seededRng(7)) // 0.14197
 */
export function randomNormal(rng: Rng): number {
	const radius = Math.sqrt(-2 * Math.log(1 - rng()));
	return radius * Math.cos(2 * Math.PI * rng());
}
