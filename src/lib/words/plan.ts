// Made of plan.json by `npm run words -- --make`: change the words there.
import { plural, select } from '@messageformat/runtime';
import { en } from './number';

export const PlanBench = {
	thePlan: (): string => "The plan",
	open: (d: { readonly step: string | number }): string => "open " + d.step,
	pinThisPlan: (): string => "compare with this plan",
	keepThisPlan: (): string => "save this plan",
	theseKeys: (): string => "these keys"
};

export const MakeView = {
	whatCanIMake: (): string => "What can I make?",
	isofstoreSelectYesOtherWhat: (d: { readonly isOfStore: 'yes' | 'no'; readonly readable: string | number; readonly readable2: string | number }): string => '' + select(d.isOfStore, { yes: "The counts are what is in store. Type over them to try others. Then choose", other: "Count your sorted bags. Then choose" }) + " hours and tools. You get the best mix of mats of " + d.readable + " × " + d.readable2 + ".",
	bags: (d: { readonly kind: string | number }): string => "Bags: " + d.kind,
	hoursOfHandsEmptyFor: (): string => "Working hours (empty: no limit)",
	toolsAndTrainedHandsFor: (): string => "Tools and trained volunteers for",
	"for": (): string => "Goal",
	mostMats: (): string => "most mats",
	mostAreaToLieOn: (): string => "most area",
	findTheBestMix: (): string => "Find best mix",
	mat: (): string => "mat",
	mats: (): string => "mats",
	toLieOnInHours: (d: { readonly area: string | number; readonly hours: string | number; readonly basis: string | number }): string => ", " + d.area + ", in " + d.hours + " hours, " + d.basis + ".",
	mats2: (): string => "Mats",
	from: (): string => "From",
	by: (): string => "By",
	bagsEach: (): string => "Bags each",
	hoursEach: (): string => "Hours each",
	takeItUp: (): string => "Use this",
	notOneWholeMatComes: (): string => "These bags and hours are not enough for one mat. Try more of them, or a smaller mat.",
	leftOver: (d: { readonly entries: string | number }): string => "Left over: " + d.entries + ".",
	notOneWholeMat: (): string => "not one whole mat",
	byThePlanOnThe: (d: { readonly part: string | number }): string => "With this plan only: " + d.part,
	theLongestOfItsWidth: (d: { readonly readable: string | number }): string => "; at this width the longest would be " + d.readable,
	hooksOfMm: (d: { readonly techniqueWords: string | number; readonly toSorted: string | number }): string => '' + d.techniqueWords + ": hooks of " + d.toSorted + " mm",
	isNotACountWrite: (d: { readonly text: string | number }): string => "“" + d.text + "” is not a count. Write whole bags, like 600.",
	isNotANumberOf: (d: { readonly hours: string | number }): string => "“" + d.hours + "” is not a number of hours.",
	tickAtLeastOneWay: (): string => "Tick at least one technique.",
	thatCouldNotBeWorked: (): string => "That could not be worked out.",
	theServerCouldNotBe: (): string => "The server could not be reached. Your input is still here; try again."
};

export const MethodChart = {
	methodsByBagsAndHours: (d: { readonly length: string | number; readonly length2: string | number }): string => '' + d.length + " ways by bags and hours; the best " + d.length2 + " are listed below.",
	pegLoom: (): string => "peg loom",
	twinedFrame: (): string => "twined frame",
	fingerBands: (): string => "finger bands",
	onTheBench: (): string => "this plan",
	bagsToCollect: (): string => "bags to ask for",
	coverOfClose: (d: { readonly round: string | number }): string => ", closeness " + d.round + " % of close",
	bagsH: (d: { readonly label: string | number; readonly x: string | number; readonly y: string | number; readonly part: string | number }): string => '' + d.label + ": " + d.x + " bags, " + d.y + " h" + d.part
};

export const MethodFieldView = {
	waysWorthThinkingAbout: (): string => "Ways worth considering",
	ofWaysToMakeThis: (d: { readonly length: string | number }): string => "The best of " + d.length + " ways to make this mat from this bag.",
	theWholeFieldOfWays: (): string => "All ways",
	everySensibleCutWithEvery: (d: { readonly length: string | number }): string => "Every sensible cut with every technique. " + d.length + " are marked as",
	unbeaten: (): string => "best",
	nothingElseNeedsFewerBags: (): string => ": no other way has fewer bags, fewer hours and closer fabric at once. The large marks are the few above.",
	listBy: (): string => "Sort by",
	onlyThoseThatCoverClose: (): string => "only close fabric",
	cut: (): string => "Cut",
	made: (): string => "Made",
	bags: (): string => "Bags",
	hours: (): string => "Hours",
	coverOfClose: (): string => "Closeness (% of close)",
	takeItUp: (): string => "Use this",
	moreAreOnTheChart: (d: { readonly length: string | number }): string => '' + d.length + " more are on the chart.",
	noUnbeatenMethodCoversClose: (): string => "None of the best ways makes close fabric with this bag. Turn off the filter to see the others.",
	workingThemOut: (): string => "Working them out",
	methodsWorkedOut: (d: { readonly length: string | number }): string => '' + d.length + " ways worked out",
	fewestBags: (): string => "fewest bags",
	fewestHours: (): string => "fewest hours",
	closestCover: (): string => "closest fabric"
};

export const PaperView = {
	onPaper: (): string => "Print",
	forTheWallAndThe: (d: { readonly basis: string | number }): string => "For the wall and the table. Every sheet has the plan's name, version and date, where its figures come from (" + d.basis + ") and the cautions.",
	paper: (): string => "Paper",
	letter: (): string => "Letter",
	largeType: (): string => "large type",
	pdf: (): string => "PDF",
	guideAsSvg: (): string => "Guide as SVG",
	printAt100WithoutFitting: (): string => "Print at 100 %, not fitted to the page. Check the 100 mm line with a ruler before the first cut."
};

export const PinnedTable = {
	sideBySide: (): string => "Side by side",
	allFigures: (d: { readonly basis: string | number }): string => "All figures are " + d.basis + ".",
	nothingIsPinnedYet: (): string => "Nothing to compare yet.",
	pin: (): string => "Compare with",
	thePlanOnTheBench: (): string => "this plan, then change a choice. Both are shown here with what changed.",
	figure: (): string => "Figure",
	onTheBench: (): string => "Now",
	notNamedYet: (): string => "no name yet",
	measuredAgainst: (): string => "Compared with",
	pinned: (d: { readonly index: string | number }): string => "Plan " + d.index,
	bench: (d: { readonly difference: string | number }): string => "now " + d.difference,
	theSame: (): string => "the same",
	whatToDoWithIt: (): string => "Actions",
	takeItUp: (): string => "Use this",
	measureAgainst: (): string => "Compare with",
	unpin: (): string => "Remove"
};

export const SchoolsView = {
	wherePractisedHandsDiffer: (): string => "Where makers differ",
	everyWayHereIsSomebodys: (): string => "Every way here is a good way for someone. The figures are for your bag and mat. Mat, strip and yarn are drawn to the same scale.",
	notFromThisBag: (): string => "not from this bag",
	takenUp: (): string => "In use",
	takeItUp: (): string => "Use this"
};

export const WaysView = {
	whatIsShortWithYou: (): string => "What are you short of?",
	waysWorthThinkingAbout: (): string => "Ways worth considering",
	bagsH: (d: { readonly ceil: string | number; readonly hours: string | number; readonly graded: string | number }): string => '' + d.ceil + " bags · " + d.hours + " h · " + d.graded,
	takeItUp: (d: { readonly made: string | number; readonly cut: string | number }): string => "Use " + d.made + ", " + d.cut,
	onTheBench: (): string => "In use",
	takeItUp2: (): string => "Use this",
	drawnAtOneScaleThe: (): string => "Drawn to the same scale: the mat, its strip lying flat, and the end of its yarn next to the hook. Fewest, closest and middle are within each technique.",
	aMiddleWay: (): string => "a middle way",
	fewestBags: (): string => "fewest bags",
	fewestHours: (): string => "fewest hours",
	onePersonAtATime: (): string => "one person at a time",
	twoAtOnce: (): string => "two at once",
	upToFourAtOnce: (): string => "up to four at once",
	coversClose: (): string => "close",
	coversFairly: (): string => "fair",
	leavesGaps: (): string => "gaps"
};

export const WidthChart = {
	stripWidthAgainstWork: (): string => "Strip width and work",
	thisCutHasNoWidth: (): string => "This cut has no strip width: the whole bag is used. Choose loops or a spiral to see the effect.",
	forThisTechniqueAllElse: (): string => "For this technique, everything else the same. Click the chart or use the slider to choose a width.",
	bagsHoursAndCoverBy: (): string => "Bags, hours and closeness by strip width; the table below has the same figures.",
	theSameAsATable: (): string => "Show as a table",
	width: (): string => "Width",
	bags: (): string => "Bags",
	hours: (): string => "Hours",
	cover: (): string => "Closeness",
	bagsToCollect: (): string => "bags to ask for",
	widthOfTheWeftStrip: (): string => "width of the weft strip, mm",
	stripWidthMm: (): string => "strip width, mm"
};

