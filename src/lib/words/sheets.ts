// Made of sheets.json by `npm run words -- --make`: change the words there.
import { plural, select } from '@messageformat/runtime';
import { en } from './number';

export const accountSheet = {
	whatItCameTo: (): string => "Results so far",
	matsHandedOver: (): string => "Mats delivered",
	howItWasCounted: (): string => "How it was counted",
	deliveryByDelivery: (): string => "Each delivery",
	toLieOn: (): string => "Area",
	andMoreCountedAboveEvery: (d: { readonly more: string | number }): string => "And " + d.more + " more, counted above. The CSV has every mat."
};

export const actCard = {
	practisedHandsDiffer: (): string => "Makers differ"
};

export const actScenes = {
	sidesIn: (): string => "sides in",
	airOutFromTheSeam: (): string => "air out, from the seam up",
	seamsTogether: (): string => "seams together",
	layTheNewRingThrough: (): string => "put the new loop through",
	backThroughItself: (): string => "back through itself",
	drawFromTheKnot: (): string => "pull from the knot",
	endsSideBySide: (): string => "ends side by side",
	asOneOrThroughThe: (): string => "as one, or through the slits",
	smallTailsAlong: (): string => "small, tails along",
	asItComesFromThe: (): string => "as it comes from the joiner",
	looseFilmMustNotStretch: (): string => "loose: plastic must not stretch",
	itsLabelOn: (): string => "its label on"
};

export const askSheet = {
	knottedOrWaddedBagsSomebody: (): string => "Knotted or wadded bags: someone has to open each one.",
	dampDirtyOrMouldyBags: (): string => "Damp, dirty or mouldy bags; bags from medical or chemical use.",
	bagsThatCrackleAndCrumble: (): string => "Bags that crackle and crumble: they fall apart in the mat.",
	newBagsGotForThis: (): string => "New bags bought for this, or a special trip. We want bags that were already used.",
	smoothItFlat: (): string => "Smooth it flat",
	tuckTheSidesIn: (): string => "Tuck the sides in",
	foldItOnce: (): string => "Fold it once",
	stackSeamsTogether: (): string => "Stack, seams together",
	bagsWanted: (): string => "Bags wanted",
	forEveryPlace: (): string => "for every source",
	weTurnUsedPlasticBags: (): string => "We make sleeping mats from used plastic bags. Would you keep yours for us?",
	howManyWeNeed: (): string => "How many we need",
	justNowWeHaveEnough: (): string => "Right now we have enough bags. Thank you. Please ask again.",
	otherBags: (): string => "Other bags",
	counted: (d: { readonly basis: string | number }): string => "Counted " + d.basis + ".",
	howToFoldThem: (): string => "How to fold them",
	dryCleanAndEmptyA: (): string => "Dry, clean and empty. Rinse pouches that held milk or juice and let them dry open for an hour or more. A small hole near the seam or the handles is fine.",
	pleaseNot: (): string => "Please not",
	bringThemTo: (): string => "Bring them to"
};

export const bandsSheet = {
	strandsAlongEach: (): string => "strands along each",
	eachWideAndLong: (d: { readonly bands: string | number; readonly readable: string | number; readonly readable2: string | number }): string => '' + d.bands + ", each " + d.readable + " wide and " + d.readable2 + " long",
	strandsABand: (d: { readonly k: string | number; readonly strand: string | number }): string => '' + d.k + " strands, " + d.strand + " a band",
	theWeaverABandAbout: (d: { readonly strand: string | number; readonly rowsPerBand: string | number }): string => "the weaver, " + d.strand + " a band, about " + d.rowsPerBand + " passes",
	inAllBraidedAtEach: (d: { readonly strand: string | number }): string => '' + d.strand + " in all, braided at each end",
	keepItFlatOnA: (): string => "Keep it flat on a table: pulled too tight it curls. First band: clip the end and make it as long as the sleeper. At every turn, link the weaver into the edge of the band before. Tuck ends into the next gaps, none skipped.",
	theTurnCrossingByCrossing: (): string => "The turn, step by step",
	crossing: (d: { readonly crossing: string | number }): string => "Crossing " + d.crossing,
	swapTheIspairofSelectYes: (d: { readonly isPairOf: 'yes' | 'no' }): string => "swap the " + select(d.isPairOf, { yes: "left", other: "right" }) + " pair"
};

