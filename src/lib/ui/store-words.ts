import { storeWords as say } from '$lib/words/common';
import type { LengthSystem } from '$lib/core/units/format-length';
import { wholeNumber } from '$lib/ui/number-words';
import { massWords } from '$lib/ui/unit-words';
import type { LineForm, MoveReason } from '$lib/core/store/forms';

/** The forms of the store, as they are counted. */
export const formWords: Readonly<Record<LineForm, string>> = {
	bag: say.bags(),
	flat: say.flatBags(),
	piece: say.cutPieces(),
	strand: say.piecesOfStrand(),
	chain: say.piecesInChains(),
	ball: say.balls(),
	stuffing: say.bagsForStuffing(),
	scrap: say.scrap()
};

export const reasonWords: Readonly<Record<MoveReason, string>> = {
	cut: say.cut(),
	joined: say.joinedAndBalled(),
	made: say.madeIntoAMat(),
	given: say.givenAway(),
	counted: say.countedAgain()
};

/** Scrap by its mass, all else as a count. */
export const amountWords = (form: LineForm, amount: number, system: LengthSystem): string =>
	form === 'scrap' ? massWords(amount, system) : wholeNumber(amount);

/** `480 cut pieces`, `1.9 kg of scrap`. */
export const heapWords = (form: LineForm, amount: number, system: LengthSystem): string =>
	`${amountWords(form, amount, system)} ${form === 'scrap' ? say.ofScrap() : formWords[form]}`;
