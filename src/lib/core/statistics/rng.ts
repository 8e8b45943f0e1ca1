/** A source of numbers from 0 (with) to 1 (without). */
export type Rng = () => number;

/** From one number to the next. */
const step = 0x6d2b79f5;

/** The number of a place: its bits, mixed. */
function mixed(place: number): number {
	let bits = Math.imul(place ^ (place >>> 15), 1 | place);
	bits = (bits + Math.imul(bits ^ (bits >>> 7), 61 | bits)) ^ bits;
	return ((bits ^ (bits >>> 14)) >>> 0) / 4294967296;
}

/**
 * Rng from a seed: the same seed gives the same numbers everywhere. A 32-bit counter with a
 * mixing step (mulberry32, public domain); good enough to sample with, not for secrets.
 * @example seededRng(7)() // 0.011705
 */
export function seededRng(seed: number): Rng {
	let state = seed >>> 0;
	return () => {
		state = (state + step) >>> 0;
		return mixed(state);
	};
}

/**
 * One number of a generator, without those before it.
 *
 * @param nth whole, from 0
 * @example nthOf(7, 0) === seededRng(7)() // true
 */
export const nthOf = (seed: number, nth: number): number =>
	mixed((seed + Math.imul(nth + 1, step)) >>> 0);

/** A source of numbers that goes to any place among them without drawing those before it. */
export class PlacedRng {
	/** Where it is: a seed from which it goes on alike. */
	place = 0;
	readonly next: Rng = () => {
		this.place = (this.place + step) >>> 0;
		return mixed(this.place);
	};

	/** Goes to so many numbers behind a place. */
	goTo(place: number, numbers: number): void {
		this.place = (place + Math.imul(numbers, step)) >>> 0;
	}
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