export const OverUnderChart = {
	overAndUnderFromThe: (): string => "Over and under, from the near left corner. Each pass does the opposite of the last",
	whereTheEndsMeetThe: (): string => ". Where the ends meet, the rows are",
	oppositesGood: (): string => "opposites: good",
	alikeAddOrDropOne: (): string => "alike: add or drop one",
	row: (d: { readonly row: string | number }): string => "row " + d.row,
	nearRow: (d: { readonly lastNear: string | number }): string => "near, row " + d.lastNear,
	farRow: (d: { readonly rows: string | number }): string => "far, row " + d.rows
};

export const Zoomable = {
	timesAsLargeScrolls: (d: { readonly label: string | number; readonly zoom: string | number }): string => '' + d.label + ", " + d.zoom + " times as large; scrolls",
	sizeOf: (d: { readonly label: string | number }): string => "Size of " + d.label,
	smaller: (): string => "Smaller",
	larger: (): string => "Larger"
};

export const CoverGauge = {
	coverMostLikelyBetweenAnd: (d: { readonly toFixed: string | number; readonly words: string | number; readonly toFixed2: string | number; readonly toFixed3: string | number }): string => "Closeness " + d.toFixed + ", " + d.words + "; range " + d.toFixed2 + " to " + d.toFixed3,
	gaps: (): string => "gaps",
	fair: (): string => "fair",
	close: (): string => "close"
};

export const Hold = {
	typedOnTheDrawing: (d: { readonly label: string | number }): string => '' + d.label + ", typed on the drawing",
	dragOrPressToType: (d: { readonly label: string | number }): string => '' + d.label + ": drag, or press to type"
};

export const Judgements = {
	doThat: (): string => "Do that",
	worthALook: (): string => "Check this",
	betterChanged: (): string => "Better changed"
};

export const MakingDrawing = {
	theTurnAtTheEnd: (): string => "The turn at the end of a band, braided: crossing",
	of: (d: { readonly shown: string | number; readonly home: string | number }): string => '' + d.shown + " of " + d.home
};

export const OwnTools = {
	loomsThatAreThere: (): string => "Your looms",
	framesThatAreThere: (): string => "Your frames",
	hooksThatAreThere: (): string => "Your hooks"
};

export const Step = {
	needsALook: (): string => "needs a check",
	worthALook: (d: { readonly length: string | number }): string => ", " + d.length + " to check",
	changedWithIt: (d: { readonly was: string | number; readonly now: string | number }): string => "changed with it: " + d.was + " → " + d.now
};

export const TallyBar = {
	tally: (): string => "Tally",
	howThisIsReached: (): string => "How it is worked out",
	theSame: (): string => "the same",
	againstThePinnedPlan: (): string => "Compared with the other plan:",
	bagsToCollectHoursMat: (d: { readonly value: string | number; readonly value2: string | number; readonly value3: string | number; readonly isSystem: 'yes' | 'no'; readonly grade: string | number }): string => '' + d.value + " bags to ask for, " + d.value2 + " hours, mat " + d.value3 + " " + select(d.isSystem, { yes: "pounds", other: "kilograms" }) + ", fingertip test " + d.grade,
	aFieldNeedsALook: (): string => "Check the marked field first."
};

export const BagStep = {
	bag: (): string => "Bag",
	whichBag: (): string => "Which bag",
	kindsYouMeasured: (): string => "Kinds you measured",
	itsFilmIs: (d: { readonly measures: string | number; readonly filmThicknessMm: string | number }): string => '' + d.measures + "; its plastic is " + d.filmThicknessMm,
	thick: (): string => "thick",
	aRulerAndAKitchen: (): string => "You need a ruler and a kitchen scale. Lay the bag flat with its gussets folded in. Weigh ten bags together.",
	flatWidth: (): string => "Flat width",
	gussetEachSide: (): string => "Gusset, each side",
	n0IfNone: (): string => "0 if none",
	seamToHandles: (): string => "Seam to handles",
	handleHeight: (): string => "Handle height",
	aHandfulWeighs: (): string => "Weight of a handful",
	bagsInTheHandful: (): string => "Bags in the handful",
	withinAFewPerCent: (d: { readonly kind: string | number }): string => "This is almost the same as your " + d.kind + ".",
	planWithThatKind: (): string => "Plan with that kind",
	keepThisBagAsA: (): string => "Save this bag as a kind",
	soThatTheStoreAnd: (): string => ", so that the store and other plans know it.",
	glovesOrWashedHandsFor: (): string => "Wear gloves or wash your hands. Nothing mouldy, nothing from medical or chemical use. Bags can suffocate: keep them away from babies and small children.",
	thinCarrier: (): string => "Thin carrier",
	heavierShopBag: (): string => "Heavier shop bag",
	milkPouch: (): string => "Milk pouch",
	ourOwn: (): string => "Our own",
	gussets: (d: { readonly readable: string | number }): string => "gussets " + d.readable,
	noGussets: (): string => "no gussets",
	handles: (d: { readonly readable: string | number }): string => "handles " + d.readable,
	noHandles: (): string => "no handles",
	tenWeigh: (d: { readonly mass: string | number }): string => "ten weigh " + d.mass
};

export const CrochetFields = {
	stitchInIstermsSelectYes: (d: { readonly isTerms: 'yes' | 'no' }): string => "Stitch, in " + select(d.isTerms, { yes: "US", other: "UK" }) + " words",
	hook: (): string => "Hook",
	mm: (d: { readonly hook: string | number }): string => '' + d.hook + " mm",
	theStrandIsThickIn: (d: { readonly fine: string | number; readonly near: string | number; readonly far: string | number }): string => "The yarn is " + d.fine + " thick in the hand; a " + d.near + " to " + d.far + " mm hook suits it.",
	rowsRun: (): string => "Rows run",
	shortRows: (): string => "short rows",
	fewerTurns: (): string => "fewer turns"
};

export const CutFields = {
	trimBothEnds: (): string => "Trim at both ends",
	ourOwn: (): string => "Our own",
	offTheBottom: (d: { readonly whose: string | number }): string => "Off the bottom" + d.whose,
	belowTheHandles: (d: { readonly whose: string | number }): string => "Below the handles" + d.whose,
	ringsStraightAcrossTheTube: (): string => "Loops, straight across the bag",
	equalFolds: (): string => "Equal folds",
	measuredWidth: (): string => "Measured width",
	howManyRings: (d: { readonly whose: string | number }): string => "How many loops" + d.whose,
	foldAndFoldAgainGives: (): string => "Folding twice gives 4, three times 8",
	stripWidth: (d: { readonly whose: string | number }): string => "Strip width" + d.whose,
	stripWidthBySliding: (d: { readonly whose: string | number }): string => "Strip width" + d.whose + ", slider",
	cutsOfThisBagWith: (): string => "Cuts with nothing left over",
	leftUncutAtOneEdge: (d: { readonly whose: string | number }): string => "Left uncut at one edge" + d.whose,
	thenEachSlitIsCut: (): string => "Then cut each slit over to its neighbour, slanted",
	oneWrongSlantGivesSeparate: (): string => "One wrong slant gives separate loops. Open the bag and check after the first two.",
	noTrimmingGatherTheBag: (): string => "No trimming. Gather the bag, cut down between the handles, and open each half at its folded corner just above the seam. You get two very wide loops with no waste.",
	handles: (): string => "Handles",
	cutOff: (): string => "Cut off",
	bulkierNoWaste: (): string => "bulkier, no waste",
	halfBag: (): string => "Half bag",
	wholeTube: (): string => "Whole tube"
};

export const CutStep = {
	cut: (): string => "Cut",
	theWarpIsCutInto: (): string => "Warp is cut into",
	cutInto: (): string => "Cut into",
	strand: (): string => "Yarn",
	aBag: (): string => "a bag",
	leftOverAboveTheLast: (): string => "Left over above the last strip",
	scrapABagForPillows: (): string => "Scrap per bag, for pillows",
	layersUnderTheBladeBags: (d: { readonly bags: string | number }): string => "Layers under the blade, " + d.bags + " bags",
	atTheGusset: (d: { readonly layersAtGusset: string | number }): string => ", " + d.layersAtGusset + " at the gusset",
	cutWith: (): string => "Cut with",
	stacksOf3: (): string => "stacks of 3",
	rollingBlade: (): string => "Rolling blade",
	stacksOf20: (): string => "stacks of 20",
	rollingBladesAreForTrained: (): string => "Rolling blades are for trained adults. Cut away from the body, wear gloves, close the blade when you put it down. Children and unsteady hands take another seat.",
	childrenAndUnsteadyHandsGet: (): string => "Children and unsteady hands use blunt scissors or another seat. Your hall's own rules come first."
};

