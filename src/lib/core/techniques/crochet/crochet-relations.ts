import { defaults } from '../../defaults';

/** A crocheted mat from hook and strand. mm and s; `own` is what the group measured, over the craft's. */
export const crochetRelations = {
	/** A hook smaller than the strand does not shrink the stitch in proportion. */
	sizeMm: (hookMm: number, bulkDiameterMm: number) =>
		defaults.hookShare.value * hookMm +
		defaults.strandShare.value * defaults.strandSizes.value * bulkDiameterMm,
	stitchWidthMm: (sizeMm: number, own: number) => defaults.stitchWidthPerSize.value * sizeMm * own,
	rowHeightMm: (heightPerSize: number, sizeMm: number, own: number) => heightPerSize * sizeMm * own,
	strandPerStitchMm: (strandPerWidth: number, stitchWidthMm: number, own: number) =>
		strandPerWidth * stitchWidthMm * own,
	/** Of foundation and turns, a chain each. */
	edgeMm: (stitchWidthMm: number, chains: number) =>
		defaults.edgeStrand.value * stitchWidthMm * chains,
	strandMm: (stitches: number, rows: number, strandPerStitchMm: number, edgeMm: number) =>
		stitches * rows * strandPerStitchMm + edgeMm,
	edgeChains: (stitches: number, rows: number, turningChains: number) =>
		stitches + rows * turningChains,
	cover: (
		strandPerStitchMm: number,
		bulkDiameterMm: number,
		stitchWidthMm: number,
		rowHeightMm: number
	) => (strandPerStitchMm * bulkDiameterMm) / (stitchWidthMm * rowHeightMm),
	makeSeconds: (stitches: number, rows: number, secondsPerStitch: number) =>
		stitches * rows * secondsPerStitch
};
