import type { ColourName } from '../colour/colours';
import { colourNames } from '../colour/colours';
import { cutStyles } from '../cut/types';
import { DomainError, isWithin, within } from '../domain-error';
import type { LineForm } from '../store/forms';
import { lineForms } from '../store/forms';
import type { CutPile, CutSnapshot } from './cut-pile';
import { filmShareMg } from './film-share';

/** What a pile is of. */
export interface PileKey {
	readonly kindId: string;
	readonly colour: ColourName;
	readonly form: LineForm;
	/** How its pieces were cut; null before they are, and of scrap. */
	readonly cut: CutSnapshot | null;
}

/** A pile: so many, or so many grams of scrap, and their film in milligrams. */
export interface Pile extends PileKey {
	readonly amount: number;
	readonly filmMg: number;
}

/** So much put on a pile (above nothing) or taken from it (below). */
export type PileMove = Pile;

const cutFigures = [
	'stripWidthMm',
	'piecesPerBag',
	'thicknessUm',
	'pieceLengthMm',
	'pieceG'
] as const;
type CutFigure = (typeof cutFigures)[number];

/**
 * A word for a pile: the same for the same pile, whatever device says it.
 *
 * @example pileWord({ kindId: 'a', colour: 'blue', form: 'piece', cut: { style: 'loops', stripWidthMm: 71.3, piecesPerBag: 4, thicknessUm: 13.1, pieceLengthMm: 439, pieceG: 0.819 } }) // 'a blue piece loops_71.3_4_13.1_439_0.819'
 */
export const pileWord = ({ kindId, colour, form, cut }: PileKey): string =>
	[kindId, colour, form, ...(cut ? [cutWord(cut)] : [])].join(' ');

/**
 * A word for a cut.
 *
 * @example cutWord({ style: 'loops', stripWidthMm: 71.3, piecesPerBag: 4, thicknessUm: 13.1, pieceLengthMm: 439, pieceG: 0.819 }) // 'loops_71.3_4_13.1_439_0.819'
 */
export const cutWord = (cut: CutSnapshot): string =>
	[cut.style, ...cutFigures.map((figure) => cut[figure])].join('_');

/**
 * The cut that a word stands for; null where it stands for none.
 *
 * @example cutOfWord('loops_71.3_4_13.1_439_0.819')?.piecesPerBag // 4
 */
export function cutOfWord(word: string): CutSnapshot | null {
	const [style, ...figures] = word.split('_');
	const found = cutStyles.find((one) => one === style);
	const values = Object.fromEntries(
		cutFigures.map((figure, at) => [figure, Number(figures[at])])
	) as Record<CutFigure, number>;
	const isCut =
		figures.length === cutFigures.length &&
		cutFigures.every((figure) => isWithin(values[figure], { moreThan: 0, atMost: 100_000 })) &&
		Number.isInteger(values.piecesPerBag);
	return found && isCut ? { style: found, ...values } : null;
}

/**
 * The pile that a word stands for; null where it stands for none.
 *
 * @example pileOfWord('a blue flat') // { kindId: 'a', colour: 'blue', form: 'flat', cut: null }
 */
export function pileOfWord(word: string): PileKey | null {
	const [kindId = '', colourWord, formWord, cutWords, ...more] = word.split(' ');
	const colour = colourNames.find((one) => one === colourWord);
	const form = lineForms.find((one) => one === formWord);
	const cut = cutWords === undefined ? null : cutOfWord(cutWords);
	const isPile = kindId !== '' && more.length === 0 && (cutWords === undefined || cut !== null);
	return isPile && colour && form ? { kindId, colour, form, cut } : null;
}

/** So much of a pile in the form it is put down in, with its share of the film. */
function taken(pile: Pile, amount: number): { out: PileMove; filmMg: number } {
	const filmMg = filmShareMg(pile.filmMg, pile.amount, amount);
	return { out: { ...pile, amount: -amount, filmMg: -filmMg }, filmMg };
}

/**
 * Bags laid flat: as many as were taken.
 *
 * @throws DomainError where the pile has not so many
 * @example flattenMoves({ kindId: 'a', colour: 'blue', form: 'bag', cut: null, amount: 30, filmMg: 156_000 }, 20).map(({ amount, filmMg }) => [amount, filmMg]) // [[-20, -104000], [20, 104000]]
 */
export function flattenMoves(bags: Pile, count: number): PileMove[] {
	within('count', count, { atLeast: 1, isWhole: true });
	const { out, filmMg } = taken(bags, count);
	return [out, { ...bags, form: 'flat', amount: count, filmMg }];
}

/**
 * Flat bags cut: pieces, and what is trimmed off and spoiled as scrap, in grams.
 *
 * @param cutting what becomes of so many bags with so much film
 * @throws DomainError where the pile has not so many
 * @example cutMoves({ kindId: 'a', colour: 'blue', form: 'flat', cut: null, amount: 20, filmMg: 104_000 }, 20, { style: 'loops', stripWidthMm: 71.3, piecesPerBag: 4, thicknessUm: 13.1, pieceLengthMm: 439, pieceG: 0.819 }, () => ({ pieces: 80, spoiled: 0, piecesMg: 65_503, spoiledMg: 0, trimmedMg: 38_497 })).map(({ form, amount }) => [form, amount]) // [['flat', -20], ['piece', 80], ['scrap', 38.497]]
 */