export const FinishStep = {
	finish: (): string => "Finish",
	ties: (): string => "Ties",
	carryingStrapWornOverThe: (): string => "Carrying strap for the shoulder",
	tiesAndStrapTake: (): string => "Ties and strap need",
	foldedAndRolled: (): string => "Folded and rolled",
	acrossLong: (d: { readonly readable: string | number; readonly readable2: string | number }): string => '' + d.readable + " across, " + d.readable2 + " long",
	scrapAndSpoiledStuff: (): string => "Scrap and spoiled pieces fill",
	pillowsPluralOneOtherOver: (d: { readonly pillows: number; readonly mass: string | number }): string => '' + d.pillows + " " + plural(d.pillows, 0, en, { one: "pillow", other: "pillows" }) + ", " + d.mass + " over",
	neverOfferAMatOr: (): string => "Never let an infant sleep on a mat or pillow. Keep both away from heaters, stoves and candles: plastic burns and drips. The receiving place's own rules come first; ask the people responsible."
};

export const JoinStep = {
	join: (): string => "Join",
	pieceToPiece: (): string => "How pieces are joined",
	loopThroughLoop: (): string => "Loop through loop",
	overhandKnot: (): string => "Overhand knot",
	tornPieces: (): string => "torn pieces",
	byWhoseHandsTheStrand: (): string => "Way of joining; the yarn is the same",
	drawnThrough: (): string => "Drawn through",
	overTheWrists: (): string => "Over the wrists",
	aTOnTheTable: (): string => "A T on the table",
	aSpiralIsAnOpen: (): string => "A spiral is an open strip. Knot it overhand, one knot a bag. Trim the tails or hide them under stitches.",
	twistedOnAHandSpindle: (): string => "Twisted with a hand spindle",
	notSpun: (): string => "Not spun",
	twoTogether: (): string => "Two together",
	bagsInABall: (): string => "Bags in a ball",
	jointsInARow: (): string => "Joints in a row",
	jointsA: (d: { readonly of: string | number }): string => "Joints a " + d.of,
	joiningTakesAtSEach: (d: { readonly seconds: string | number }): string => "Time for joining, at " + d.seconds + " s each",
	theStrandWeighsJointsIn: (): string => "Weight of the yarn with its joints",
	itHoldsAndAtA: (): string => "It holds, and at a joint",
	snugNotTightTooTight: (): string => "Snug, not tight. Too tight tears and cannot be undone; too loose leaves holes. Plastic stretches in the hand, so measure it at rest."
};

export const SizeStep = {
	size: (): string => "Size",
	width: (): string => "Width",
	length: (): string => "Length",
	sleeperDrawnOnItHeight: (): string => "Height of the sleeper in the drawing",
	usual3043In: (): string => "Usual: 30–43 in",
	usual75110Cm: (): string => "Usual: 75–110 cm",
	usual5Ft116: (): string => "Usual: 5 ft 11–6 ft 7",
	usual180200Cm: (): string => "Usual: 180–200 cm"
};

export const TechniqueStep = {
	technique: (): string => "Technique",
	madeBy: (): string => "Made by",
	theLoom: (): string => "Loom",
	asTheMatNeeds: (): string => "As the mat needs",
	oneThatIsThere: (): string => "One you have",
	theMatFollowsFromIt: (): string => "the mat fits the loom",
	pegsAtEachEnd: (): string => "Pegs at each end",
	pegsToPegsAlong: (): string => "Pegs to pegs, along",
	pegToPeg: (): string => "Peg to peg",
	nailToNailOnA: (): string => "Nail to nail on a frame",
	clearAtEachEnd: (): string => "Free space at each end",
	rowsBeaten: (): string => "Rows packed",
	bothOutermostStrandsDoubledFor: (): string => "Double both outer strands for a firm edge",
	wovenFrom: (): string => "Woven from",
	oneEnd: (): string => "One end",
	bothEnds: (): string => "Both ends",
	upToFourPeople: (): string => "up to four people",
	theFarEndsFirstPass: (): string => "First pass of the far end, at the weaver's left",
	aShortPieceOfWarp: (): string => "Place of a short piece of warp",
	atTheEnd: (): string => "At the end",
	inTheMiddle: (): string => "In the middle",
	theWeft: (): string => "Weft",
	cutInto: (): string => "Cut into",
	warpRoundTheNails: (): string => "Warp round the nails",
	clothStrips: (): string => "Cloth strips",
	holdBetterAtJoins: (): string => "hold better at joins",
	filmStrand: (): string => "Plastic yarn",
	nothingToBuy: (): string => "nothing to buy",
	widthOfTheCloth: (): string => "Width of the cloth",
	mOfItInStrips: (d: { readonly toFixed: string | number }): string => '' + d.toFixed + " m of it, in strips of 4 cm",
	theFrame: (): string => "Frame",
	asLargeAsTheMat: (): string => "As large as the mat",
	madeInPanels: (): string => "made in panels",
	frameWidth: (): string => "Frame width",
	frameLength: (): string => "Frame length",
	nailsAtEachEnd: (): string => "Nails at each end",
	emptyAsManyAsThe: (): string => "Empty: as many as the panel needs",
	strandsAlongABand: (): string => "Strands along a band",
	thisToolMakesAMat: (d: { readonly readable: string | number; readonly readable2: string | number; readonly isLengthMm: 'yes' | 'no' }): string => "This tool makes a mat " + d.readable + " × " + d.readable2 + "; " + select(d.isLengthMm, { yes: "the sleeper fits on it", other: "the sleeper is longer" }) + ".",
	iskindSelectYesOtherRepeated: (d: { readonly rows: string | number; readonly isKind: 'yes' | 'no' }): string => '' + d.rows + " " + select(d.isKind, { yes: "passes in each band", other: "rows" }) + ". The same work again and again tires hands. Take breaks, change seats, and stop if something hurts.",
	rodsSitUnderTensionMind: (): string => "Rods are under tension. Mind eyes and fingers when they come out, and work in pairs.",
	pegLoom: (): string => "Peg loom",
	oneToFourWeavers: (): string => "one to four weavers",
	twinedFrame: (): string => "Twined frame",
	nailsAndRods: (): string => "nails and rods",
	fingerBands: (): string => "Finger bands",
	noTools: (): string => "no tools"
};

export const BallRow = {
	allOfOneColour: (): string => "All of one colour.",
	addTheBallsColoursIn: (): string => "Add the balls' colours in their order.",
	theseRepeatOverBalls: (d: { readonly length: string | number; readonly ceil: string | number }): string => "; these " + d.length + " repeat over " + d.ceil + " balls",
	dragABallOrPick: (d: { readonly part: string | number }): string => "Drag a ball, or pick one, to change the order" + d.part + ".",
	ball: (d: { readonly index: string | number; readonly colour: string | number }): string => "Ball " + d.index + ", " + d.colour,
	addABall: (): string => "Add a ball",
	mirrorThem: (): string => "Mirror",
	neverBesideItself: (): string => "Never next to itself",
	ball2: (d: { readonly index: string | number }): string => "Ball " + d.index,
	colourOfBall: (d: { readonly index: string | number }): string => "Colour of ball " + d.index,
	moveItLeft: (): string => "Move it left",
	moveItRight: (): string => "Move it right",
	takeItOut: (): string => "Remove",
	moreThanOneColourIs: (): string => "The middle cannot be mirrored: more than one colour has an odd number.",
	oneColourIsMoreThan: (): string => "One colour is more than half: it must be next to itself."
};

export const BenchActs = {
	workItOut: (): string => "Calculate",
	undo: (): string => "Undo",
	redo: (): string => "Redo",
	pinned: (): string => "Comparing",
	pinThisPlan: (): string => "Compare with this",
	pinToMeasureAgainstSee: (): string => "Compare: see how far every figure moves",
	keepThisPlan: (): string => "Save plan"
};

export const BesideSteps = {
	besideTheSteps: (): string => "Views",
	onPaper: (): string => "Print",
	startAnywhereOnTheLeft: (): string => "Start anywhere on the left. Every choice is drawn and counted at once. Tap a figure to see how it is worked out. Save the plan when it looks right."
};

export const CallList = {
	inTheStep: (d: { readonly said: string | number }): string => '' + d.said + ", in the step",
	worthALook: (): string => "worth a look",
	betterChanged: (): string => "better changed"
};