export const checkSheet = {
	washYourHandsOrWear: (): string => "Wash your hands or wear gloves. Hose a mat that smells or is damp and hang it for a day. Never pack it wet.",
	filmCanSuffocateBurnsAnd: (): string => "Plastic can suffocate, burns and drips: keep it away from small children and flames. The place’s own rules come first. Ask the people responsible.",
	matsToCheck: (): string => "Mats to check",
	goOverEachMatWith: (): string => "Go over each mat with a finger. Cross the spots where it goes through; tick what else you find. Type in afterwards: length, width, weight, spots, faults.",
	lengthWidthWeightDry: (): string => "Length ____________ Width ____________ Weight, dry ____________"
};

export const crochetSheet = {
	stitchesInARow: (): string => "stitches in a row",
	inIstermsSelectYesOther: (d: { readonly stitchName: string | number; readonly isTerms: 'yes' | 'no' }): string => '' + d.stitchName + ", in " + select(d.isTerms, { yes: "US", other: "UK" }) + " words",
	chainAndTurnStitchesIn: (d: { readonly foundationChains: string | number; readonly stitches: string | number; readonly rows: string | number; readonly isLengthwise: 'yes' | 'no' }): string => "chain " + d.foundationChains + " and turn: " + d.stitches + " stitches in every row; " + d.rows + " rows " + select(d.isLengthwise, { yes: "as long as the sleeper", other: "across" }),
	ofStrandHigh: (d: { readonly strand: string | number; readonly fine: string | number }): string => '' + d.strand + " of yarn, " + d.fine + " high",
	countTheStitchesNowAnd: (): string => "Count the stitches now and then. The last one of a row is easily missed, and then the mat gets narrower. Join a new ball like one piece to another."
};

export const cuttingSheet = {
	bagsToPrepare: (): string => "bags to cut",
	stripWidth: (): string => "strip width",
	wideFromSeamToHandles: (d: { readonly bagName: string | number; readonly readable: string | number; readonly readable2: string | number }): string => '' + d.bagName + ", " + d.readable + " wide, " + d.readable2 + " from seam to handles",
	toPrepare: (d: { readonly tallyValue: string | number }): string => '' + d.tallyValue + " to cut",
	notFolded: (): string => "not folded",
	foldedOnce: (): string => "folded once",
	foldedTimes: (d: { readonly folds: string | number }): string => "folded " + d.folds + " times",
	bagsAtATimeLayers: (d: { readonly max: string | number; readonly part: string | number; readonly layers: string | number; readonly layersAtGusset: string | number }): string => '' + d.max + " bags at a time, " + d.part + ": " + d.layers + " layers, " + d.layersAtGusset + " at the gusset",
	oneBagAtATime: (): string => "one bag at a time",
	flattenGussetsInCreasesSmoothed: (): string => "Flatten: fold gussets in, smooth creases, put seams together. The bag must be a true rectangle. A clip in a corner keeps a stack square. Put the guide next to the bag, its foot at the bottom seam.",
	guideForTheWarp: (): string => "Guide for the warp",
	guideForTheWeft: (): string => "Guide for the weft",
	printAt100ThisLine: (): string => "Print at 100 %. This line is 100 mm. If it is not, do not use the guide.",
	bottomSeam: (): string => "bottom seam",
	joinHereAboveTheSeam: (d: { readonly at10: string | number }): string => "join here: " + d.at10 + " above the seam",
	goesOnOverleafStickThe: (d: { readonly at10: string | number }): string => "continues on the next page: stick its line here, " + d.at10
};

