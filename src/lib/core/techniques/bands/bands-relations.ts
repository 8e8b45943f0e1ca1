import { defaults } from '../../defaults';

/** Bands woven with the fingers, each linked into the edge of the one before. mm and s; `own` over the craft's. */
export const bandsRelations = {
	bandWidthMm: (strands: number, loftyDiameterMm: number, own: number) =>
		defaults.bandWidth.value * strands * loftyDiameterMm * own,
	rowPitchMm: (loftyDiameterMm: number, own: number) =>
		defaults.bandRowPitch.value * loftyDiameterMm * own,
	rowsPerBand: (lengthMm: number, rowPitchMm: number) => lengthMm / rowPitchMm,
	warpStrandMm: (strands: number, lengthMm: number, bands: number) =>
		strands * lengthMm * defaults.bandWarpTakeUp.value * bands,
	strandPerRowMm: (bandWidthMm: number, loftyDiameterMm: number) =>
		defaults.bandWeaverWidth.value * bandWidthMm + defaults.bandWeaverEnds.value * loftyDiameterMm,
	weaverStrandMm: (bands: number, rowsPerBand: number, strandPerRowMm: number) =>
		bands * rowsPerBand * strandPerRowMm,
	turnStrandMm: (bands: number, strands: number, loftyDiameterMm: number) =>
		Math.max(0, bands - 1) * (strands + 1) * defaults.bandTurn.value * loftyDiameterMm,
	cover: (
		strandMm: number,
		loftyDiameterMm: number,
		bands: number,
		bandWidthMm: number,
		lengthMm: number
	) => (strandMm * loftyDiameterMm) / (bands * bandWidthMm * lengthMm),
	makeSeconds: (bands: number, rowsPerBand: number, strands: number) =>
		bands * rowsPerBand * (strands + 1) * defaults.bandCrossing.value
};
