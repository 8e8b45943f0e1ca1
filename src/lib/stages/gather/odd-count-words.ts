import type { OddCount } from '$lib/core/gather/odd-count';
import { figure, wholeNumber } from '$lib/ui/number-words';

/** The question an odd count raises. */
export function oddCountWords(odd: OddCount): string {
	switch (odd.code) {
		case 'far-more-than-usual':
			return `${wholeNumber(odd.bags)} bags: this place brings about ${wholeNumber(odd.usual)} at a time. Did a digit slip in?`;
		case 'more-than-a-hall':
			return `${wholeNumber(odd.bags)} bags at once fill a hall. Did a digit slip in?`;
		case 'more-than-a-day':
			return `${wholeNumber(odd.pieces)} at once is more than a table moves in a day. Did a digit slip in?`;
		case 'more-scrap-than-sacks':
			return `${wholeNumber(odd.scrapG / 1000)} kg of scrap at once. Was it grams?`;
		case 'more-than-sacks-hold':
			return `${wholeNumber(odd.bags)} bags in ${wholeNumber(odd.sacks)} ${odd.sacks === 1 ? 'sack' : 'sacks'} is more than sacks hold. Look at both once more.`;
		case 'bag-too-light':
			return `One bag would weigh ${figure(odd.meanG)} g, lighter than any. Were the box and the handfuls weighed in the same unit?`;
		case 'bag-too-heavy':
			return `One bag would weigh ${figure(odd.meanG)} g, heavier than any. Were the box and the handfuls weighed in the same unit?`;
		case 'more-than-came':
			return `That makes ${wholeNumber(odd.all)} sorted, and only ${wholeNumber(odd.came)} came from there. Count again, or put in first what came.`;
	}
}
