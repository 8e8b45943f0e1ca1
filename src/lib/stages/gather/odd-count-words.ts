import { oddCountWords as say } from '$lib/words/gather';
import type { OddCount } from '$lib/core/gather/odd-count';
import { figure, wholeNumber } from '$lib/ui/number-words';

/** The question an odd count raises. */
export function oddCountWords(odd: OddCount): string {
	switch (odd.code) {
		case 'far-more-than-usual':
			return say.bagsThisPlaceBringsAbout({
				bags: wholeNumber(odd.bags),
				usual: wholeNumber(odd.usual)
			});
		case 'more-than-a-hall':
			return say.bagsAtOnceFillA({ bags: wholeNumber(odd.bags) });
		case 'more-than-a-day':
			return say.atOnceIsMoreThan({ pieces: wholeNumber(odd.pieces) });
		case 'more-scrap-than-sacks':
			return say.kgOfScrapAtOnce({ scrapG: wholeNumber(odd.scrapG / 1000) });
		case 'more-than-sacks-hold':
			return say.bagsInSacks2PluralOne({
				bags: wholeNumber(odd.bags),
				sacks: wholeNumber(odd.sacks),
				sacks2: odd.sacks
			});
		case 'bag-too-light':
			return say.oneBagWouldWeighG({ meanG: figure(odd.meanG) });
		case 'bag-too-heavy':
			return say.oneBagWouldWeighG2({ meanG: figure(odd.meanG) });
		case 'more-than-came':
			return say.thatMakesSortedAndOnly({ all: wholeNumber(odd.all), came: wholeNumber(odd.came) });
	}
}