export const Closer = {
	aBagGives: (): string => "A bag gives",
	strandABag: (): string => "Yarn per bag",
	filmUsedOfABag: (): string => "Plastic used per bag",
	of: (d: { readonly mass: string | number; readonly mass2: string | number }): string => '' + d.mass + " of " + d.mass2,
	scrapFromAllTheBags: (): string => "Scrap from all bags",
	spoiledInWork: (): string => "Spoiled in work",
	drawnAtTrueScaleWhere: (): string => "Drawn at true scale if the screen tells its real size. Printed sheets always are. Held loosely, the yarn looks half as thick again.",
	begin: (): string => "Begin",
	chainAndTurn: (d: { readonly foundationChains: string | number }): string => "chain " + d.foundationChains + " and turn",
	foundationChain: (): string => "Foundation chain",
	chainsForStitches: (d: { readonly stitches: string | number; readonly strand: string | number }): string => '' + d.stitches + " chains for " + d.stitches + " stitches, " + d.strand,
	oneRowTakes: (): string => "One row takes",
	aBallOfBagsMakes: (d: { readonly bagsPerBall: string | number }): string => "A ball of " + d.bagsPerBall + " bags makes",
	rows: (d: { readonly rowsPerBall: string | number }): string => '' + d.rowsPerBall + " rows",
	aStitchIs: (): string => "A stitch is",
	theMatLies: (): string => "The mat is",
	thick: (d: { readonly fine: string | number }): string => '' + d.fine + " thick",
	turnsAtRowEnds: (): string => "Turns at row ends",
	strandsFromPegToPeg: (d: { readonly warpStrands: string | number; readonly readable: string | number; readonly strand: string | number }): string => '' + d.warpStrands + " strands from peg to peg, " + d.readable + "; " + d.strand + " of weft.",
	fourCanWeaveEachEnds: (d: { readonly lastStrand: string | number }): string => "Four can weave: each end's pair hands over after strand " + d.lastStrand + ".",
	inEachOfPanels: (d: { readonly count: string | number }): string => ", in each of " + d.count + " panels",
	fromOfCloth: (d: { readonly strand: string | number }): string => " from " + d.strand + " of cloth",
	nailsAtEachEndApart: (d: { readonly nails: string | number; readonly formatSpacing: string | number; readonly rows: string | number; readonly part: string | number; readonly strand: string | number; readonly part2: string | number }): string => '' + d.nails + " nails at each end, " + d.formatSpacing + " apart, " + d.rows + " rows" + d.part + "; " + d.strand + " of warp in all" + d.part2 + ". Eyes or clips hold the rods; bare nails let them pop out.",
	theMat: (): string => "the mat",
	theBag: (): string => "the bag",
	theCut: (): string => "the cut",
	theStrand: (): string => "the strand",
	theMaking: (): string => "the making",
	theFinish: (): string => "the finish"
};

export const DetailSheet = {
	whatToLookAt: (): string => "View",
	aCloserLook: (): string => "A closer look",
	howItIsReached: (): string => "How it is worked out"
};

export const FingertipTest = {
	fingertipTest: (): string => "Fingertip test",
	whatIs: (): string => "What is",
	cover: (): string => "closeness",
	theSmallFiguresHold: (): string => "? The small figures are the",
	fourTimesInFive: (): string => "range",
	figures: (d: { readonly basis: string | number }): string => "Figures are " + d.basis + ".",
	seeTheMeasures: (): string => "See the measures",
	aMatIsABarrier: (): string => "A mat protects from cold, wet ground. It is not a medical, rescue or fire-rated product."
};

export const PlanHead = {
	nameOfThePlan: (): string => "Name of the plan",
	nameThisPlanToKeep: (): string => "Name the plan to save it",
	copyALinkToThis: (): string => "Copy link to this plan",
	copyALink: (): string => "Copy link",
	keys: (): string => "Keys",
	keys2: (): string => "Keys: ?",
	keptVersion: (d: { readonly keptAs: string | number }): string => "Saved, version " + d.keptAs,
	broughtBackWhatWasNot: (): string => "Your unsaved changes are back.",
	startOver: (): string => "Start over",
	linkCopied: (): string => "Link copied",
	theLinkIsInThe: (): string => "The link is in the address bar"
};

export const ReadPlan = {
	aPlanToReadAs: (d: { readonly yearDay: string | number; readonly basis: string | number }): string => "A plan to read, saved on " + d.yearDay + ". Figures of today, " + d.basis + ".",
	whatItTakes: (): string => "What it needs",
	howItIsMade: (): string => "How it is made"
};

export const Reckoning = {
	howIsReached: (d: { readonly label: string | number }): string => "How “" + d.label + "” is worked out",
	from: (d: { readonly given: string | number }): string => "From " + d.given + ".",
	step: (): string => "Step",
	how: (): string => "How",
	comesTo: (): string => "Result",
	theIntervalHoldsTheFigure: (d: { readonly basis: string | number }): string => "In 8 of 10 cases the figure is within the range. It comes from differences in bag weight, piece length, gauge and pace. Your own swatches and timed work make it narrower. Figures are " + d.basis + "."
};

export const Shortcuts = {
	keys: (): string => "Keys",
	singleKeysWork: (): string => "single keys work",
	close: (): string => "Close",
	theyRestWhileYouType: (): string => "They are off while you type in a field. Tab and Shift-Tab move through everything; arrow keys move along a row of choices."
};

export const PlanPage = {
	planAMat: (): string => "Plan a mat",
	thatPlanWasDeletedMeanwhile: (): string => "That plan was deleted in the meantime. Save again to bring it back.",
	thisWasKeptAlreadyAnd: (): string => "This was already saved and has changed since.",
	whatStandsThereIsVersion: (d: { readonly name: string | number; readonly version: string | number }): string => "The saved plan is “" + d.name + "”, version " + d.version + ". Yours is not saved yet.",
	keepMineAsASecond: (): string => "Save mine as a new plan",
	lookAtWhatStandsThere: (): string => "Open the saved plan",
	keptPlans: (): string => "Plans"
};

export const PlanIdPage = {
	planAMat: (d: { readonly name: string | number }): string => "Plan a mat: " + d.name,
	thisPlanWasKeptElsewhere: (): string => "Someone else saved this plan in the meantime.",
	whatStandsThereSinceIs: (d: { readonly moment: string | number; readonly name: string | number; readonly version: string | number; readonly ceil: string | number }): string => "Since " + d.moment + " the saved plan is “" + d.name + "”, version " + d.version + ", with " + d.ceil + " bags to ask for. Yours is not saved yet. Choose what to do.",
	keepMineInItsPlace: (): string => "Replace it with mine",
	keepMineAsASecond: (): string => "Save mine as a new plan",
	takeTheirs: (): string => "Use theirs",
	thisPlanWasDeletedMeanwhile: (): string => "This plan was deleted in the meantime.",
	whatYouHaveHereIs: (): string => "Yours is not saved yet.",
	keepItAsANew: (): string => "Save as a new plan",
	toTheList: (): string => "To the list",
	saveAsAFile: (): string => "Save as a file",
	keptPlans: (): string => "Plans"
};

export const PlansPage = {
	keptPlans: (): string => "Plans",
	figuresAsOfNow: (d: { readonly name: string | number; readonly basis: string | number }): string => '' + d.name + ". Figures of today, " + d.basis + ".",
	removed: (): string => "Removed",
	planAMat: (): string => "Plan a mat",
	remove: (d: { readonly name: string | number }): string => "Remove “" + d.name + "”?",
	matIs: (): string => "mat is",
	matsAre: (): string => "mats are",
	beingMadeByItThey: (d: { readonly several: string | number }): string => '' + d.several + " being made from it. They carry on unchanged.",
	wantedOfItTheyStay: (d: { readonly several: string | number }): string => '' + d.several + " wanted. They stay under bags to ask for until you set 0 there.",
	tableDayWorks: (): string => "table day works",
	tableDaysWork: (): string => "table days work",
	forItChooseAnotherPlan: (d: { readonly several: string | number }): string => '' + d.several + " for it. Choose another plan there.",
	remove2: (): string => "Remove",
	cancel: (): string => "Cancel",
	wasDeleted: (d: { readonly name: string | number }): string => "“" + d.name + "” was deleted.",
	undo: (): string => "Undo",
	noPlanIsKeptYet: (): string => "No plan is saved yet",
	chooseASizeAndA: (): string => "Choose a size and a bag, give the plan a name and save it. It is then listed here.",
	planTheFirstMat: (): string => "Plan the first mat",
	plan: (): string => "Plan",
	bagsToCollect: (): string => "Bags to ask for",
	strand: (): string => "Yarn",
	hours: (): string => "Hours",
	weight: (): string => "Weight",
	kept: (): string => "Saved",
	whatToDoWithIt: (): string => "Actions",
	bags: (): string => "bags",
	whenKept: (d: { readonly was: string | number }): string => "when saved: " + d.was,
	version: (d: { readonly yearDay: string | number; readonly version: string | number }): string => '' + d.yearDay + ", version " + d.version,
	change: (): string => "Change",
	change2: (d: { readonly name: string | number }): string => "Change " + d.name,
	newName: (): string => "New name",
	rename: (): string => "Rename",
	duplicate: (): string => "Duplicate",
	saveAsAFile: (): string => "Save as a file",
	makeALinkToRead: (): string => "Create a link to it",
	"delete": (): string => "Delete",
	morePlans: (): string => "More plans",
	newerPlans: (): string => "Newer plans",
	olderPlans: (): string => "Older plans",
	readAPlanFile: (): string => "Open a plan file",
	readItAndKeepIt: (): string => "Open and save"
};

