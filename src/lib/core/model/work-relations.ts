import { defaults } from '../defaults';

/** From a mat to bags, grams and seconds. `own` is the group's own time, over the craft's. */
export const workRelations = {
	bagsFor: (strandMm: number, strandPerBagMm: number) => strandMm / strandPerBagMm,
	piecesJoined: (bags: number, piecesPerBag: number) => bags * piecesPerBag,
	warpJoints: (warpStrands: number, pieces: number) =>
		Math.max(0, warpStrands * pieces - warpStrands),
	toPrepare: (bags: number, spoiledShare: number) => bags / (1 - spoiledShare),
	toCollect: (toPrepare: number, rejectedShare: number) => toPrepare / (1 - rejectedShare),
	keptG: (bags: number, filmPerBagG: number) => bags * filmPerBagG,
	balls: (bags: number, bagsPerBall: number) => bags / bagsPerBall,
	cutSeconds: (bags: number, secondsPerBag: number) => bags * secondsPerBag,
	spinSeconds: (strandMm: number) => (strandMm / 1000) * defaults.spinMetre.value,
	flatten: (toPrepare: number, own: number) => toPrepare * defaults.flatten.value * own,
	cut: (cutSeconds: number, spoiledShare: number, own: number) =>
		(cutSeconds / (1 - spoiledShare)) * own,
	join: (joints: number, secondsPerJoint: number, spinSeconds: number, own: number) =>
		(joints * secondsPerJoint + spinSeconds) * own,
	ball: (balls: number, own: number) => balls * defaults.ball.value * own,
	make: (makeSeconds: number, own: number) => makeSeconds * own,
	finish: (own: number) => defaults.finishMat.value * own,
	check: (own: number) => defaults.checkMat.value * own,
	roll: (own: number) => defaults.rollMat.value * own
};