export function cutMoves(
	flat: Pile,
	count: number,
	cut: CutSnapshot,
	cutting: (filmMg: number) => CutPile
): PileMove[] {
	within('count', count, { atLeast: 1, isWhole: true });
	const { out, filmMg } = taken(flat, count);
	const { pieces, piecesMg, spoiledMg, trimmedMg } = cutting(filmMg);
	const scrapMg = spoiledMg + trimmedMg;
	const moves: PileMove[] = [
		out,
		{ ...flat, form: 'piece', cut, amount: pieces, filmMg: piecesMg },
		{ ...flat, form: 'scrap', amount: scrapMg / 1000, filmMg: scrapMg }
	];
	return moves.filter(({ amount, filmMg: mg }) => amount !== 0 || mg !== 0);
}

/**
 * Pieces joined into a strand, which is counted in its pieces.
 *
 * @throws DomainError where the pile has not so many
 * @example joinMoves({ kindId: 'a', colour: 'blue', form: 'piece', cut: null, amount: 4, filmMg: 3275 }, 3).map(({ form, filmMg }) => [form, filmMg]) // [['piece', -2456], ['strand', 2456]]
 */
export function joinMoves(pieces: Pile, count: number): PileMove[] {
	within('count', count, { atLeast: 1, isWhole: true });
	const { out, filmMg } = taken(pieces, count);
	return [out, { ...pieces, form: 'strand', amount: count, filmMg }];
}

/** So many pieces of a strand. */
export interface TakenStrand {
	readonly pile: Pile;
	readonly pieces: number;
}

/**
 * The colour a ball of some strands is of: their own where it is one, else mixed.
 *
 * @example [ballColour(['blue']), ballColour(['blue', 'white'])] // ['blue', 'mixed']
 */
export function ballColour(colours: readonly ColourName[]): ColourName {
	const [first, ...others] = new Set(colours);
	return first && others.length === 0 ? first : 'mixed';
}

/**
 * Strand wound into one ball, or laid as one chain, in the order it is wound: of one colour, or mixed.
 * A chain is counted in its pieces, as the strand it is of.
 *
 * @param strands all of one kind and one cut
 * @throws DomainError where there is none, they differ, or a pile has not so much
 * @example ballMoves([{ pile: { kindId: 'a', colour: 'blue', form: 'strand', cut: null, amount: 80, filmMg: 65_503 }, pieces: 80 }], 'ball').map(({ form, amount }) => [form, amount]) // [['strand', -80], ['ball', 1]]
 */
export function ballMoves(strands: readonly TakenStrand[], as: 'ball' | 'chain'): PileMove[] {
	const [first, ...others] = strands;
	if (!first) throw new DomainError('strands', 0, { atLeast: 1 });
	const isOther = ({ pile }: TakenStrand) =>
		pile.kindId !== first.pile.kindId ||
		(pile.cut && cutWord(pile.cut)) !== (first.pile.cut && cutWord(first.pile.cut));
	if (others.some(isOther)) throw new DomainError('strands', strands.length, { atMost: 1 });
	const outs = strands.map(({ pile, pieces }) => {
		within('pieces', pieces, { atLeast: 1, isWhole: true });
		return taken(pile, pieces);
	});
	const pieces = strands.reduce((sum, strand) => sum + strand.pieces, 0);
	return [
		...outs.map(({ out }) => out),
		{
			...first.pile,
			colour: ballColour(strands.map(({ pile }) => pile.colour)),
			form: as,
			amount: as === 'ball' ? 1 : pieces,
			filmMg: outs.reduce((sum, { filmMg }) => sum + filmMg, 0)
		}
	];
}

/**
 * The piles after some moves; a pile that is used up is gone.
 *
 * @throws DomainError where a pile would go below nothing
 * @example pilesAfter([{ kindId: 'a', colour: 'blue', form: 'bag', cut: null, amount: 3, filmMg: 15_600 }], [{ kindId: 'a', colour: 'blue', form: 'bag', cut: null, amount: -3, filmMg: -15_600 }]) // []
 */
export function pilesAfter(piles: readonly Pile[], moves: readonly PileMove[]): Pile[] {
	const after = new Map(piles.map((pile) => [pileWord(pile), pile]));
	for (const move of moves) {
		const word = pileWord(move);
		const before = after.get(word);
		// Grams of scrap are whole milligrams: their sum is, too.
		const amount = Math.round(((before?.amount ?? 0) + move.amount) * 1000) / 1000;
		within('amount', amount, { atLeast: 0 });
		const filmMg = (before?.filmMg ?? 0) + move.filmMg;
		if (amount === 0 && filmMg === 0) after.delete(word);
		else after.set(word, { ...move, amount, filmMg });
	}
	return [...after.values()];
}
