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
			return `${wholeNumber(movedOf(act, ['bag'], -1))} ${colours} bags laid flat`;
		case 'cut':
			return `${wholeNumber(movedOf(act, ['flat'], -1))} ${colours} bags cut into ${wholeNumber(movedOf(act, ['piece'], 1))} pieces`;
		case 'join':
			return `${wholeNumber(movedOf(act, ['piece'], -1))} ${colours} pieces joined`;
		case 'ball':
			return `${act.code ?? 'A ball'}: ${wholeNumber(movedOf(act, ['strand'], -1))} ${colours} pieces in a ${act.moves.some(({ form }) => form === 'chain') ? 'chain' : 'ball'}`;
		case 'load':
			return `${wholeNumber(movedOf(act, ['piece', 'strand', 'chain'], -1))} ${colours} pieces laid on a loom${act.code ? `: mat ${act.code} begun` : ''}`;
		default:
			return `${act.moves.find(({ amount }) => amount < 0)?.colour ?? ''} pile counted again`.trim();
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
	return `${massWords(all / 1000, system)} of film: ${parts.join(', ')}`;
}

const filmNouns: Readonly<Record<LineForm, string>> = {
	bag: 'in bags',
	flat: 'flat',
	piece: 'in pieces',
	strand: 'in strand',
	ball: 'in the ball',
	chain: 'in the chain',
	stuffing: 'for stuffing',
	scrap: 'to scrap'
};