export const daySheet = {
	fiveMinutesRestInEvery: (): string => "Rest five minutes in every 45, and change seats. Pain means stop. The house’s own rules come first.",
	filmCanSuffocateBagEvery: (): string => "Plastic can suffocate: bag every scrap at once, away from babies and small children. It burns and drips: nothing hot near the table.",
	bladesAreForTrainedAdults: (): string => "Blades are for trained adults. Cut away from the body, wear gloves, close the blade when you put it down. A child uses blunt scissors with an adult beside them.",
	to: (d: { readonly clock: string | number; readonly clock2: string | number }): string => '' + d.clock + " to " + d.clock2,
	atTheStations: (): string => "At the stations",
	tableDay: (): string => "Table day",
	toMend: (): string => "To mend",
	"for": (d: { readonly planName: string | number }): string => "For " + d.planName,
	ballsWanted: (d: { readonly ballsWanted: string | number }): string => '' + d.ballsWanted + " balls wanted",
	noCommonBreakIsSet: (): string => "No common break is set.",
	greyAcrossABreakFor: (d: { readonly breaks: string | number }): string => "Grey: a break for all, " + d.breaks + ".",
	tickWhoeverCame: (d: { readonly part: string | number }): string => '' + d.part + " Tick who came.",
	whatLiesThere: (): string => "In store",
	bagsToFlattenFlatPieces: (d: { readonly bags: string | number; readonly flat: string | number; readonly pieces: string | number; readonly floor: string | number }): string => '' + d.bags + " bags to flatten, " + d.flat + " flat, " + d.pieces + " pieces, yarn of " + d.floor + " bags.",
	bagsFromThePile: (d: { readonly lot: string | number; readonly kind: string | number }): string => '' + d.lot + " " + d.kind + " bags from the pile",
	themFlatSeamsTogetherTo: (): string => "them flat, seams together, to the cutters",
	flatLotPluralOneOther: (d: { readonly lot: number }): string => '' + d.lot + " flat " + plural(d.lot, 0, en, { one: "bag", other: "bags" }),
	piecesToTheJoinersThe: (d: { readonly lot: string | number }): string => '' + d.lot + " pieces to the joiners; the scrap into its bag at once",
	thePiecesOfABag: (d: { readonly piecesPerBag: string | number }): string => "the " + d.piecesPerBag + " pieces of a bag",
	theStrandWithoutABreak: (): string => "the yarn, in one length, to the winder",
	strandOfBagsPieces: (d: { readonly bagsPerBall: string | number; readonly bagsPerBall2: string | number }): string => "yarn of " + d.bagsPerBall + " bags: " + d.bagsPerBall2 + " pieces",
	theBallWithItsLabel: (): string => "the ball with its label to the shelf",
	piece: (d: { readonly ring: string | number }): string => "piece " + d.ring,
	twoHalves: (): string => "two halves",
	itsPageATapFor: (): string => "Its page: one tap for each batch",
	handOn: (): string => "Pass on",
	whoSitsHere: (): string => "Who sits here",
	nobodyYetWhoeverIsFree: (): string => "Nobody yet: anyone who is free.",
	comeInThereIsA: (): string => "Come in, there is a seat for you.",
	weMakeStrand: (): string => "we make yarn",
	weMeanToWindBalls: (d: { readonly ballsWanted: string | number }): string => "we want to wind " + d.ballsWanted + " balls of yarn",
	andAlso: (d: { readonly also: string | number }): string => ", and also: " + d.also,
	weTurnUsedPlasticBags: (d: { readonly part: string | number; readonly planName: string | number; readonly part2: string | number }): string => "We make sleeping mats from used plastic bags. Today " + d.part + " for " + d.planName + d.part2 + ".",
	whatYouCanSitDown: (): string => "What you can do",
	bagsSmoothedAndStackedAnyone: (): string => "bags smoothed and stacked; anyone, sitting or standing",
	stacksCutToStripsSharp: (): string => "stacks cut into strips; sharp scissors and blades are for trained adults",
	piecesLoopedIntoOneStrand: (): string => "pieces looped into one length; quick to learn, from either hand",
	strandWoundIntoBallsLoosely: (): string => "yarn wound into balls, loosely",
	bagsYouHaveAlreadyUsed: (): string => "Bags you have already used: dry, clean and empty, not knotted. Blunt scissors if you have your own."
};

