import { cutWord as say } from '$lib/words/common';
import type { CutSnapshot } from '../../core/prepare/cut-pile';
import { cutOfWord } from '../../core/prepare/piles';
import type { FormReader } from '../form-reader';

const none: CutSnapshot = {
	style: 'loops',
	stripWidthMm: NaN,
	piecesPerBag: NaN,
	thicknessUm: NaN,
	pieceLengthMm: NaN,
	pieceG: NaN
};

/** Which cut a pile is of, by its word. */
export function readCutWord(read: FormReader): CutSnapshot {
	const cut = cutOfWord(read.raw('cut'));
	if (!cut) read.problems.cut = say.chooseOneOfThePiles();
	return cut ?? none;
}
