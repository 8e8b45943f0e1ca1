import type { Cut } from '../../cut/types';
import type { CutYield } from '../../cut/yield';
import { defaults } from '../../defaults';
import { positive, within } from '../../domain-error';
import type { Factors } from '../../factors/factors';
import type { Rounding } from '../../factors/rounding';
import { whole } from '../../factors/rounding';
import type { MadeMat, Target } from '../../mat/made-mat';
import type { Fit, ShortPlace } from './lay-strand';
import { fitOf } from './lay-strand';

/** How firmly each row is beaten. */
export type WeftPacking = 'firm' | 'medium' | 'loose';
export const packings = ['firm', 'medium', 'loose'] as const;

export interface PegLoomTechnique {
	readonly kind: 'peg-loom';
	readonly pitchMm: number;
	/** Pegs at each end of the loom that stands there; as many as the target needs if not given. */
	readonly pegs?: number | undefined;
	/** From the pegs of one end to those of the other, of that loom, mm; as the target needs if not given. */
	readonly pegToPegMm?: number | undefined;
	/** Clear gap at both ends for finishing, mm; 25 if not given. */
	readonly endGapMm?: number | undefined;
	readonly packing: WeftPacking;
	/** Both outermost strands doubled, for a firm edge; they are if not said. */
	readonly doubleEdges?: boolean | undefined;
	/** How the weft is cut; narrower than the warp. */
	readonly weftCut: Cut;
	/** Where a short piece of warp lies in its strand. */
	readonly shortPiece?: ShortPlace | undefined;
	/** Woven from one end, or from both until the ends meet. */
	readonly ends?: 'one' | 'both' | undefined;
	/** From both ends: whether the far weaver's first pass goes over or under at their own left hand. */
	readonly farFirstPass?: 'over' | 'under' | undefined;
}

export interface PegLoomMat extends MadeMat {
	readonly kind: 'peg-loom';
	readonly pegs: number;
	readonly pitchMm: number;
	readonly endGapMm: number;
	readonly pegToPegMm: number;
	/** Strands of warp, doubled edges counted. */
	readonly warpStrands: number;
	/** Whole pieces from peg to peg. */
	readonly piecesPerStrand: number;
	readonly fitShare: number;
	readonly fit: Fit;
	/** A short piece each strand needs beside its whole ones, mm at rest; 0 for none. */
	readonly shortPieceMm: number;
	readonly crimp: number;
	readonly rowPitchMm: number;
	readonly strandPerRowMm: number;
	readonly warpStrandMm: number;
	readonly weftStrandMm: number;
	readonly warpDiameterMm: number;
	readonly weftDiameterMm: number;
}

const rowPitchOf: Readonly<Record<WeftPacking, number>> = {
	firm: defaults.rowPitchFirm.value,
	medium: defaults.rowPitchMedium.value,
	loose: defaults.rowPitchLoose.value
};

/**
 * A mat on a peg loom: looped warp, weft beaten close.
 *
 * `P = round(W/p) + 1`, `Lp = L + 2 gap`, `Nw = P + 2`, `width = (P − 1) p + d_warp`,
 * crimp `((π (d_warp + d_weft)/2) / 2p)² / 4`, row pitch `q = d_weft × 0.58, 0.75 or 1`,
 * `R = floor((Lp − 2 gap)/q)`. A loom that stands there gives P and Lp: the size follows from it. Weft `R (width (1 + c) + 0.75 π d_warp)`, cover `d_weft / q`.
 *
 * @param warp what a bag gives cut for warp
 * @param weft what a bag gives cut for weft
 * @throws DomainError
 * @source bench default
 * @example pegLoomMat({ widthMm: 850, lengthMm: 1850 }, { kind: 'peg-loom', pitchMm: 25, packing: 'firm', weftCut: startingPlan.cut }, cutBag(bagPresets[0].bag, startingPlan.cut), cutBag(bagPresets[0].bag, startingPlan.cut), noFactors).rows // 923
 */
export function pegLoomMat(
	target: Target,
	technique: PegLoomTechnique,
	warp: CutYield,
	weft: CutYield,
	factors: Factors,
	round: Rounding = whole
): PegLoomMat {
	const pitchMm = positive('pitchMm', technique.pitchMm);
	const endGapMm = within('endGapMm', technique.endGapMm ?? defaults.pegEndGap.value, {
		atLeast: 0
	});
	const pegs = technique.pegs ?? round.nearest(positive('widthMm', target.widthMm) / pitchMm) + 1;
	const pegToPegMm = within(
		'pegToPegMm',
		technique.pegToPegMm ?? positive('lengthMm', target.lengthMm) + 2 * endGapMm,
		{ moreThan: 2 * endGapMm }
	);
	const warpStrands = pegs + (technique.doubleEdges === false ? 0 : 2);
	const pieceMm = warp.pieceLengthMm * factors.pieceLength;
	const piecesPerStrand = Math.max(1, round.nearest(pegToPegMm / pieceMm));
	const fitShare = (piecesPerStrand * pieceMm) / pegToPegMm;
	const fit = fitOf(fitShare);

	const dWarp = warp.bulkDiameterMm;
	const dWeft = weft.bulkDiameterMm;
	const widthMm = (pegs - 1) * pitchMm + dWarp;
	const crimp = ((Math.PI * (dWarp + dWeft)) / 2 / (2 * pitchMm)) ** 2 / 4;
	const rowPitchMm = dWeft * rowPitchOf[technique.packing] * factors.loomPitch;
	const rows = Math.max(1, round.down((pegToPegMm - 2 * endGapMm) / rowPitchMm));
	const strandPerRowMm = widthMm * (1 + crimp) + defaults.edgeTurn.value * dWarp;
	const warpStrandMm = warpStrands * piecesPerStrand * pieceMm;
	const weftStrandMm = rows * strandPerRowMm;
	return {
		kind: 'peg-loom',
		pegs,
		pitchMm,
		endGapMm,
		pegToPegMm,
		warpStrands,
		piecesPerStrand,
		fitShare,
		fit,
		shortPieceMm: fit === 'add-short' ? pegToPegMm - piecesPerStrand * pieceMm : 0,
		crimp,
		rowPitchMm,
		strandPerRowMm,
		warpStrandMm,
		weftStrandMm,
		warpDiameterMm: dWarp,
		weftDiameterMm: dWeft,
		strandMm: warpStrandMm + weftStrandMm,
		widthMm,
		lengthMm: rows * rowPitchMm,
		rows,
		cover: dWeft / rowPitchMm,
		thicknessMm: defaults.matThicknessWoven.value * dWarp,
		makeSeconds:
			warpStrands * defaults.pegLoadStrand.value + rows * warpStrands * defaults.pegCrossing.value
	};
}
