import { filmWords as say } from '$lib/words/gather';
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
	const thick = say.plasticAboutMThick({
		part: microns < 10 ? microns.toFixed(1) : Math.round(microns)
	});
	if (microns < defaults.plausibleFilmMinUm.value || microns > defaults.plausibleFilmMaxUm.value)
		return {
			words: say.noBagIsLookAt({ thick }),
			isOdd: true
		};
	const kind =
		microns < defaults.thinFilm.value
			? say.thinLikeCarrierBags()
			: microns < 40
				? say.likeAHeavierShopBag()
				: say.heavy();
	return { words: `${thick}: ${kind}.`, isOdd: false };
}
