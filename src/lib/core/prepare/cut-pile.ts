import type { Bag } from '../bag/measure-bag';
import { measureBag } from '../bag/measure-bag';
import type { CutStyle } from '../cut/types';
import type { CutYield } from '../cut/yield';
import { within } from '../domain-error';

/** How pieces were cut: what never changes of them, whatever becomes of the plan they were cut by. */
export interface CutSnapshot {
	readonly style: CutStyle;
	/** To a tenth of a millimetre. */
	readonly stripWidthMm: number;
	readonly piecesPerBag: number;
	/** Of the film, to a tenth of a micrometre. */
	readonly thicknessUm: number;
	/** Strand one piece adds, to the millimetre, and its film, to the milligram. */
	readonly pieceLengthMm: number;
	readonly pieceG: number;
}

const toTenth = (value: number): number => Math.round(value * 10) / 10;

/**
 * The snapshot of a cut: two cuts that no ruler tells apart have the same.
 *
 * @example snapshotOf(bagPresets[0].bag, cutBag(bagPresets[0].bag, startingPlan.cut)) // { style: 'loops', stripWidthMm: 71.3, piecesPerBag: 4, thicknessUm: 13.1, pieceLengthMm: 439, pieceG: 0.819 }
 */
export const snapshotOf = (bag: Bag, given: CutYield): CutSnapshot => ({
	style: given.style,
	stripWidthMm: toTenth(given.stripWidthMm),
	piecesPerBag: given.pieces,
	thicknessUm: toTenth(measureBag(bag).filmThicknessMm * 1000),
	pieceLengthMm: Math.round(given.pieceLengthMm),
	pieceG: Math.round((given.filmUsedG / given.pieces) * 1000) / 1000
});

/** What becomes of flat bags that are cut. The three masses sum to the film of the bags. */
export interface CutPile {
	/** Good pieces. */
	readonly pieces: number;
	/** Pieces spoiled in the cutting. */
	readonly spoiled: number;
	/** Film of the good pieces, of the spoiled ones, and trimmed off, mg. */
	readonly piecesMg: number;
	readonly spoiledMg: number;
	readonly trimmedMg: number;
}

/**
 * Cuts so many flat bags: pieces as the cut gives them, spoiled ones counted out in whole pieces, and
 * what is trimmed off.
 *
 * @param given what a bag gives under the cut
 * @param bagMassG of one bag of the kind, above 0
 * @param bags whole, 1 or more
 * @param filmMg of these bags, mg, 0 or more
 * @param spoiledShare of the pieces, from 0 to 1
 * @throws DomainError
 * @example cutPile(cutBag(bagPresets[0].bag, startingPlan.cut), 5.2, 20, 104_000, 0.05) // { pieces: 76, spoiled: 4, piecesMg: 62228, spoiledMg: 3275, trimmedMg: 38497 }
 */
export function cutPile(
	given: Pick<CutYield, 'pieces' | 'filmUsedG'>,
	bagMassG: number,
	bags: number,
	filmMg: number,
	spoiledShare: number
): CutPile {
	within('bags', bags, { atLeast: 1, isWhole: true });
	within('filmMg', filmMg, { atLeast: 0 });
	within('spoiledShare', spoiledShare, { atLeast: 0, atMost: 1 });
	const usedShare = given.filmUsedG / within('bagMassG', bagMassG, { moreThan: 0 });
	const all = bags * given.pieces;
	const spoiled = Math.round(all * spoiledShare);
	const usedMg = Math.min(filmMg, Math.round(filmMg * usedShare));
	const piecesMg = Math.round((usedMg * (all - spoiled)) / all);
	return {
		pieces: all - spoiled,
		spoiled,
		piecesMg,
		spoiledMg: usedMg - piecesMg,
		trimmedMg: filmMg - usedMg
	};
}