export const deliveryNote = {
	delivery: (d: { readonly code: string | number }): string => "Delivery " + d.code,
	toCarry: (): string => "to carry",
	withIt: (d: { readonly gathering: string | number }): string => "Event: " + d.gathering,
	whatIsInIt: (): string => "What is in it",
	notWeighed: (): string => "not weighed",
	byThemselves: (d: { readonly alone: string | number }): string => "On their own: " + d.alone + ".",
	packedInCratesOf: (d: { readonly crate: string | number }): string => "Packed in boxes of " + d.crate,
	tooLargeForACrate: (d: { readonly left: string | number }): string => "Too large for a box, beside them: " + d.left + ".",
	and: (d: { readonly pillows: string | number }): string => " and " + d.pillows,
	aWordOnIt: (): string => "Note ______________________________________________________________",
	typedInAfterwardsUnderHand: (d: { readonly code: string | number }): string => "Type in afterwards under Hand over, by " + d.code + ", with the day. Never write down who sleeps on a mat."
};

export const frameSheet = {
	inEachPanel: (): string => " in each panel",
	nailsAtEachEnd: (d: { readonly each: string | number }): string => "nails at each end" + d.each,
	nailToNail: (): string => "nail to nail",
	howItIsDone: (): string => "How to do it",
	setUpTheFrameAt: (d: { readonly nails: string | number; readonly spacing: string | number; readonly readable: string | number }): string => "Set up the frame: " + d.nails + " nails at each end, " + d.spacing + " apart, evenly over " + d.readable + ". Put rods along both sides, held by eyes or clips: rods pop off bare nails.",
	clothCutWide: (d: { readonly readable: string | number }): string => "cloth cut " + d.readable + " wide",
	filmStrand: (): string => "plastic yarn",
	windTheWarpWithoutA: (d: { readonly what: string | number; readonly part: string | number; readonly strand: string | number; readonly each: string | number }): string => "Wind the warp up and down around the nails in one length: " + d.what + " ends of " + d.part + ", " + d.strand + " and tails" + d.each + ".",
	twineWithAPairOf: (): string => "Twine with a pair of strands: one over, one under each warp end, crossed between it and the next, and round the rod at each side. Then back the other way.",
	theFirstRowPassesUnder: (): string => "The first row passes under the loop at every nail. So does the last: use a hook. Otherwise the weave slides off.",
	pushEveryRowCloseTo: (d: { readonly rows: string | number; readonly readable: string | number }): string => "Push every row close to the last. " + d.rows + " rows fill " + d.readable + ". Join each new piece when you reach it, to work slack out.",
	makeSuchPanelsAndJoin: (d: { readonly count: string | number }): string => "Make " + d.count + " such panels and join them along the warp.",
	drawTheRodsOutAnd: (): string => "Pull the rods out and lift it off the nails.",
	twoOrThreeBackStitches: (d: { readonly part: string | number }): string => "Finish with two or three back stitches. " + d.part + " Rods are under tension: mind eyes and fingers.",
	sideBySideAndAlong: (d: { readonly count: string | number; readonly across: string | number; readonly along: string | number; readonly readable: string | number; readonly readable2: string | number }): string => '' + d.count + ": " + d.across + " side by side and " + d.along + " along, each " + d.readable + " × " + d.readable2 + ", joined along the warp",
	insideTheNailsAndRods: (d: { readonly readable: string | number; readonly readable2: string | number }): string => '' + d.readable + " × " + d.readable2 + " inside the nails and rods, or larger",
	atEachEndApartEvenly: (d: { readonly nails: string | number; readonly each: string | number; readonly formatSpacing: string | number; readonly readable: string | number }): string => '' + d.nails + " at each end" + d.each + ", " + d.formatSpacing + " apart, evenly over " + d.readable,
	ofClothInAllIn: (d: { readonly strand: string | number; readonly readable: string | number }): string => ": " + d.strand + " of cloth in all, in strips of " + d.readable,
	ofFilmStrand: (): string => ", of plastic yarn",
	andTailsContinuous: (d: { readonly strand: string | number; readonly each: string | number; readonly part: string | number }): string => '' + d.strand + " and tails" + d.each + ", continuous" + d.part,
	inAll: (d: { readonly strand: string | number }): string => ", " + d.strand + " in all",
	aPairOfStrandsA: (d: { readonly strand: string | number; readonly strand2: string | number; readonly each: string | number; readonly part: string | number }): string => "a pair of strands, " + d.strand + " a row, " + d.strand2 + d.each + d.part
};

