// Makers as they are and nobody models them: habits that drift, busy and quiet times, weeks away. Drawn
// with a generator of its own, by rules that share nothing with what is forecast.

/** A source of numbers from 0 to 1 (a multiply-with-carry generator). */
export function source(seed: number): () => number {
	let [x, carry] = [(seed * 2_654_435_761 + 12_345) >>> 0, 362_436];
	return () => {
		const next = x * 4_294_957_665 + carry;
		carry = Math.floor(next / 4_294_967_296) >>> 0;
		x = (Math.imul(x, 4_294_957_665) + carry) >>> 0;
		return x / 4_294_967_296;
	};
}

/** About standard normal: twelve numbers from 0 to 1, less six. */
export const bell = (rng: () => number): number => {
	let sum = -6;
	for (let one = 0; one < 12; one++) sum += rng();
	return sum;
};

/**
 * The weeks of one maker, as shares of a mat: evenings of some rows each. How many evenings there are
 * and how long they last drifts from week to week; now and then two or three weeks are away.
 */
export function makerWeeks(rng: () => number): () => number {
	// Evenings a week, 1 to 4; share of a mat an evening, 1 to 5 %.
	let evenings = 1 + 3 * rng();
	const hours = 0.008 + 0.045 * rng();
	const isAwayChance = 0.02 + 0.05 * rng();
	let away = 0;
	return () => {
		evenings = Math.min(5, Math.max(0.6, evenings * (1 + 0.04 * bell(rng))));
		if (away > 0) {
			away--;
			return 0;
		}
		if (rng() < isAwayChance) {
			away = Math.floor(3 * rng());
			return 0;
		}
		let share = 0;
		for (let evening = 0; evening < 7; evening++)
			if (rng() < evenings / 7) share += hours * Math.max(0.2, 1 + 0.35 * bell(rng));
		return share;
	};
}
