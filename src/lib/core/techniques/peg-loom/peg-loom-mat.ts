import type { Cut } from '../../cut/types';
import { cutRelations } from '../../cut/cut-relations';
import type { CutYield } from '../../cut/yield';
import { defaults } from '../../defaults';
import { positive, within } from '../../domain-error';
import type { Factors } from '../../factors/factors';
import type { Rounding } from '../../factors/rounding';
import { whole } from '../../factors/rounding';
import type { MadeMat, Target } from '../../mat/made-mat';
import { countRelations } from '../../factors/count-relations';
import { pegLoomRelations as relations } from './peg-loom-relations';
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

/** Row pitch by how firmly it is beaten, weft diameters. */
export const pitchPerDiameter: Readonly<Record<WeftPacking, number>> = {
	firm: defaults.rowPitchFirm.value,
	medium: defaults.rowPitchMedium.value,
	loose: defaults.rowPitchLoose.value
};

/**
 * A mat on a peg loom: looped warp, weft beaten close.
 *
 * A loom that stands there gives pegs and length: the size follows from it.
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
	const pegs =
		technique.pegs ?? relations.pegs(positive('widthMm', target.widthMm), pitchMm, round);
	const pegToPegMm = within(
		'pegToPegMm',
		technique.pegToPegMm ?? relations.pegToPegMm(positive('lengthMm', target.lengthMm), endGapMm),
		{ moreThan: 2 * endGapMm }
	);
	const warpStrands = relations.warpStrands(pegs, technique.doubleEdges === false ? 0 : 2);
	const pieceMm = cutRelations.ownPieceMm(warp.pieceLengthMm, factors.pieceLength);
	const piecesPerStrand = countRelations.nearest(pegToPegMm, pieceMm, round);
	const fitShare = relations.fitShare(piecesPerStrand, pieceMm, pegToPegMm);
	const fit = fitOf(fitShare);

	const dWarp = warp.bulkDiameterMm;
	const dWeft = weft.bulkDiameterMm;
	const widthMm = relations.widthMm(pegs, pitchMm, dWarp);
	const crimp = relations.crimp(dWarp, dWeft, pitchMm);
	const rowPitchMm = relations.rowPitchMm(
		dWeft,
		pitchPerDiameter[technique.packing],
		factors.loomPitch
	);
	const rows = countRelations.within(relations.wovenMm(pegToPegMm, endGapMm), rowPitchMm, round);
	const strandPerRowMm = relations.strandPerRowMm(widthMm, crimp, dWarp);
	const warpStrandMm = relations.warpStrandMm(warpStrands, piecesPerStrand, pieceMm);
	const weftStrandMm = relations.weftStrandMm(rows, strandPerRowMm);
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
		shortPieceMm:
			fit === 'add-short' ? relations.shortPieceMm(pegToPegMm, piecesPerStrand, pieceMm) : 0,
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
		cover: relations.cover(dWeft, rowPitchMm),
		thicknessMm: defaults.matThicknessWoven.value * dWarp,
		makeSeconds: relations.makeSeconds(warpStrands, rows)
	};
}
