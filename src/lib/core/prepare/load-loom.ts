import type { PegLoomMat } from '../techniques/peg-loom/peg-loom-mat';
import { isKnotForbidden, knotsOfStrand, layStrandOf } from '../techniques/peg-loom/lay-strand';
import type { ShortPlace } from '../techniques/peg-loom/lay-strand';

/** What laying one strand after the other on a loom comes to. */
export interface LoomLoad {
	/** Strands of the whole warp, doubled edges among them. */
	readonly strands: number;
	/** Pieces drawn for one strand: a short one is cut from a whole. */
	readonly piecesPerStrand: number;
	/** Strands, from 1, that have a knot too near a peg. */
	readonly jammed: readonly number[];
}

/**
 * The warp of a loom as it is loaded: so many strands of so many pieces, and which of them would
 * have a knot at a peg.
 *
 * @example loadOf({ warpStrands: 30, piecesPerStrand: 4, fit: 'stretch', fitShare: 0.99, pegToPegMm: 1930 }).piecesPerStrand // 4
 */
export function loadOf(
	mat: Pick<PegLoomMat, 'warpStrands' | 'piecesPerStrand' | 'fit' | 'fitShare' | 'pegToPegMm'>,
	place?: ShortPlace
): LoomLoad {
	const laid = layStrandOf(mat, place);
	const jammed: number[] = [];
	for (let nth = 0; nth < mat.warpStrands; nth++)
		if (
			knotsOfStrand(laid, mat.pegToPegMm, nth).some((knot) => isKnotForbidden(knot, mat.pegToPegMm))
		)
			jammed.push(nth + 1);
	return {
		strands: mat.warpStrands,
		piecesPerStrand: mat.piecesPerStrand + (mat.fit === 'add-short' ? 1 : 0),
		jammed
	};
}
