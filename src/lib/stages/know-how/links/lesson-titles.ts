import { lessonTitles as say } from '$lib/words/know-how';
/** Every act, in the order of the work, by what it is called. */
export const actTitles = {
	sort: say.sortABag(),
	flatten: say.flattenABagAndTuck(),
	fold: say.foldABagForCutting(),
	trim: say.trimTheSeamAndThe(),
	rings: say.cutABagIntoLoops(),
	spiral: say.cutABagIntoOne(),
	'half-bag': say.cutABagInHalf(),
	'loop-joint': say.joinTwoRingsOnThe(),
	'loop-joint-wrists': say.joinTwoRingsOverThe(),
	'loop-joint-t': say.joinTwoRingsAsA(),
	overhand: say.tieTwoEndsWithAn(),
	even: say.makeAJointEvenAnd(),
	'slit-joint': say.joinStripsOfClothBy(),
	'ball-fingers': say.windABallOnTwo(),
	'ball-winder': say.windABallOnA(),
	'ball-centre': say.windABallThatIs(),
	spin: say.spinAStrandAndPly(),
	chain: say.crochetAChain(),
	'chain-row': say.crochetTheFirstRow(),
	sc: say.theShortestStitch(),
	hdc: say.theMiddleStitch(),
	dc: say.theTallStitch(),
	turn: say.turnAtTheEndOf(),
	'new-ball': say.joinANewBall(),
	warp: say.layTheWarpOnA(),
	'short-strand': say.lengthenAShortStrand(),
	twist: say.twistTheStrandsOfThe(),
	'weft-start': say.beginTheWeft(),
	'next-piece': say.joinTheNextPiece(),
	'over-under': say.weaveOverAndUnder(),
	'hand-over-half': say.handOverHalfWay(),
	meet: say.meetInTheMiddle(),
	'chain-off': say.chainTheMatOffThe(),
	nails: say.leadTheWarpRoundThe(),
	stringers: say.chainWarpsOfCountedLoops(),
	'first-row': say.theFirstRowUnderThe(),
	twine: say.twineAPairOfStrands(),
	'last-row': say.theLastRowWithA(),
	panels: say.joinPanelsIntoAMat(),
	'band-start': say.beginABand(),
	'band-weave': say.weaveABandWithThe(),
	'band-turn': say.braidTheTurnOfA(),
	'band-link': say.linkABandToThe(),
	'band-tuck': say.tuckAnEndAway(),
	ties: say.makeTheTies(),
	strap: say.addAStrap(),
	roll: say.rollAndTieAMat(),
	pillow: say.stuffAPillow(),
	'handle-strand': say.chainTheHandlesIntoA()
} as const;
export type ActName = keyof typeof actTitles;
export const actNames = Object.keys(actTitles) as ActName[];

/** The act of a name that comes from elsewhere; null where there is none. */
export const lessonOf = (name: string): ActName | null =>
	actNames.find((one) => one === name) ?? null;