export const lacking = {
	aFieldNeedsALook: (): string => "Check the marked field.",
	notKeptYet: (d: { readonly words: string | number }): string => "Not saved yet. " + d.words,
	notKeptYetGiveThe: (): string => "Not saved yet. Give the plan a name first."
};

export const views = {
	theMat: (): string => "The mat",
	whatCanIMake: (): string => "What can I make?",
	onPaper: (): string => "Print"
};

export const drawings = {
	strandsOfWarp: (d: { readonly warpStrands: string | number }): string => '' + d.warpStrands + " strands of warp",
	warpEnds: (d: { readonly warpEnds: string | number }): string => '' + d.warpEnds + " warp ends",
	passesEach: (d: { readonly rows: string | number }): string => '' + d.rows + " passes each",
	theMatToScaleWide: (d: { readonly mat: string | number; readonly mat2: string | number; readonly rows: string | number; readonly cross: string | number; readonly mat3: string | number; readonly part: string | number }): string => "The mat to scale, " + d.mat + " wide and " + d.mat2 + " long: " + d.rows + ", " + d.cross + ", with a sleeper of " + d.mat3 + " lying on it." + d.part,
	gussetsOf: (d: { readonly gusset: string | number }): string => "gussets of " + d.gusset,
	noGussets: (): string => "no gussets",
	handlesOf: (d: { readonly handle: string | number }): string => "handles of " + d.handle,
	noHandles: (): string => "no handles",
	theBagLyingFlatFrom: (d: { readonly width: string | number; readonly body: string | number; readonly part: string | number; readonly part2: string | number }): string => "The bag lying flat: " + d.width + ", " + d.body + " from the seam to the handles, " + d.part + ", " + d.part2 + ".",
	seamOff: (): string => "seam off",
	turn: (d: { readonly ring: string | number }): string => "turn " + d.ring,
	ring: (d: { readonly ring: string | number }): string => "loop " + d.ring,
	shortRing: (): string => "short loop",
	leftOver: (): string => "left over",
	twoHalves: (): string => "two halves",
	aBagWideLyingFlat: (d: { readonly wide: string | number }): string => "A bag " + d.wide + " wide lying flat, cut down the middle between the handles into two halves; nothing is trimmed.",
	intoOneSpiralStripOf: (d: { readonly count: string | number; readonly each: string | number }): string => "into one spiral strip of " + d.count + " turns of " + d.each + ": slit up to a margin, then slanted over to the next slit",
	straightAcrossIntoCountPlural: (d: { readonly count: number; readonly each: string | number }): string => "straight across into " + d.count + " " + plural(d.count, 0, en, { one: "loop", other: "loops" }) + " of " + d.each,
	once: (): string => "once",
	twice: (): string => "twice",
	threeTimes: (): string => "three times",
	folded: (d: { readonly part: string | number }): string => ", folded " + d.part,
	aBagWideLyingFlat2: (d: { readonly wide: string | number; readonly part: string | number; readonly isAreHandlesUsed: 'yes' | 'no'; readonly part2: string | number }): string => "A bag " + d.wide + " wide lying flat, cut " + d.part + ", with the bottom seam" + select(d.isAreHandlesUsed, { yes: "", other: " and the handles" }) + " trimmed off" + d.part2 + "."
};

export const makingDrawings = {
	theStrand: (): string => "The yarn",
	mmThickAndAJoint: (d: { readonly thick: string | number }): string => '' + d.thick + " mm thick, and a joint",
	hookMm: (d: { readonly hookMm: string | number }): string => "hook " + d.hookMm + " mm",
	andAHookOfMillimetres: (d: { readonly hookMm: string | number }): string => " and a hook of " + d.hookMm + " millimetres",
	atTrueScaleMillimetresThick: (d: { readonly label: string | number; readonly thick: string | number; readonly coinMm: string | number; readonly part: string | number }): string => '' + d.label + " at true scale: " + d.thick + " millimetres thick, beside a coin of " + d.coinMm + " millimetres" + d.part + ".",
	aStitch: (d: { readonly fine: string | number; readonly fine2: string | number }): string => "a stitch " + d.fine + " × " + d.fine2,
	chainTurnStitches: (d: { readonly foundationChains: string | number; readonly stitches: string | number }): string => "chain " + d.foundationChains + ", turn: " + d.stitches + " stitches",
	row1: (): string => "row 1",
	row2: (): string => "row 2",
	row3: (): string => "row 3",
	howTheRowsBeginEnlarged: (d: { readonly chain: string | number; readonly stitch: string | number; readonly rows: string | number }): string => "How the rows begin, enlarged: " + d.chain + ", " + d.stitch + "; every row turns back over the one before, " + d.rows + " rows in all.",
	pegToPeg: (d: { readonly mat: string | number }): string => "peg to peg " + d.mat,
	pegsApart: (d: { readonly pegs: string | number; readonly formatSpacing: string | number }): string => '' + d.pegs + " pegs, " + d.formatSpacing + " apart",
	noKnotInTheLast: (d: { readonly free: string | number }): string => "no knot in the last " + d.free,
	sideRods: (): string => "side rods",
	endsMeetAt: (d: { readonly meet: string | number }): string => "ends meet at " + d.meet,
	none: (): string => "none",
	theTwoEndsMeetFrom: (d: { readonly meet: string | number }): string => " The two ends meet " + d.meet + " from the near pegs.",
	theLoomPegsAtEach: (d: { readonly pegs: string | number; readonly warpStrands: string | number; readonly piecesPerStrand: string | number; readonly isDoubleEdges: 'yes' | 'no'; readonly length: string | number; readonly part: string | number; readonly free: string | number; readonly part2: string | number }): string => "The loom: " + d.pegs + " pegs at each end, " + d.warpStrands + " strands of warp of " + d.piecesPerStrand + " loops each" + select(d.isDoubleEdges, { yes: "", other: ", both outermost doubled" }) + ". " + d.length + " knots a strand, " + d.part + " within " + d.free + " of a peg." + d.part2,
	nailsEachEndApart: (d: { readonly nails: string | number; readonly formatSpacing: string | number }): string => '' + d.nails + " nails each end, " + d.formatSpacing + " apart",
	theFirstAndTheLast: (): string => "The first and the last row go under",
	eachNailsLoopOrThey: (): string => "each nail’s loop, or they slide off",
	panelsMakeTheMat: (d: { readonly count: string | number }): string => " " + d.count + " panels make the mat.",
	aFrameOfByWith: (d: { readonly mat: string | number; readonly mat2: string | number; readonly mat3: string | number; readonly mat4: string | number; readonly nails: string | number; readonly what: string | number; readonly rows: string | number; readonly part: string | number }): string => "A frame of " + d.mat + " by " + d.mat2 + " with a panel of " + d.mat3 + " by " + d.mat4 + " on it: " + d.nails + " nails at each end, " + d.what + " warp ends, " + d.rows + " rows of a pair of strands twisting round each end and each rod. The first and the last row pass under every nail's loop." + d.part,
	aBandWide: (d: { readonly wide: string | number }): string => "a band, " + d.wide + " wide",
	theWeaverLinksIntoThe: (): string => "The weaver links into the band before at",
	everyReturnPulledTooTight: (): string => "every turn; pulled too tight it curls",
	bandsEachWideOfStrands: (d: { readonly bands: string | number; readonly wide: string | number; readonly warpStrands: string | number }): string => '' + d.bands + " bands, each " + d.wide + " wide, of " + d.warpStrands + " strands along the mat with a weaver going over and under across and linking into the band before at every return.",
	asTheyLieBeforeThe: (): string => "As they lie before the turn.",
	crossingSwapsTheIsleftSelect: (d: { readonly crossing: string | number; readonly isLeft: 'yes' | 'no'; readonly order: string | number }): string => "Crossing " + d.crossing + " swaps the " + select(d.isLeft, { yes: "left", other: "right" }) + " pair; from left to right now: " + d.order + ".",
	theTurnSeenFromThe: (d: { readonly turn: string | number }): string => "The turn, seen from the worker: " + d.turn,
	hookMm2: (d: { readonly hookMm: string | number }): string => ", hook " + d.hookMm + " mm",
	matOfStripStrandMm: (d: { readonly rows: string | number; readonly small: string | number; readonly strandMm: string | number; readonly part: string | number }): string => "Mat of " + d.rows + ", strip " + d.small + ", yarn " + d.strandMm + " mm thick" + d.part,
	noTies: (): string => "no ties",
	andAStrap: (): string => " and a strap",
	theMatFoldedAndRolled: (d: { readonly across: string | number; readonly long: string | number; readonly ties: string | number }): string => "The mat folded and rolled: " + d.across + " across and " + d.long + " long, " + d.ties + ".",
	theWarp: (): string => "The warp",
	theWeft: (): string => "The weft"
};

