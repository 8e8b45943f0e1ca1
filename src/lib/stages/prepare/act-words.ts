import { actWords as say } from '$lib/words/prepare';
import { sumOf } from '$lib/core/model/material-use';
import type { LineForm } from '$lib/core/store/forms';
import type { LengthSystem } from '$lib/core/units/format-length';
import { wholeNumber } from '$lib/ui/number-words';
import { massWords } from '$lib/ui/unit-words';
import type { ActLine } from './table-view';

/** How much of some forms an act took from the store, or put there. */
const movedOf = (act: ActLine, forms: readonly LineForm[], sign: 1 | -1): number =>
	sumOf(
		act.moves.filter(
			({ form, holder, amount }) =>
				forms.includes(form) && holder === 'store' && Math.sign(amount) === sign
		),
		({ amount }) => Math.abs(amount)
	);

/** What was done, in a line: what it took and what it gave. */
export function actWords(act: ActLine): string {
	const colours = [
		...new Set(act.moves.filter(({ amount }) => amount < 0).map(({ colour }) => colour))
	].join(', ');
	switch (act.type) {
		case 'flatten':
			return say.bagsFlattened({ movedOf: wholeNumber(movedOf(act, ['bag'], -1)), colours });
		case 'cut':
			return say.bagsCutIntoPieces({
				movedOf: wholeNumber(movedOf(act, ['flat'], -1)),
				colours,
				movedOf2: wholeNumber(movedOf(act, ['piece'], 1))
			});
		case 'join':
			return say.piecesJoined({ movedOf: wholeNumber(movedOf(act, ['piece'], -1)), colours });
		case 'ball':
			return say.piecesInAIssomeSelect({
				code: act.code ?? say.aBall(),
				movedOf: wholeNumber(movedOf(act, ['strand'], -1)),
				colours,
				isSome: act.moves.some(({ form }) => form === 'chain') ? 'yes' : 'no'
			});
		case 'load':
			return say.piecesPutOnALoom({
				movedOf: wholeNumber(movedOf(act, ['piece', 'strand', 'chain'], -1)),
				colours,
				part: act.code ? say.matStarted({ code: act.code }) : ''
			});
		default:
			return say
				.pileCountedAgain({ colour: act.moves.find(({ amount }) => amount < 0)?.colour ?? '' })
				.trim();
	}
}

/** The film an act moved, in grams on both sides: what went in and where it is. */
export function filmWords(act: ActLine, system: LengthSystem): string {
	const into = act.moves.filter(({ filmMg }) => filmMg > 0);
	const all = sumOf(into, ({ filmMg }) => filmMg);
	if (all === 0) return '';
	const parts = into.map(
		({ form, filmMg }) => `${massWords(filmMg / 1000, system)} ${filmNouns[form]}`
	);
	return say.ofPlastic({ mass: massWords(all / 1000, system), parts: parts.join(', ') });
}

const filmNouns: Readonly<Record<LineForm, string>> = {
	bag: say.inBags(),
	flat: say.flat(),
	piece: say.inPieces(),
	strand: say.inYarn(),
	ball: say.inTheBall(),
	chain: say.inTheChain(),
	stuffing: say.forStuffing(),
	scrap: say.toScrap()
};
