import { defaults } from '../defaults';
import { wholeIn } from '../factors/rounding';

/** From a bag to its pieces. Lengths mm, sections mm², mass g, density g/mm³. */
export const cutRelations = {
	usableHeightMm: (bodyMm: number, trimBottomMm: number, trimTopMm: number) =>
		bodyMm - trimBottomMm - trimTopMm,
	/** A last strip of three quarters of the width or more counts, and is flagged short. */
	countedStrips: (usableMm: number, stripWidthMm: number) =>
		wholeIn(usableMm / stripWidthMm + (1 - defaults.countedShortStrip.value)),
	evenWidthMm: (usableMm: number, strips: number) => usableMm / strips,
	turns: (usableMm: number, stripWidthMm: number) => wholeIn(usableMm / stripWidthMm),
	spiralRunMm: (turns: number, circumferenceMm: number, stripWidthMm: number) =>
		(turns - 1) * Math.sqrt(circumferenceMm ** 2 + stripWidthMm ** 2),
	/** Its tapering ends and its one knot are lost. */
	spiralPieceMm: (runMm: number) => runMm - defaults.spiralEndLoss.value,
	keptTubeWidthMm: (bodyMm: number, trimBottomMm: number, handleMm: number) =>
		bodyMm - trimBottomMm + defaults.keptHandleShare.value * handleMm,
	halfBagReachMm: (bodyMm: number, handleMm: number) =>
		bodyMm + defaults.halfBagHandleShare.value * handleMm,
	halfBagSectionMm2: (massG: number, density: number, reachMm: number) =>
		massG / (2 * density * reachMm),
	sectionMm2: (plies: number, stripWidthMm: number, filmThicknessMm: number) =>
		plies * stripWidthMm * filmThicknessMm,
	ringPieceMm: (circumferenceMm: number, takeUpMm: number) => circumferenceMm / 2 - takeUpMm,
	halfBagPieceMm: (reachMm: number, takeUpMm: number) => reachMm - takeUpMm,
	spunShare: (plies: number) => (1 - defaults.spunShortening.value) / plies,
	spunPieceMm: (pieceMm: number, spunShare: number) => pieceMm * spunShare,
	spunSectionMm2: (sectionMm2: number, spunShare: number) => sectionMm2 / spunShare,
	ownPieceMm: (pieceMm: number, own: number) => pieceMm * own,
	strandPerBagMm: (pieces: number, pieceMm: number) => pieces * pieceMm
};