export const mixRequest = {
	thinCarriers: (): string => "thin carriers",
	heavierShopBags: (): string => "heavier shop bags",
	milkPouches: (): string => "milk pouches",
	theBagOnTheBench: (): string => "the bag of this plan"
};

export const cuttingQuestions = {
	aQuarterOfTheBag: (): string => "a quarter of the bag",
	halfOfIt: (): string => "half of it",
	theWhole: (): string => "the whole",
	cuttingHJoiningH: (d: { readonly cut: string | number; readonly join: string | number }): string => "cutting " + d.cut + " h, joining " + d.join + " h",
	ofScrap: (d: { readonly mass: string | number }): string => '' + d.mass + " of scrap",
	howWideAStrip: (): string => "How wide a strip",
	narrowStripsMakeASupple: (): string => "Narrow strips make soft, close fabric with many joints. Wide ones are quick, hold more and need a large hook. Both make good mats.",
	whichCut: (): string => "Which cut",
	ringsJoinWithoutKnotsTo: (): string => "Loops join without knots to trim. A spiral has one knot a bag and takes longer to cut. Half bags waste nothing. A whole tube is one wide loop: no measuring and fewer joints, but more bags, because it makes the yarn thick.",
	halfBags: (): string => "half bags",
	wholeTubes: (): string => "whole tubes",
	howMuchToTrim: (): string => "How much to trim",
	aGenerousTrimLeavesNo: (): string => "A generous trim removes half-melted edges and gives stuffing for pillows. A close one makes more yarn from each bag.",
	whatScrapsAreFor: (): string => "What to do with scraps",
	allOfItCanStuff: (): string => "All of it can stuff a pillow for the mat. Whole handles chain into thick yarn. The rest can go to film recycling. Bag loose scraps at the table: they blow away.",
	handleStrand: (): string => "handle yarn",
	ofHandles: (d: { readonly mass: string | number }): string => '' + d.mass + " of handles",
	upTo: (d: { readonly mass: string | number }): string => "up to " + d.mass
};

export const finishingQuestions = {
	ofStrand: (d: { readonly strand: string | number }): string => '' + d.strand + " of yarn",
	howTiesAreMade: (): string => "How ties are made",
	chainsAreQuickForWhoever: (): string => "Chains are quick if you have the hook in your hand. Braids need less yarn and no hook. Some send no ties: a strip around the roll is enough.",
	chainAndStrap: (): string => "chain and strap",
	braidAndStrap: (): string => "braid and strap",
	chainNoStrap: (): string => "chain, no strap",
	handlesOfWholeTubes: (): string => "Handles of whole tubes",
	keptHandlesWasteNothingAnd: (): string => "Handles left on waste nothing and make bulkier yarn. Cut off, the yarn is flatter.",
	ofScrap: (d: { readonly mass: string | number }): string => '' + d.mass + " of scrap",
	warpOfAFrame: (): string => "Warp of a frame",
	ofClothToFind: (d: { readonly strand: string | number }): string => '' + d.strand + " of cloth to find",
	noCloth: (): string => "no cloth",
	oneColourReadsCalmSorted: (): string => "One colour looks calm, sorted stripes look planned, and mixed colours use whatever came.",
	oneColour: (): string => "one colour",
	whatTheStoreHasMost: (): string => "what the store has most of",
	sortedStripes: (): string => "sorted stripes",
	ballsToSort: (d: { readonly ceil: string | number }): string => '' + d.ceil + " balls to sort",
	neverTheSameTwice: (): string => "never the same twice",
	anyBallButNotIts: (): string => "any ball, but not its own colour next"
};

export const makingQuestions = {
	rowsAndAsManyTurns: (d: { readonly rows: string | number }): string => '' + d.rows + " rows and as many turns",
	minARow: (d: { readonly makeSeconds: string | number }): string => '' + d.makeSeconds + " min a row",
	whichTechnique: (): string => "Which technique",
	crochetNeedsAHookAnd: (): string => "Crochet needs a hook and practice, and can travel home. A peg loom seats up to four and takes an hour to learn. A frame makes panels. Bands need only hands.",
	whichWayCrochetRuns: (): string => "Which way crochet runs",
	acrossShortRowsOneCan: (): string => "Across: short rows you can finish in one sitting. Lengthwise: a third of the turns, and stripes as long as the sleeper.",
	weftReadyJoinedOrPiece: (): string => "Weft in balls, or piece by piece",
	joinedBallsGoFastOn: (): string => "Joined balls are quick on a peg loom. On a twining frame, join each piece when you reach it, because slack must be worked out.",
	joinedBalls: (): string => "joined balls",
	ballsMadeBeforehand: (d: { readonly ceil: string | number }): string => '' + d.ceil + " balls made beforehand",
	pieceByPiece: (): string => "piece by piece",
	jointsAtTheLoom: (d: { readonly ceil: string | number }): string => '' + d.ceil + " joints at the loom"
};

export const ways = {
	cover: (d: { readonly cover: string | number; readonly coverGrade: string | number }): string => "closeness " + d.cover + ", " + d.coverGrade,
	holdsNAtAJoint: (d: { readonly jointN: string | number }): string => "holds " + d.jointN + " N at a joint"
};

export const handles = {
	widthOfTheMat: (): string => "Width of the mat",
	lengthOfTheMat: (): string => "Length of the mat",
	handleHeight: (): string => "Handle height",
	seamToHandles: (): string => "Seam to handles",
	gussetEachSide: (): string => "Gusset, each side",
	flatWidth: (): string => "Flat width",
	stripWidth: (): string => "Strip width"
};

export const cautionWords = {
	theReceivingPlacesOwnRules: (): string => "The receiving place’s own rules and local fire, hygiene and safeguarding rules come first. Ask the people responsible.",
	filmCanSuffocateKeepBags: (): string => "Plastic can suffocate: keep bags, scraps, mats and pillows away from babies and small children. Never let an infant sleep on a mat. Plastic burns and drips: keep it away from heaters, stoves, candles and cigarettes.",
	repeatedWorkTiresHandsTake: (): string => "The same work again and again tires hands. Take breaks, change seats, and stop if something hurts.",
	rollingBladesAreForTrained: (): string => "Rolling blades are for trained adults. Cut away from the body, wear gloves, close the blade when you put it down. Children and unsteady hands use blunt scissors or another seat.",
	childrenAndUnsteadyHandsGet: (): string => "Children and unsteady hands use blunt scissors or another seat.",
	glovesOrWashedHandsFor: (): string => "Wear gloves or wash your hands. Nothing mouldy, nothing from medical or chemical use.",
	rodsSitUnderTensionMind: (): string => "Rods are under tension: mind eyes and fingers when they come out.",
	aMatIsABarrier: (): string => "A mat protects from cold, wet ground. It is not a medical, rescue or fire-rated product. Plastic is slippery on floors.",
	bagsCanSuffocateKeepThem: (): string => "Bags can suffocate: keep them away from babies and small children. Plastic burns and drips: keep it away from heaters and stoves.",
	bagLooseScrapsAtThe: (): string => "Bag loose scraps at the table; they blow away."
};

export const judgementsOfBags = {
	checkTheMeasures: (): string => "Check the measures",
	thisFilmWouldBeM: (d: { readonly what: string | number }): string => "This plastic would be " + d.what + " µm thick, thinner than any bag.",
	weighACountedHandfulAgain: (): string => "Weigh a counted handful again and measure flat.",
	thisFilmWouldBeM2: (d: { readonly what: string | number }): string => "This plastic would be " + d.what + " µm thick, thicker than any bag.",
	wasTheHandfulCountedMeasure: (): string => "Was the handful counted? Measure flat.",
	ofEveryBagLeftOver: (d: { readonly small: string | number }): string => '' + d.small + " of every bag left over",
	theStripWidthDoesNot: (): string => "The strip width does not divide the bag evenly.",
	stripsOfUseItAll: (d: { readonly what: string | number; readonly small: string | number }): string => '' + d.what + " strips of " + d.small + " use all of it.",
	cutStrips: (d: { readonly what: string | number }): string => "Cut " + d.what + " strips",
	lastStripShort: (): string => "Last strip short",
	itIsInsteadOfA: (d: { readonly small: string | number; readonly small2: string | number }): string => "It is " + d.small + " instead of " + d.small2 + ", a little thinner in the hand.",
	spreadTheShortOnesThrough: (): string => "Spread the short ones through the mat.",
	narrowForThinFilm: (): string => "Narrow for thin plastic",
	onePlyOfMSnaps: (d: { readonly what: string | number }): string => "A single strip of " + d.what + " µm snaps when cut so narrow.",
	cutAtLeastWideAnd: (d: { readonly small: string | number }): string => "Cut at least " + d.small + " wide, and check after the first two turns.",
	cutWide: (d: { readonly small: string | number }): string => "Cut " + d.small + " wide",
	stackTooThickForThe: (): string => "Stack too thick for the tool",
	bagsFoldedSoAreLayers: (d: { readonly what: string | number; readonly what2: string | number; readonly what3: string | number; readonly what4: string | number }): string => '' + d.what + " bags are " + d.what2 + " layers at the gusset, " + d.what3 + " mm thick. More than " + d.what4 + " mm is hard to cut.",
	markAndCutInsteadOf: (): string => "Mark and cut instead of folding.",
	takeAtATime: (d: { readonly what: string | number }): string => "Take " + d.what + " at a time.",
	weakStrand: (): string => "Weak yarn",
	aJointHoldsAboutN: (d: { readonly what: string | number }): string => "A joint holds about " + d.what + " N. A careless pull snaps it.",
	cutWiderOrWorkTwo: (): string => "Cut wider, or work two strands together.",
	spinTwoTogether: (): string => "Spin two together"
};

