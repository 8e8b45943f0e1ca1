import type { Bag } from '$lib/core/bag/measure-bag';
import { measureBag } from '$lib/core/bag/measure-bag';
import { defaults } from '$lib/core/defaults';

/** How thick a bag's film is, and whether its measures fit each other. */
export interface FilmCall {
	readonly words: string;
	/** Film that no bag is made of: a measure is wrong. */
	readonly isOdd: boolean;
}

/** Says what ruler and scale make of a bag's film. */
export function filmCall(bag: Bag): FilmCall {
	const microns = measureBag(bag).filmThicknessMm * 1000;
	const thick = `Film about ${microns < 10 ? microns.toFixed(1) : Math.round(microns)} µm thick`;
	if (microns < defaults.plausibleFilmMinUm.value || microns > defaults.plausibleFilmMaxUm.value)
		return {
			words: `${thick}: no bag is. Look at the weight, the count and the lengths once more.`,
			isOdd: true
		};
	const kind =
		microns < defaults.thinFilm.value
			? 'thin, as carriers are'
			: microns < 40
				? 'like a heavier shop bag'
				: 'heavy';
	return { words: `${thick}: ${kind}.`, isOdd: false };
}