export const loomSheet = {
	tooNearAPeg: (): string => " (too near a peg)",
	allLoopsStretchToFit: (): string => "all loops stretch to fit alike",
	addAShortPieceOf: (d: { readonly readable: string | number }): string => "add a short piece of " + d.readable + " to each strand",
	shortenOneLoopOfEach: (): string => "shorten one loop of each strand",
	pegsAtEachEnd: (): string => "pegs at each end",
	pegToPegAcross: (): string => "peg to peg across",
	howItIsDone: (): string => "How to do it",
	setUpTheLoomPegs: (d: { readonly pegs: string | number; readonly spacing: string | number; readonly readable: string | number }): string => "Set up the loom: " + d.pegs + " pegs at each end, " + d.spacing + " apart, " + d.readable + " from the pegs of one end to those of the other. Put a smooth rod along each side and fix its ends. It keeps the edge straight and counts as one with the outer strand.",
	loadTheWarpStrandsOf: (d: { readonly warpStrands: string | number; readonly piecesPerStrand: string | number; readonly isDoubleEdges: 'yes' | 'no' }): string => "Load the warp: " + d.warpStrands + " strands of " + d.piecesPerStrand + " loops, joined loop through loop, one from each peg to the peg across" + select(d.isDoubleEdges, { yes: "", other: "; the first and the last peg carry two" }) + ". Twist each a little. Keep knots out of the hatched ends: they jam when the mat comes off.",
	beatEveryRowAgainstThe: (d: { readonly packing: string | number }): string => "Pack every row " + d.packing + " against the last with fingers or a comb. When a ball runs out, join the next like one piece to another.",
	goOnToBeforeThe: (d: { readonly readable: string | number; readonly rows: string | number }): string => "Stop " + d.readable + " before the far pegs: " + d.rows + " rows.",
	finishDrawTheRodsOut: (): string => "Finish: pull the rods out, with pliers and a helper if they are tight. Chain the warp loops one through the next across each end, tie off the last, hide the ends.",
	atEachEndApartPeg: (d: { readonly pegs: string | number; readonly formatSpacing: string | number; readonly readable: string | number }): string => '' + d.pegs + " at each end, " + d.formatSpacing + " apart; peg to peg " + d.readable,
	strandsOfLoopsIsdoubleedgesSelect: (d: { readonly warpStrands: string | number; readonly piecesPerStrand: string | number; readonly isDoubleEdges: 'yes' | 'no'; readonly fit: string | number }): string => '' + d.warpStrands + " strands of " + d.piecesPerStrand + " loops" + select(d.isDoubleEdges, { yes: "", other: ", both outermost doubled" }) + "; " + d.fit,
	oddStrandsAtFromThe: (d: { readonly knots: string | number; readonly knots2: string | number }): string => "odd strands at " + d.knots + " from the near peg; even strands at " + d.knots2,
	clearAtBothEndsFor: (d: { readonly readable: string | number }): string => '' + d.readable + " free at both ends for the finish",
	aRowBeatEveryRow: (d: { readonly strand: string | number; readonly strand2: string | number; readonly packing: string | number }): string => '' + d.strand + ", " + d.strand2 + " a row; pack every row " + d.packing,
	nearEndRowsFarEnd: (d: { readonly ceil: string | number; readonly floor: string | number }): string => "near end " + d.ceil + " rows, far end " + d.floor + ": neighbours are opposites",
	fourSeatsHandingOverHalf: (): string => "Four seats, handing over half way across",
	seat: (d: { readonly seat: string | number }): string => "Seat " + d.seat,
	end: (d: { readonly end: string | number; readonly side: string | number }): string => '' + d.end + " end, " + d.side,
	strandsTo: (d: { readonly firstStrand: string | number; readonly lastStrand: string | number }): string => "strands " + d.firstStrand + " to " + d.lastStrand,
	overAndUnderFromThe: (): string => "Over and under, from the near left corner",
	row: (d: { readonly row: string | number }): string => "row " + d.row
};