export const judgementsOfFabric = {
	takeASmallerHookOr: (): string => "Take a smaller hook or a wider strip.",
	takeASmallerHookA: (): string => "Take a smaller hook, a wider strip or a shorter stitch.",
	beatTheRowsFirmerOr: (): string => "Pack the rows tighter, or cut the weft wider.",
	beatTheRowsFirmerCut: (): string => "Pack the rows tighter, cut the weft wider, or set the pegs closer.",
	pushTheRowsCloserOr: (): string => "Push the rows closer, or cut a wider strip.",
	pushTheRowsCloserCut: (): string => "Push the rows closer, cut a wider strip, or set the nails closer.",
	drawTheWeaverALittle: (): string => "Draw the weaver a little tighter, or use bulkier yarn.",
	takeABulkierStrandAnd: (): string => "Use bulkier yarn, and draw the weaver snug without curling the band.",
	cover: (d: { readonly what: string | number }): string => "Closeness " + d.what,
	thisStrandSuitsAHook: (d: { readonly what: string | number; readonly what2: string | number }): string => "A " + d.what + " to " + d.what2 + " mm hook suits this yarn.",
	noNearerHookIsUsual: (d: { readonly strip: string | number }): string => "No closer hook is usual: cut a " + d.strip + " strip.",
	"try": (d: { readonly hookName: string | number }): string => "Try " + d.hookName + ".",
	takeMm: (d: { readonly what: string | number }): string => "Take " + d.what + " mm",
	beatItFirm: (): string => "Pack it tight",
	close: (): string => "Close",
	aFingertipShouldNotGo: (d: { readonly coverOf: string | number }): string => '' + d.coverOf + ": a fingertip does not go through if the tension is even.",
	fair: (): string => "Fair",
	aFingertipMayFindA: (d: { readonly coverOf: string | number }): string => '' + d.coverOf + ": a fingertip goes through here and there.",
	gaps: (): string => "Gaps",
	aFingertipGoesThroughAnd: (d: { readonly coverOf: string | number }): string => '' + d.coverOf + ": a fingertip goes through, and so does the cold.",
	hookSmallForTheStrand: (): string => "Hook small for this yarn",
	hookLargeForTheStrand: (): string => "Hook large for this yarn",
	comesOutAnotherWidth: (): string => "Width changes",
	wholeBandsMakeItWide: (d: { readonly mat: string | number; readonly mat2: string | number }): string => "Whole bands make it " + d.mat + " wide instead of " + d.mat2 + ".",
	chooseAnotherStrandOrTake: (): string => "Choose other yarn, or accept this width.",
	narrowToLieOn: (): string => "Narrow to lie on",
	isLessThanTheUsual: (d: { readonly mat: string | number; readonly mat2: string | number }): string => '' + d.mat + " is less than the usual " + d.mat2 + " or more.",
	makeItWiderOrChoose: (): string => "Make it wider, or keep it for someone smaller.",
	makeItWide: (d: { readonly mat: string | number }): string => "Make it " + d.mat + " wide",
	shorterThanTheSleeper: (): string => "Shorter than the sleeper",
	theMatComesOutLong: (d: { readonly mat: string | number; readonly mat2: string | number }): string => "The mat will be " + d.mat + " long; the sleeper in the drawing is " + d.mat2 + ".",
	addLengthOrChooseIt: (): string => "Add length, or keep it for someone smaller.",
	makeItLongEnough: (): string => "Make it long enough"
};

export const judgementsOfLooms = {
	loopsDoNotFitThe: (): string => "Loops do not fit the strand",
	loopsReachOfTheWay: (d: { readonly what: string | number; readonly value: string | number }): string => '' + d.what + " loops reach " + d.value + " % of the way from peg to peg.",
	shortenOneLoopOfEach: (d: { readonly mat: string | number }): string => "Shorten one loop of each strand to " + d.mat + ".",
	addAShortPieceOf: (d: { readonly mat: string | number }): string => "Add a short piece of " + d.mat + " to each strand.",
	knotTooNearAPeg: (): string => "Knot too near a peg",
	aKnotFallsFromThe: (d: { readonly small: string | number; readonly small2: string | number }): string => "A knot is " + d.small + " from the peg and jams when the mat comes off. Keep the last " + d.small2 + " free.",
	putTheShortPieceBetween: (): string => "Put the short piece between two others.",
	shortPieceInTheMiddle: (): string => "Short piece in the middle",
	weftThickerThanWarp: (): string => "Weft thicker than warp",
	theWeftIsMmThick: (d: { readonly what: string | number; readonly what2: string | number }): string => "The weft is " + d.what + " mm thick, the warp " + d.what2 + " mm: it will not pack close.",
	cutTheWeftNarrowerThan: (): string => "Cut the weft narrower than the warp.",
	pegsTooClose: (): string => "Pegs too close",
	warpAndWeftTogetherAre: (d: { readonly small: string | number }): string => "Warp and weft together are thicker than the " + d.small + " between pegs.",
	setThePegsApart: (d: { readonly small: string | number }): string => "Set the pegs " + d.small + " apart.",
	pegsApart: (d: { readonly small: string | number }): string => "Pegs " + d.small + " apart",
	rowsMeetAlikeInThe: (): string => "Rows are alike where they meet",
	afterRowsFromOneEnd: (d: { readonly what: string | number; readonly what2: string | number }): string => "After " + d.what + " rows from one end and " + d.what2 + " from the other, two neighbours go over the same strands.",
	beginTheFarEndWith: (): string => "Begin the far end with the other pass, or add or drop one row.",
	beginTheFarEndWith2: (): string => "Begin the far end with the other pass",
	moreThanOnePanel: (): string => "More than one panel",
	theFrameIsSmallerThan: (d: { readonly what: string | number; readonly what2: string | number; readonly mat: string | number }): string => "The frame is smaller than the mat: " + d.what + " panels side by side, " + d.what2 + " along, with " + d.mat + " of seams.",
	joinThemAlongTheWarp: (): string => "Join them along the warp. Plan the colours before you start.",
	panelsEndToEnd: (): string => "Panels end to end",
	aSeamAcrossTheSleeper: (): string => "A seam across the sleeper pulls at the ends of the warp.",
	useAFrameAsLong: (): string => "Use a frame as long as the mat."
};

export const methodWords = {
	ringsOf: (d: { readonly formatLength: string | number }): string => "loops of " + d.formatLength,
	equalRings: (d: { readonly equalStrips: string | number }): string => '' + d.equalStrips + " equal loops",
	spiralOf: (d: { readonly formatLength: string | number }): string => "spiral of " + d.formatLength,
	halfBags: (): string => "half bags",
	wholeTubesHandlesKept: (): string => "whole tubes with handles",
	wholeTubes: (): string => "whole tubes",
	generousTrim: (): string => ", generous trim",
	closeTrim: (): string => ", close trim",
	weft: (d: { readonly cutting: string | number; readonly cut: string | number }): string => '' + d.cutting + "; weft " + d.cut,
	pegLoomPegsApartBeaten: (d: { readonly small: string | number; readonly packing: string | number }): string => "peg loom, pegs " + d.small + " apart, packed " + d.packing,
	twinedFrameNailsApart: (d: { readonly small: string | number }): string => "twined frame, nails " + d.small + " apart",
	fingerBandsOfStrands: (d: { readonly warpStrands: string | number }): string => "finger bands of " + d.warpStrands + " strands"
};

