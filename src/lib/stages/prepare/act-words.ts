import type { LengthSystem } from '$lib/core/units/format-length';
import { wholeNumber } from '$lib/ui/number-words';
import { massWords } from '$lib/ui/unit-words';
import type { ActLine } from './table-view';

const sumOf = (act: ActLine, forms: readonly string[], sign: 1 | -1, holder = 'store') =>
	act.moves
		.filter(
			(move) =>
				forms.includes(move.form) && move.holder === holder && Math.sign(move.amount) === sign
		)
		.reduce((sum, { amount }) => sum + Math.abs(amount), 0);

/** What was done, in a line: what it took and what it gave. */
export function actWords(act: ActLine): string {
	const taken = act.moves.find(({ amount }) => amount < 0);
	const colours = [
		...new Set(act.moves.filter(({ amount }) => amount < 0).map(({ colour }) => colour))
	].join(', ');
	switch (act.type) {
		case 'flatten':
			return `${wholeNumber(sumOf(act, ['bag'], -1))} ${colours} bags laid flat`;
		case 'cut':
			return `${wholeNumber(sumOf(act, ['flat'], -1))} ${colours} bags cut into ${wholeNumber(sumOf(act, ['piece'], 1))} pieces`;
		case 'join':
			return `${wholeNumber(sumOf(act, ['piece'], -1))} ${colours} pieces joined`;
		case 'ball':
			return `${act.code ?? 'A ball'}: ${wholeNumber(sumOf(act, ['strand'], -1))} ${colours} pieces in a ${act.moves.some(({ form }) => form === 'chain') ? 'chain' : 'ball'}`;
		case 'load':
			return `${wholeNumber(sumOf(act, ['piece', 'strand', 'chain'], -1))} ${colours} pieces laid on a loom${act.code ? `: mat ${act.code} begun` : ''}`;
		default:
			return `${taken?.colour ?? ''} pile counted again`.trim();
	}
}

/** The film an act moved, in grams on both sides: what went in and where it is. */
export function filmWords(act: ActLine, system: LengthSystem): string {
	const into = act.moves.filter(({ filmMg }) => filmMg > 0);
	const all = into.reduce((sum, { filmMg }) => sum + filmMg, 0);
	if (all === 0) return '';
	const parts = into.map(
		({ form, filmMg }) => `${massWords(filmMg / 1000, system)} ${filmNouns[form]}`
	);
	return `${massWords(all / 1000, system)} of film: ${parts.join(', ')}`;
}

const filmNouns: Readonly<Record<ActLine['moves'][number]['form'], string>> = {
	bag: 'in bags',
	flat: 'flat',
	piece: 'in pieces',
	strand: 'in strand',
	ball: 'in the ball',
	chain: 'in the chain',
	stuffing: 'for stuffing',
	scrap: 'to scrap'
};