export const makeSheet = {
	notKeptYet: (): string => "not saved yet",
	version: (d: { readonly version: string | number }): string => "version " + d.version,
	figures: (d: { readonly part: string | number; readonly basis: string | number }): string => '' + d.part + "Figures are " + d.basis + "."
};

export const matSheet = {
	theSameMovementOverAnd: (): string => "The same movement again and again: rest five minutes in every 45. Pain means stop.",
	filmCanSuffocateKeepBalls: (): string => "Plastic can suffocate: keep balls and ends away from babies and small children. It burns and drips: nothing hot near it.",
	theMatRowByRow: (d: { readonly code: string | number }): string => "The mat " + d.code + ", row by row",
	version: (d: { readonly planVersion: string | number }): string => "version " + d.planVersion,
	theMat: (): string => "the mat",
	ofRowsMade: (d: { readonly total: string | number }): string => "of " + d.total + " rows made",
	rowsMade: (): string => "rows made",
	stitchesARow: (): string => "stitches a row",
	aboutReady: (): string => "about ready",
	readyBetweenAsItGoes: (d: { readonly between: string | number }): string => "Ready between " + d.between + " at this pace.",
	tickARowWhenIt: (): string => "Tick each finished row. Tell the table the mat and the last row, like “to row 88”.",
	coloursToCome: (): string => "Colours to come",
	fromRow: (): string => "From row",
	toRow: (): string => "To row",
	rowsFromTheNearEnd: (): string => "Rows from the near end",
	rowsFromTheFarEnd: (): string => "Rows from the far end",
	rowsFitBetweenTheEnds: (d: { readonly left: string | number }): string => '' + d.left + " rows fit between the ends, for both weavers together.",
	rowsOf: (d: { readonly part: string | number; readonly at: string | number }): string => "Rows of " + d.part + " " + d.at
};

export const planSheet = {
	bagsToCollect: (): string => "bags to ask for",
	ballsOfBags: (d: { readonly bagsPerBall: string | number }): string => "balls of " + d.bagsPerBall + " bags",
	opensThisPlan: (): string => "Opens this plan:",
	whatItTakes: (): string => "What it needs",
	fourTimesInFive: (d: { readonly interval: string | number }): string => "range " + d.interval,
	theBagAndItsCut: (): string => "The bag and its cut",
	theStrandAtTrueScale: (): string => "The yarn, real size",
	theCallsOnIt: (): string => "Notes on it",
	scrapAndSpoiledForPillows: (d: { readonly mass: string | number; readonly mass2: string | number }): string => "Scrap " + d.mass + " and spoiled " + d.mass2 + ": for pillows."
};

export const rowTicks = {
	rowsOfPanel: (d: { readonly at: string | number }): string => "Rows of panel " + d.at,
	ball: (d: { readonly ball: string | number }): string => "ball " + d.ball,
	andAgain: (d: { readonly colours: string | number }): string => ": " + d.colours + ", and again",
	theMatIsWorkedFrom: (d: { readonly inMat: string | number }): string => "; the mat uses " + d.inMat + ", ties the rest",
	ballsOf: (d: { readonly all: string | number; readonly strand: string | number; readonly colours: string | number; readonly ties: string | number }): string => '' + d.all + " balls of " + d.strand + d.colours + d.ties
};

