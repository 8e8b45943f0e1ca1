import { defaults } from '../../defaults';
import { positive } from '../../domain-error';

/** Whether the pieces stretch to fit from peg to peg, or one must be added short or shortened. */
export type Fit = 'stretch' | 'add-short' | 'shorten-one';
/** Where a short piece lies in its strand: at the end, where its knot may meet the peg, or between others. */
export type ShortPlace = 'end' | 'middle';

export interface LaidStrand {
	/** Whole pieces chosen for the strand. */
	readonly pieces: number;
	/** Their length at rest over peg to peg. */
	readonly fitShare: number;
	readonly fit: Fit;
	/** Length of every piece from the first peg to the other, mm; they sum to peg to peg. */
	readonly lengthsMm: readonly number[];
	/** Where the knots fall, mm from the first peg. */
	readonly knotsMm: readonly number[];
}

/**
 * One warp strand from peg to peg: `nl = max(1, round(Lp / L))`, `fit = nl L / Lp`. From 0.97 to
 * 1.06 all pieces stretch (or slacken) alike; less takes a short piece more; more shortens one.
 *
 * @param pegToPegMm above 0
 * @param pieceMm strand one piece adds, above 0
 * @throws DomainError
 * @source bench default for the limits of the fit
 * @example layStrand(1930, 480) // { pieces: 4, fitShare: 0.99482, fit: 'stretch', lengthsMm: [482.5, 482.5, 482.5, 482.5], knotsMm: [482.5, 965, 1447.5] }
 */
export function layStrand(
	pegToPegMm: number,
	pieceMm: number,
	place: ShortPlace = 'end'
): LaidStrand {
	positive('pegToPegMm', pegToPegMm);
	positive('pieceMm', pieceMm);
	const pieces = Math.max(1, Math.round(pegToPegMm / pieceMm));
	const fitShare = (pieces * pieceMm) / pegToPegMm;
	const fit = fitOf(fitShare);
	const whole = fit === 'shorten-one' ? pieces - 1 : pieces;
	const lengths =
		fit === 'stretch'
			? Array<number>(pieces).fill(pegToPegMm / pieces)
			: withShort(whole, pieceMm, pegToPegMm - whole * pieceMm, place);
	const knotsMm: number[] = [];
	let at = 0;
	for (const length of lengths.slice(0, -1)) knotsMm.push((at += length));
	return { pieces, fitShare, fit, lengthsMm: lengths, knotsMm };
}

/**
 * The strands of a loom's mat as they are laid: what its whole pieces come to is known from their fit.
 *
 * @example layStrandOf({ pegToPegMm: 1930, fitShare: 0.83, piecesPerStrand: 4 }, 'middle').knotsMm // [386, 772, 1158, 1544]
 */
export const layStrandOf = (
	mat: { readonly pegToPegMm: number; readonly fitShare: number; readonly piecesPerStrand: number },
	place?: ShortPlace
): LaidStrand =>
	layStrand(mat.pegToPegMm, (mat.fitShare * mat.pegToPegMm) / mat.piecesPerStrand, place);

/**
 * How whole pieces of so much of peg to peg are made to fit.
 *
 * @example [fitOf(0.97), fitOf(0.9), fitOf(1.04)] // ['stretch', 'add-short', 'stretch']
 */
export function fitOf(fitShare: number): Fit {
	if (fitShare < defaults.fitLeast.value) return 'add-short';
	return fitShare > defaults.fitMost.value ? 'shorten-one' : 'stretch';
}

function withShort(whole: number, pieceMm: number, shortMm: number, place: ShortPlace): number[] {
	const lengths = Array<number>(whole).fill(pieceMm);
	lengths.splice(place === 'middle' ? Math.ceil(whole / 2) : whole, 0, shortMm);
	return lengths;
}

/**
 * The knots of strand `j` (from 0): every other strand is laid from the far end, so that knots do
 * not lie side by side. In mm from the near end.
 * @example knotsOfStrand(layStrand(1930, 480), 1930, 2) // [482.5, 965, 1447.5]
 */
export const knotsOfStrand = (laid: LaidStrand, pegToPegMm: number, j: number): number[] =>
	j % 2 === 0 ? [...laid.knotsMm] : laid.knotsMm.map((knot) => pegToPegMm - knot).reverse();

/**
 * Whether a knot lies too near a peg, where it jams when the mat comes off.
 *
 * @example [isKnotForbidden(20, 1930), isKnotForbidden(900, 1930)] // [true, false]
 */
export const isKnotForbidden = (knotMm: number, pegToPegMm: number): boolean =>
	Math.min(knotMm, pegToPegMm - knotMm) < defaults.knotFreeEnd.value;
