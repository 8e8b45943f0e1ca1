import { defaults } from '../defaults';
import type { Sign } from './sign';
import { factor, sign, tidy, whole } from './sign';

/** Every relation of the core as one would write it by hand. Made by `npm run relations`: change the relation. */
export const written = {
	/** Of bag/bag-relations.ts. */
	bag: {
		circumferenceMm: (flatWidthMm: Sign, gussetMm: Sign) =>
			tidy(`2 * ${factor(flatWidthMm)} + 4 * ${factor(gussetMm)}`),
		filmAreaMm2: (circumferenceMm: Sign, bodyMm: Sign, handleMm: Sign) =>
			tidy(
				`${factor(circumferenceMm)} * (${sign(bodyMm)} + ${sign(defaults.handleFilmShare.value)} * ${factor(handleMm)})`
			),
		filmThicknessMm: (massG: Sign, density: Sign, filmAreaMm2: Sign) =>
			tidy(`${factor(massG)} / (${factor(density)} * ${factor(filmAreaMm2)})`)
	},
	/** Of cut/cut-relations.ts. */
	cut: {
		usableHeightMm: (bodyMm: Sign, trimBottomMm: Sign, trimTopMm: Sign) =>
			tidy(`${sign(bodyMm)} - ${factor(trimBottomMm)} - ${factor(trimTopMm)}`),
		countedStrips: (usableMm: Sign, stripWidthMm: Sign) =>
			tidy(
				`floor(${factor(usableMm)} / ${whole(stripWidthMm)} + 1 - ${sign(defaults.countedShortStrip.value)})`
			),
		evenWidthMm: (usableMm: Sign, strips: Sign) => tidy(`${factor(usableMm)} / ${whole(strips)}`),
		turns: (usableMm: Sign, stripWidthMm: Sign) =>
			tidy(`floor(${factor(usableMm)} / ${whole(stripWidthMm)})`),
		spiralRunMm: (turns: Sign, circumferenceMm: Sign, stripWidthMm: Sign) =>
			tidy(
				`(${sign(turns)} - 1) * sqrt(${whole(circumferenceMm)} ** 2 + ${whole(stripWidthMm)} ** 2)`
			),
		spiralPieceMm: (runMm: Sign) => tidy(`${sign(runMm)} - ${sign(defaults.spiralEndLoss.value)}`),
		keptTubeWidthMm: (bodyMm: Sign, trimBottomMm: Sign, handleMm: Sign) =>
			tidy(
				`${sign(bodyMm)} - ${factor(trimBottomMm)} + ${sign(defaults.keptHandleShare.value)} * ${factor(handleMm)}`
			),
		halfBagReachMm: (bodyMm: Sign, handleMm: Sign) =>
			tidy(`${sign(bodyMm)} + ${sign(defaults.halfBagHandleShare.value)} * ${factor(handleMm)}`),
		halfBagSectionMm2: (massG: Sign, density: Sign, reachMm: Sign) =>
			tidy(`${factor(massG)} / (2 * ${factor(density)} * ${factor(reachMm)})`),
		sectionMm2: (plies: Sign, stripWidthMm: Sign, filmThicknessMm: Sign) =>
			tidy(`${factor(plies)} * ${factor(stripWidthMm)} * ${factor(filmThicknessMm)}`),
		ringPieceMm: (circumferenceMm: Sign, takeUpMm: Sign) =>
			tidy(`${factor(circumferenceMm)} / 2 - ${factor(takeUpMm)}`),
		halfBagPieceMm: (reachMm: Sign, takeUpMm: Sign) =>
			tidy(`${sign(reachMm)} - ${factor(takeUpMm)}`),
		spunShare: (plies: Sign) =>
			tidy(`(1 - ${sign(defaults.spunShortening.value)}) / ${whole(plies)}`),
		spunPieceMm: (pieceMm: Sign, spunShare: Sign) =>
			tidy(`${factor(pieceMm)} * ${factor(spunShare)}`),
		spunSectionMm2: (sectionMm2: Sign, spunShare: Sign) =>
			tidy(`${factor(sectionMm2)} / ${whole(spunShare)}`),
		ownPieceMm: (pieceMm: Sign, own: Sign) => tidy(`${factor(pieceMm)} * ${factor(own)}`),
		strandPerBagMm: (pieces: Sign, pieceMm: Sign) => tidy(`${factor(pieces)} * ${factor(pieceMm)}`)
	},
	/** Of factors/count-relations.ts. */
	count: {
		nearest: (lengthMm: Sign, eachMm: Sign) =>
			tidy(`max(1, round(${factor(lengthMm)} / ${whole(eachMm)}))`),
		within: (lengthMm: Sign, eachMm: Sign) =>
			tidy(`max(1, floor(${factor(lengthMm)} / ${whole(eachMm)}))`)
	},
	/** Of joint/joint-relations.ts. */
	joint: {
		takeUpMm: (diameters: Sign, workedDiameterMm: Sign, fixedMm: Sign) =>
			tidy(`${factor(diameters)} * ${factor(workedDiameterMm)} + ${sign(fixedMm)}`)
	},
	/** Of model/work-relations.ts. */
	work: {
		bagsFor: (strandMm: Sign, strandPerBagMm: Sign) =>
			tidy(`${factor(strandMm)} / ${whole(strandPerBagMm)}`),
		piecesJoined: (bags: Sign, piecesPerBag: Sign) =>
			tidy(`${factor(bags)} * ${factor(piecesPerBag)}`),
		warpJoints: (warpStrands: Sign, pieces: Sign) =>
			tidy(`max(0, ${factor(warpStrands)} * ${factor(pieces)} - ${factor(warpStrands)})`),
		toPrepare: (bags: Sign, spoiledShare: Sign) =>
			tidy(`${factor(bags)} / (1 - ${factor(spoiledShare)})`),
		toCollect: (toPrepare: Sign, rejectedShare: Sign) =>
			tidy(`${factor(toPrepare)} / (1 - ${factor(rejectedShare)})`),
		keptG: (bags: Sign, filmPerBagG: Sign) => tidy(`${factor(bags)} * ${factor(filmPerBagG)}`),
		balls: (bags: Sign, bagsPerBall: Sign) => tidy(`${factor(bags)} / ${whole(bagsPerBall)}`),
		cutSeconds: (bags: Sign, secondsPerBag: Sign) =>
			tidy(`${factor(bags)} * ${factor(secondsPerBag)}`),
		spinSeconds: (strandMm: Sign) =>
			tidy(`${factor(strandMm)} / 1000 * ${sign(defaults.spinMetre.value)}`),
		flatten: (toPrepare: Sign, own: Sign) =>
			tidy(`${factor(toPrepare)} * ${sign(defaults.flatten.value)} * ${factor(own)}`),
		cut: (cutSeconds: Sign, spoiledShare: Sign, own: Sign) =>
			tidy(`${factor(cutSeconds)} / (1 - ${factor(spoiledShare)}) * ${factor(own)}`),
		join: (joints: Sign, secondsPerJoint: Sign, spinSeconds: Sign, own: Sign) =>
			tidy(
				`(${factor(joints)} * ${factor(secondsPerJoint)} + ${sign(spinSeconds)}) * ${factor(own)}`
			),
		ball: (balls: Sign, own: Sign) =>
			tidy(`${factor(balls)} * ${sign(defaults.ball.value)} * ${factor(own)}`),
		make: (makeSeconds: Sign, own: Sign) => tidy(`${factor(makeSeconds)} * ${factor(own)}`),
		finish: (own: Sign) => tidy(`${sign(defaults.finishMat.value)} * ${factor(own)}`),
		check: (own: Sign) => tidy(`${sign(defaults.checkMat.value)} * ${factor(own)}`),
		roll: (own: Sign) => tidy(`${sign(defaults.rollMat.value)} * ${factor(own)}`)
	},
	/** Of strand/strand-relations.ts. */
	strand: {
		bulkDiameterMm: (solidSectionMm2: Sign, packing: Sign) =>
			tidy(`2 * sqrt(${factor(solidSectionMm2)} / (π * ${factor(packing)}))`)
	},
	/** Of techniques/bands/bands-relations.ts. */
	bands: {
		bandWidthMm: (strands: Sign, loftyDiameterMm: Sign, own: Sign) =>
			tidy(
				`${sign(defaults.bandWidth.value)} * ${factor(strands)} * ${factor(loftyDiameterMm)} * ${factor(own)}`
			),
		rowPitchMm: (loftyDiameterMm: Sign, own: Sign) =>
			tidy(`${sign(defaults.bandRowPitch.value)} * ${factor(loftyDiameterMm)} * ${factor(own)}`),
		rowsPerBand: (lengthMm: Sign, rowPitchMm: Sign) =>
			tidy(`${factor(lengthMm)} / ${whole(rowPitchMm)}`),
		warpStrandMm: (strands: Sign, lengthMm: Sign, bands: Sign) =>
			tidy(
				`${factor(strands)} * ${factor(lengthMm)} * ${sign(defaults.bandWarpTakeUp.value)} * ${factor(bands)}`
			),
		strandPerRowMm: (bandWidthMm: Sign, loftyDiameterMm: Sign) =>
			tidy(
				`${sign(defaults.bandWeaverWidth.value)} * ${factor(bandWidthMm)} + ${sign(defaults.bandWeaverEnds.value)} * ${factor(loftyDiameterMm)}`
			),
		weaverStrandMm: (bands: Sign, rowsPerBand: Sign, strandPerRowMm: Sign) =>
			tidy(`${factor(bands)} * ${factor(rowsPerBand)} * ${factor(strandPerRowMm)}`),
		turnStrandMm: (bands: Sign, strands: Sign, loftyDiameterMm: Sign) =>
			tidy(
				`max(0, ${sign(bands)} - 1) * (${sign(strands)} + 1) * ${sign(defaults.bandTurn.value)} * ${factor(loftyDiameterMm)}`
			),
		cover: (
			strandMm: Sign,
			loftyDiameterMm: Sign,
			bands: Sign,
			bandWidthMm: Sign,
			lengthMm: Sign
		) =>
			tidy(
				`${factor(strandMm)} * ${factor(loftyDiameterMm)} / (${factor(bands)} * ${factor(bandWidthMm)} * ${factor(lengthMm)})`
			),
		makeSeconds: (bands: Sign, rowsPerBand: Sign, strands: Sign) =>
			tidy(
				`${factor(bands)} * ${factor(rowsPerBand)} * (${sign(strands)} + 1) * ${sign(defaults.bandCrossing.value)}`
			)
	},
	/** Of techniques/crochet/crochet-relations.ts. */
	crochet: {
		sizeMm: (hookMm: Sign, bulkDiameterMm: Sign) =>
			tidy(
				`${sign(defaults.hookShare.value)} * ${factor(hookMm)} + ${sign(defaults.strandShare.value)} * ${sign(defaults.strandSizes.value)} * ${factor(bulkDiameterMm)}`
			),
		stitchWidthMm: (sizeMm: Sign, own: Sign) =>
			tidy(`${sign(defaults.stitchWidthPerSize.value)} * ${factor(sizeMm)} * ${factor(own)}`),
		rowHeightMm: (heightPerSize: Sign, sizeMm: Sign, own: Sign) =>
			tidy(`${factor(heightPerSize)} * ${factor(sizeMm)} * ${factor(own)}`),
		strandPerStitchMm: (strandPerWidth: Sign, stitchWidthMm: Sign, own: Sign) =>
			tidy(`${factor(strandPerWidth)} * ${factor(stitchWidthMm)} * ${factor(own)}`),
		edgeMm: (stitchWidthMm: Sign, chains: Sign) =>
			tidy(`${sign(defaults.edgeStrand.value)} * ${factor(stitchWidthMm)} * ${factor(chains)}`),
		strandMm: (stitches: Sign, rows: Sign, strandPerStitchMm: Sign, edgeMm: Sign) =>
			tidy(
				`${factor(stitches)} * ${factor(rows)} * ${factor(strandPerStitchMm)} + ${sign(edgeMm)}`
			),
		edgeChains: (stitches: Sign, rows: Sign, turningChains: Sign) =>
			tidy(`${sign(stitches)} + ${factor(rows)} * ${factor(turningChains)}`),
		cover: (
			strandPerStitchMm: Sign,
			bulkDiameterMm: Sign,
			stitchWidthMm: Sign,
			rowHeightMm: Sign
		) =>
			tidy(
				`${factor(strandPerStitchMm)} * ${factor(bulkDiameterMm)} / (${factor(stitchWidthMm)} * ${factor(rowHeightMm)})`
			),
		makeSeconds: (stitches: Sign, rows: Sign, secondsPerStitch: Sign) =>
			tidy(`${factor(stitches)} * ${factor(rows)} * ${factor(secondsPerStitch)}`)
	},
	/** Of techniques/peg-loom/peg-loom-relations.ts. */
	pegLoom: {
		pegs: (widthMm: Sign, pitchMm: Sign) =>
			tidy(`round(${factor(widthMm)} / ${whole(pitchMm)}) + 1`),
		pegToPegMm: (lengthMm: Sign, endGapMm: Sign) =>
			tidy(`${sign(lengthMm)} + 2 * ${factor(endGapMm)}`),
		warpStrands: (pegs: Sign, edgeStrands: Sign) => tidy(`${sign(pegs)} + ${sign(edgeStrands)}`),
		fitShare: (pieces: Sign, pieceMm: Sign, pegToPegMm: Sign) =>
			tidy(`${factor(pieces)} * ${factor(pieceMm)} / ${whole(pegToPegMm)}`),
		widthMm: (pegs: Sign, pitchMm: Sign, warpDiameterMm: Sign) =>
			tidy(`(${sign(pegs)} - 1) * ${factor(pitchMm)} + ${sign(warpDiameterMm)}`),
		crimp: (warpDiameterMm: Sign, weftDiameterMm: Sign, pitchMm: Sign) =>
			tidy(
				`(π * (${sign(warpDiameterMm)} + ${sign(weftDiameterMm)}) / 2 / (2 * ${factor(pitchMm)})) ** 2 / 4`
			),
		rowPitchMm: (weftDiameterMm: Sign, pitchPerDiameter: Sign, own: Sign) =>
			tidy(`${factor(weftDiameterMm)} * ${factor(pitchPerDiameter)} * ${factor(own)}`),
		wovenMm: (pegToPegMm: Sign, endGapMm: Sign) =>
			tidy(`${sign(pegToPegMm)} - 2 * ${factor(endGapMm)}`),
		strandPerRowMm: (widthMm: Sign, crimp: Sign, warpDiameterMm: Sign) =>
			tidy(
				`${factor(widthMm)} * (1 + ${sign(crimp)}) + ${sign(defaults.edgeTurn.value)} * π * ${factor(warpDiameterMm)}`
			),
		warpStrandMm: (warpStrands: Sign, pieces: Sign, pieceMm: Sign) =>
			tidy(`${factor(warpStrands)} * ${factor(pieces)} * ${factor(pieceMm)}`),
		shortPieceMm: (pegToPegMm: Sign, pieces: Sign, pieceMm: Sign) =>
			tidy(`${sign(pegToPegMm)} - ${factor(pieces)} * ${factor(pieceMm)}`),
		shortStrandMm: (warpStrands: Sign, shortPieceMm: Sign) =>
			tidy(`${factor(warpStrands)} * ${factor(shortPieceMm)}`),
		weftStrandMm: (rows: Sign, strandPerRowMm: Sign) =>
			tidy(`${factor(rows)} * ${factor(strandPerRowMm)}`),
		cover: (weftDiameterMm: Sign, rowPitchMm: Sign) =>
			tidy(`${factor(weftDiameterMm)} / ${whole(rowPitchMm)}`),
		makeSeconds: (warpStrands: Sign, rows: Sign) =>
			tidy(
				`${factor(warpStrands)} * ${sign(defaults.pegLoadStrand.value)} + ${factor(rows)} * ${factor(warpStrands)} * ${sign(defaults.pegCrossing.value)}`
			)
	},
	/** Of techniques/twined/twined-relations.ts. */
	twined: {
		ofPanels: (panels: Sign, each: Sign) => tidy(`${factor(panels)} * ${factor(each)}`),
		ownedWidthMm: (nails: Sign, pitchMm: Sign) => tidy(`${factor(nails)} * ${factor(pitchMm)}`),
		warpMm: (nails: Sign, lengthMm: Sign) => tidy(`2 * ${factor(nails)} * ${factor(lengthMm)}`),
		clothM: (stripMm: Sign, boltMm: Sign) =>
			tidy(
				`${factor(stripMm)} / (${sign(boltMm)} - ${sign(defaults.slitJointTakeUp.value)}) * ${sign(defaults.clothStrip.value)} / 1000`
			),
		rowPitchMm: (weftDiameterMm: Sign, own: Sign) =>
			tidy(`${sign(defaults.twinedRowPitch.value)} * ${factor(weftDiameterMm)} * ${factor(own)}`),
		strandPerRowMm: (widthMm: Sign, panels: Sign) =>
			tidy(
				`2 * ${factor(widthMm)} * ${sign(defaults.twinedTakeUp.value)} + ${factor(panels)} * ${sign(defaults.twinedRowEnds.value)}`
			),
		weftStrandMm: (rows: Sign, strandPerRowMm: Sign) =>
			tidy(`${factor(rows)} * ${factor(strandPerRowMm)}`),
		cover: (weftDiameterMm: Sign, rowPitchMm: Sign) =>
			tidy(
				`2 * ${sign(defaults.twinedTakeUp.value)} * ${factor(weftDiameterMm)} / ${whole(rowPitchMm)}`
			),
		makeSeconds: (rows: Sign, nails: Sign, panels: Sign) =>
			tidy(
				`${factor(rows)} * 2 * (${sign(nails)} + ${sign(panels)}) * ${sign(defaults.twinedCrossing.value)}`
			)
	}
};
