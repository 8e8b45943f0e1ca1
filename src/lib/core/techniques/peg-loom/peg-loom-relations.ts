import { defaults } from '../../defaults';
import type { Rounding } from '../../factors/rounding';

/** A mat on a peg loom: looped warp, weft beaten close. mm and s; `own` over the craft's. */
export const pegLoomRelations = {
	pegs: (widthMm: number, pitchMm: number, round: Rounding) => round.nearest(widthMm / pitchMm) + 1,
	pegToPegMm: (lengthMm: number, endGapMm: number) => lengthMm + 2 * endGapMm,
	warpStrands: (pegs: number, edgeStrands: number) => pegs + edgeStrands,
	fitShare: (pieces: number, pieceMm: number, pegToPegMm: number) =>
		(pieces * pieceMm) / pegToPegMm,
	widthMm: (pegs: number, pitchMm: number, warpDiameterMm: number) =>
		(pegs - 1) * pitchMm + warpDiameterMm,
	crimp: (warpDiameterMm: number, weftDiameterMm: number, pitchMm: number) =>
		((Math.PI * (warpDiameterMm + weftDiameterMm)) / 2 / (2 * pitchMm)) ** 2 / 4,
	rowPitchMm: (weftDiameterMm: number, pitchPerDiameter: number, own: number) =>
		weftDiameterMm * pitchPerDiameter * own,
	wovenMm: (pegToPegMm: number, endGapMm: number) => pegToPegMm - 2 * endGapMm,
	strandPerRowMm: (widthMm: number, crimp: number, warpDiameterMm: number) =>
		widthMm * (1 + crimp) + defaults.edgeTurn.value * Math.PI * warpDiameterMm,
	warpStrandMm: (warpStrands: number, pieces: number, pieceMm: number) =>
		warpStrands * pieces * pieceMm,
	shortPieceMm: (pegToPegMm: number, pieces: number, pieceMm: number) =>
		pegToPegMm - pieces * pieceMm,
	/** Of all strands of warp together. */
	shortStrandMm: (warpStrands: number, shortPieceMm: number) => warpStrands * shortPieceMm,
	weftStrandMm: (rows: number, strandPerRowMm: number) => rows * strandPerRowMm,
	cover: (weftDiameterMm: number, rowPitchMm: number) => weftDiameterMm / rowPitchMm,
	makeSeconds: (warpStrands: number, rows: number) =>
		warpStrands * defaults.pegLoadStrand.value + rows * warpStrands * defaults.pegCrossing.value
};