export const problemWords = {
	thisCannotBeLessThan: (): string => "This cannot be less than 0.",
	thisIsTooSmallAt: (d: { readonly least: string | number; readonly each: string | number }): string => "This is too small: at least " + d.least + d.each + ".",
	thisIsTooLargeAt: (d: { readonly most: string | number; readonly each: string | number }): string => "This is too large: at most " + d.most + d.each + ".",
	thisNeedsAWholeNumber: (d: { readonly least: string | number; readonly most: string | number }): string => "This needs a whole number from " + d.least + " to " + d.most + ".",
	giveAStripWidthOr: (): string => "Give a strip width or a count of equal strips, one of the two.",
	theTrimsTakeOfA: (d: { readonly formatLength: string | number; readonly formatLength2: string | number }): string => "The trims take " + d.formatLength + " of a bag body of " + d.formatLength2 + ": nothing is left to cut.",
	theStripIsWiderThan: (d: { readonly formatLength: string | number }): string => "The strip is wider than the " + d.formatLength + " left between the trims.",
	aSpiralNeedsTwoTurns: (d: { readonly small: string | number; readonly formatLength: string | number }): string => "A spiral needs two turns: at most " + d.small + " wide in the " + d.formatLength + " between the trims.",
	thisJointDoesNotGo: (): string => "This joint does not work with this cut: an open strip has no loop.",
	thatMakesStripsOfAt: (d: { readonly small: string | number; readonly small2: string | number }): string => "That makes strips of " + d.small + "; at least " + d.small2 + " can be cut and joined.",
	theRingsWouldBeToo: (): string => "The loops would be too small: the joint takes all of their length. Use a wider bag or a narrower strip.",
	giveThePlanAName: (): string => "Give the plan a name.",
	theNameHasCharactersAre: (d: { readonly length: string | number; readonly longest: string | number }): string => "The name has " + d.length + " characters; at most " + d.longest + " are possible.",
	theNameHasACharacter: (): string => "The name has a character that cannot be shown. Type it again.",
	chooseAPlanFileFirst: (): string => "Choose a plan file first.",
	thatFileIsMbA: (d: { readonly bytes: string | number }): string => "That file has " + d.bytes + " MB. A plan file is much smaller.",
	thatFileIsNotA: (): string => "That file is not a plan file: it could not be read as JSON.",
	thatFileIsNotA2: (): string => "That file is not a plan of Nest Row.",
	thatPlanWasSavedBy: (d: { readonly version: string | number }): string => "That plan was saved by a newer Nest Row (file version " + d.version + "). Update this one to open it.",
	inTheFile: (d: { readonly path: string | number; readonly detail: string | number }): string => "In the file, " + d.path + ": " + d.detail + ".",
	inTheFile2: (d: { readonly path: string | number; readonly fieldProblem: string | number }): string => "In the file, " + d.path + ": " + d.fieldProblem
};

export const sheets = {
	crochetSheet: (): string => "Crochet sheet",
	loomSheet: (): string => "Loom sheet",
	frameSheet: (): string => "Frame sheet",
	nailsWarpRowsAndPanels: (): string => "Nails, warp, rows and panels, with rows to tick.",
	bandSheet: (): string => "Band sheet",
	bandsToTickWhatEach: (): string => "Bands to tick, what each needs, and the turn step by step.",
	planSheet: (): string => "Plan sheet",
	theWholePlanForThe: (): string => "The whole plan for the wall: large figures, the mat and how to make it.",
	cuttingSheet: (): string => "Cutting sheet",
	aGuideStripAtTrue: (): string => "A guide strip at real size to put next to the bag, with a 100 mm line to check."
};

export const stepLines = {
	thinCarrier: (): string => "thin carrier",
	heavierShopBag: (): string => "heavier shop bag",
	milkPouch: (): string => "milk pouch",
	ourOwnBag: (): string => "our own bag",
	loopThroughLoop: (): string => "loop through loop",
	overhandKnot: (): string => "overhand knot",
	slitInSlit: (): string => "slit in slit",
	spunTwoPly: (): string => ", spun two-ply",
	piecesPluralOneOtherOf: (d: { readonly pieces: number; readonly width: string | number }): string => '' + d.pieces + " " + plural(d.pieces, 0, en, { one: "loop", other: "loops" }) + " of " + d.width,
	spiralOfTurns: (d: { readonly width: string | number; readonly turns: string | number }): string => "spiral of " + d.width + ", " + d.turns + " turns",
	twoHalfBagsWholeFilm: (): string => "two half bags, nothing wasted",
	wholeTubeWide: (d: { readonly width: string | number }): string => "whole tube, " + d.width + " wide",
	mmHook: (d: { readonly stitchName: string | number; readonly hookMm: string | number }): string => '' + d.stitchName + ", " + d.hookMm + " mm hook",
	pegLoomPegsBeaten: (d: { readonly part: string | number; readonly packing: string | number }): string => "peg loom, " + d.part + " pegs, packed " + d.packing,
	panels: (d: { readonly count: string | number }): string => ", " + d.count + " panels",
	twinedFrameNails: (d: { readonly part: string | number; readonly part2: string | number }): string => "twined frame, " + d.part + " nails" + d.part2,
	fingerWovenBandsOfStrands: (d: { readonly part: string | number; readonly warpStrands: string | number }): string => '' + d.part + " finger-woven bands of " + d.warpStrands + " strands",
	noTies: (): string => "no ties",
	twoIstiesSelectYesOther: (d: { readonly isTies: 'yes' | 'no'; readonly isHasStrap: 'yes' | 'no' }): string => "two " + select(d.isTies, { yes: "chained", other: "braided" }) + " ties" + select(d.isHasStrap, { yes: ", carry strap", other: "" }),
	oneSleeper: (d: { readonly formatLength: string | number; readonly formatLength2: string | number }): string => '' + d.formatLength + " × " + d.formatLength2 + ", one sleeper",
	jointsBallsOf: (d: { readonly jointNames: string | number; readonly spinNames: string | number; readonly ceil: string | number; readonly bagsPerBall: string | number }): string => '' + d.jointNames + d.spinNames + ", " + d.ceil + " joints, balls of " + d.bagsPerBall
};

export const stepWords = {
	wholePartOf: (): string => "whole part of (",
	atLeast1: (): string => "at least 1, (",
	atLeast0: (): string => "at least 0, (",
	so: (d: { readonly words: string | number; readonly figure: string | number }): string => '' + d.words + ", so " + d.figure
};

export const tallyWords = {
	bagsToCollect: (): string => "Bags to ask for",
	bagsToPrepare: (): string => "Bags to cut",
	strand: (): string => "Yarn",
	balls: (): string => "Balls",
	joints: (): string => "Joints",
	handsOnTime: (): string => "Working time",
	matWeighs: (): string => "Mat weight",
	cover: (): string => "Closeness"
};

export const whyWords = {
	aLargerMat: (): string => "a larger mat",
	aSmallerMat: (): string => "a smaller mat",
	anotherShapeOfMat: (): string => "another shape of mat",
	aHeavierBag: (): string => "a heavier bag",
	aLighterBag: (): string => "a lighter bag",
	anotherBag: (): string => "another bag",
	moreTrimmedOff: (): string => "more trimmed off",
	lessTrimmedOff: (): string => "less trimmed off",
	trimmedOtherwise: (): string => "trimmed otherwise",
	aWiderStrip: (): string => "a wider strip",
	aNarrowerStrip: (): string => "a narrower strip",
	anotherStrip: (): string => "another strip",
	aWiderStripCutOtherwise: (): string => "a wider strip, cut otherwise",
	aNarrowerStripCutOtherwise: (): string => "a narrower strip, cut otherwise",
	anotherCut: (): string => "another cut",
	aWiderWeft: (): string => "a wider weft",
	aNarrowerWeft: (): string => "a narrower weft",
	anotherWeft: (): string => "another weft",
	anotherStitch: (): string => "another stitch",
	largerStitches: (): string => "larger stitches",
	smallerStitches: (): string => "smaller stitches",
	anotherHook: (): string => "another hook",
	widerApart: (): string => "wider apart",
	closerTogether: (): string => "closer together",
	anotherSpacing: (): string => "another spacing",
	anotherTechnique: (): string => "another technique",
	anotherJoint: (): string => "another joint",
	anotherFinish: (): string => "another finish",
	anotherWayOfWorking: (): string => "another way of working",
	fewerRows: (): string => "fewer rows",
	moreRows: (): string => "more rows"
};

export const PlanActs = {
	thisLinkDoesNotHold: (): string => "This link does not hold a whole plan: it may be cut short. Here is a new plan instead."
};

export const PlanIdActs = {
	thereIsNoPlanHere: (): string => "There is no plan here. It may be deleted; you can restore it from the list."
};

export const PlansActs = {
	whichPlanWasMeantCould: (): string => "The plan could not be read. Reload the page.",
	thatPlanIsNoLonger: (): string => "That plan is no longer in the list.",
	planFromAFile: (): string => "Plan from a file",
	aFileWasKeptFrom: (): string => "A file from this page was already saved. Reload the page to open another."
};

export const PlanIdFileDoor = {
	thereIsNoPlanHere: (): string => "There is no plan here."
};
