import { countWords as say } from '$lib/words/table-day';
import type { LineBuffer } from '$lib/core/assembly-line/assembly-line';
import { wholeNumber } from '$lib/ui/number-words';

const nouns: Readonly<Record<LineBuffer, readonly [one: string, many: string]>> = {
	bags: ['bag', 'bags'],
	flat: ['flat', 'flat'],
	pieces: ['piece', 'pieces'],
	joined: [say.bagOfStrand(), say.bagsOfStrand()],
	balls: ['ball', 'balls']
};

/** `140 flat`, `1 ball`: what lies at a place, in whole numbers. */
export function countWords(place: LineBuffer, amount: number): string {
	const whole = Math.round(amount);
	return `${wholeNumber(whole)} ${nouns[place][whole === 1 ? 0 : 1]}`;
}
