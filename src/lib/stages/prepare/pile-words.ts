import { pileWords as say } from '$lib/words/prepare';
import type { LineForm } from '$lib/core/store/forms';
import type { CutSnapshot } from '$lib/core/prepare/cut-pile';
import type { Pile, PileKey } from '$lib/core/prepare/piles';
import type { CutStyle } from '$lib/core/cut/types';
import { wholeNumber } from '$lib/ui/number-words';
import { formWords } from '$lib/ui/store-words';

/** Pieces of each cut, as people call them. */
export const pieceNames: Readonly<Record<CutStyle, string>> = {
	loops: say.loops(),
	spiral: say.spiralStrips(),
	'half-bag': say.halfBags(),
	'whole-tube': say.wholeTubes()
};

/** What lies in a pile of a form, in the words of its cut. */
export const pileNoun = (form: LineForm, cut: CutSnapshot | null): string =>
	form === 'piece' && cut ? pieceNames[cut.style] : formWords[form];

/** Why an act cannot take what it wants to take. */
export function notThereWords(
	{ colour, form, cut }: PileKey,
	wanted: number,
	there: number
): string {
	const noun = pileNoun(form, cut);
	return there > 0
		? say.onlyLieThereAndThis({
				there: wholeNumber(there),
				colour,
				noun,
				wanted: wholeNumber(wanted)
			})
		: say.noLieThereAnyMore({ colour, noun });
}

/** Bags' worth of a pile: its height goes by it. */
export const bagsWorth = ({ form, cut, amount }: Pile): number =>
	cut && form !== 'ball' ? amount / cut.piecesPerBag : amount;
