import { defaults } from '../../defaults';

/** A mat on a frame: continuous warp, a pair of weft strands round each end. mm and s; `own` over the craft's. */
export const twinedRelations = {
	ofPanels: (panels: number, each: number) => panels * each,
	ownedWidthMm: (nails: number, pitchMm: number) => nails * pitchMm,
	warpMm: (nails: number, lengthMm: number) => 2 * nails * lengthMm,
	/** Cloth off a bolt for strips of a length, m: each strip as long as the bolt is wide, less its joint. */
	clothM: (stripMm: number, boltMm: number) =>
		((stripMm / (boltMm - defaults.slitJointTakeUp.value)) * defaults.clothStrip.value) / 1000,
	rowPitchMm: (weftDiameterMm: number, own: number) =>
		defaults.twinedRowPitch.value * weftDiameterMm * own,
	strandPerRowMm: (widthMm: number, panels: number) =>
		2 * widthMm * defaults.twinedTakeUp.value + panels * defaults.twinedRowEnds.value,
	weftStrandMm: (rows: number, strandPerRowMm: number) => rows * strandPerRowMm,
	cover: (weftDiameterMm: number, rowPitchMm: number) =>
		(2 * defaults.twinedTakeUp.value * weftDiameterMm) / rowPitchMm,
	makeSeconds: (rows: number, nails: number, panels: number) =>
		rows * 2 * (nails + panels) * defaults.twinedCrossing.value
};