export const seasonSheet = {
	theSeason: (): string => "The season",
	by: (d: { readonly wanted: string | number; readonly yearDay: string | number }): string => '' + d.wanted + " by " + d.yearDay,
	fourTimesInFive: (): string => "range",
	"with": (d: { readonly changed: string | number }): string => ", with " + d.changed,
	whatHoldsUsBack: (): string => "What holds us back",
	inAbout: (d: { readonly what: string | number; readonly share: string | number }): string => '' + d.what + ": in about " + d.share,
	ofAHundredSeasonsThat: (d: { readonly held: string | number }): string => '' + d.held + " of 100 seasons that fall short.",
	whatWouldHelp: (): string => "What would help",
	itAdds: (): string => "It adds",
	thenItIsMade: (): string => "Chance",
	tableDaysToCome: (): string => "Table days to come",
	andMore: (d: { readonly length: string | number }): string => " · and " + d.length + " more",
	whatItRestsOn: (): string => "Based on"
};

export const sheet = {
	nestRow: (): string => "Nest Row",
	page: (d: { readonly planName: string | number; readonly title: string | number; readonly pages: string | number; readonly versionWords: string | number; readonly date: string | number }): string => '' + d.planName + " · " + d.title + ", page " + d.pages + " · " + d.versionWords + " · " + d.date
};

export const workSheet = {
	bladesAreForTrainedAdults: (): string => "Blades are for trained adults. Cut away from the body, wear gloves, close the blade when you put it down. Children and unsteady hands use blunt scissors or another seat.",
	filmCanSuffocateBagEvery: (): string => "Plastic can suffocate: bag every scrap at once, away from babies and small children. It burns and drips: nothing hot near the table.",
	fiveMinutesRestInEvery: (): string => "Rest five minutes in every 45, and change seats. Pain means stop. The house’s own rules come first.",
	layTheNextRingThrough: (): string => "Put the next loop through the end of the yarn and back through itself.",
	drawItFromTheKnot: (): string => "Pull gently from the knot, both sides of the loop even. Snug and small, not tight.",
	layBothEndsSideBy: (): string => "Lay both ends side by side and tie them as one, with a single overhand knot.",
	drawItUpSmallAnd: (): string => "Pull it small, and lay the tails under the work.",
	cutASlitAFinger: (): string => "Cut a slit a finger wide into both ends; lay one end on the other, slit on slit.",
	drawTheFarEndOf: (): string => "Draw the far end of the new strip through both slits.",
	toCutAndJoin: (): string => "To cut and join",
	asThePilesLieNow: (): string => "as the piles are now",
	noMatsAreWantedSay: (): string => "No mats are wanted. Say under Gather, Asks how many of each plan you want.",
	version: (d: { readonly name: string | number; readonly version: string | number }): string => '' + d.name + ", version " + d.version,
	itsBagIsNoneOf: (): string => "Its bag is not one of your kinds, so nothing here is cut for it.",
	piecesABagWideBags: (d: { readonly kind: string | number; readonly piecesPerBag: string | number; readonly width: string | number; readonly stack: string | number; readonly bagsPerBall: string | number; readonly bagsPerBall2: string | number }): string => '' + d.kind + ": " + d.piecesPerBag + " pieces a bag, " + d.width + " wide; " + d.stack + " bags at a time. " + d.bagsPerBall + " bags make a ball: count " + d.bagsPerBall2 + " pieces for it.",
	allOfTheNextMat: (): string => "The next mat is all cut. Join and wind what is here.",
	cutFlatOnes: (): string => "Cut flat ones",
	flattenFirst: (): string => "Flatten first",
	notThere: (): string => "Not in store",
	inThisOrderTheFirst: (): string => "In this order: the first balls are the first stripes of the mat.",
	inThisOrder: (): string => "In this order."
};

export const guide = {
	seamOffHere: (): string => "seam off here",
	shortEnds: (d: { readonly name: string | number; readonly rings: string | number }): string => "short " + d.name + " " + d.rings + " ends",
	leftOverToHere: (): string => "left over to here",
	baseOfTheHandles: (): string => "base of the handles"
};

export const SheetsSheetDoor = {
	planNotNamedYet: (): string => "Plan without a name",
	thereIsNoPlanIn: (): string => "There is no plan in this link.",
	thisPlanHasNoSuch: (): string => "This plan has no such sheet."
};
