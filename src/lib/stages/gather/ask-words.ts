import { askWords as say } from '$lib/words/gather';
import type { Allocation, LackedColour } from '$lib/core/store/allocate-store';
import { drawnForms } from '$lib/core/store/allocate-store';
import { wholeNumber } from '$lib/ui/number-words';
import { formWords } from '$lib/ui/store-words';

/** `Milk pouch, clear: 38; 12 bags`, of what hangs to dry. */
export const dryingWords = (
	piles: readonly {
		readonly kind: string | null;
		readonly colour: string | null;
		readonly hanging: number;
	}[]
): string =>
	piles
		.map(({ kind, colour, hanging }) =>
			kind ? `${kind}, ${colour}: ${hanging}` : say.bags({ hanging })
		)
		.join('; ');

/** What a plan can draw, in words: `4 balls, 160 cut pieces, 120 bags`. */
export function drawnWords({ from }: Allocation): string {
	const words = drawnForms
		.map((form) => ({ form, amount: Math.floor(from[form] + 1e-6) }))
		.filter(({ amount }) => amount > 0)
		.map(({ form, amount }) => {
			const word = formWords[form];
			return `${wholeNumber(amount)} ${amount === 1 ? word.replace(/s$/, '') : word}`;
		});
	return words.join(', ') || 'nothing';
}

export const colourWords = (colour: LackedColour): string =>
	colour === 'any' ? say.anyColour() : colour;

/** What a plan lacks, in words: `38 blue, 120 of any colour`; nothing where it lacks nothing. */
export const lackingWords = ({ lacking }: Allocation): string =>
	Object.entries(lacking)
		.map(
			([colour, bags]) =>
				`${wholeNumber(Math.ceil(bags))} ${colour === 'any' ? say.ofAnyColour() : colour}`
		)
		.join(', ');

/** Bags to ask for, so that so many are left after sorting; a round number, since nobody counts bags at a counter. */
export function bagsToAsk(bags: number, rejectedShare: number): number {
	const asked = bags / (1 - rejectedShare);
	const step = asked < 50 ? 5 : 10;
	return Math.ceil(asked / step - 1e-9) * step;
}

/** What sorting has shown so far, counted and nothing else: `2 of 74 sorted were no good`. */
export const rejectWords = ({
	sorted,
	rejected
}: {
	readonly sorted: number;
	readonly rejected: number;
}): string =>
	sorted === 0
		? say.noneWasSortedYet()
		: say.ofSortedWereNoGood({ rejected: wholeNumber(rejected), sorted: wholeNumber(sorted) });
