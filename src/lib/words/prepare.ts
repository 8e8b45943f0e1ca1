// Made of prepare.json by `npm run words -- --make`: change the words there.
import { plural, select } from '@messageformat/runtime';
import { en } from './number';

export const FilmBooks = {
	ofFilmInTheStore: (): string => "of plastic in store",
	whatAnActTakesFrom: (): string => "What an act takes from one pile it puts on another, to the milligram: nothing is made, nothing is lost."
};

export const LabelPlaces = {
	someLabelsOfTheSheet: (): string => "Some labels of the sheet are used already",
	theLabelItBeginsAt: (): string => "First label to print",
	label: (d: { readonly at: string | number }): string => "Label " + d.at
};

export const LastActs = {
	doneLast: (): string => "Done last",
	nothingYetTapAPile: (): string => "Nothing yet. Tap a pile of bags to flatten a batch.",
	by: (d: { readonly byName: string | number }): string => ", by " + d.byName,
	takenBack: (): string => " · undone",
	takenBackAtTheTable: (): string => "undone at the table",
	takeBack: (): string => "Undo"
};

export const LoadLoom = {
	loadALoom: (): string => "Load a loom",
	layThem: (): string => "Add to loom",
	ofStrandsLaid: (d: { readonly laid: string | number; readonly all: string | number }): string => '' + d.laid + " of " + d.all + " strands on the loom",
	of: (d: { readonly laid: string | number; readonly all: string | number }): string => '' + d.laid + " of " + d.all,
	onMat: (d: { readonly code: string | number }): string => " on mat " + d.code,
	strandsLaidPiecesEach: (d: { readonly part: string | number; readonly piecesPerStrand: string | number }): string => "strands on the loom" + d.part + ", " + d.piecesPerStrand + " pieces each.",
	ofThemHaveAKnot: (d: { readonly jammed: string | number }): string => '' + d.jammed + " of them have a knot too near a peg:",
	shortenOnePieceAndMove: (): string => "shorten one piece and move the knot 75 mm in, or the mat will not come off.",
	noKnotLiesAtA: (): string => "No knot is at a peg.",
	loom: (): string => "Loom",
	strands: (): string => "Strands",
	takenFrom: (): string => "Taken from",
	rodsAndWarpSitUnder: (): string => "Rods and warp are under tension. Mind eyes and fingers, and work in pairs."
};

export const PileForms = {
	byIfTheyLike: (): string => "Who (optional)",
	spoiledOfAHundred: (): string => "Spoiled (of 100)",
	as: (): string => "As",
	aChainForALoom: (): string => "a chain for a loom",
	weighsIfWeighed: (): string => "Weight (optional)",
	itsLabel: (): string => "Label (optional)",
	asPrintedElseItGets: (): string => "as printed; else it gets the next code",
	thenOtherColoursOnThe: (): string => "Other colours on the same ball",
	then: (): string => "Then",
	nothingMore: (): string => "nothing more",
	bagsWorth: (): string => "Yarn of how many bags",
	countThisPileAgain: (): string => "Count this pile again",
	soManyLieThere: (): string => "Save count",
	thatLieThere: (d: { readonly pileNoun: string | number }): string => '' + d.pileNoun + " here now",
	whatHappenedInAWord: (): string => "What happened (optional)",
	layBagsFlat: (): string => "Flatten bags",
	cutFlatBags: (): string => "Cut flat bags",
	joinPieces: (): string => "Join pieces",
	windABall: (): string => "Wind a ball",
	bagsWorthOf: (d: { readonly untrack: string | number }): string => "Yarn of how many " + d.untrack + " bags"
};

export const SmallPrinter = {
	smallLabelPrinter: (): string => "Small label printer",
	aStandInAsThis: (d: { readonly labelsLeft: string | number }): string => "This is a practice printer for the demo. " + d.labelsLeft + " labels on its roll.",
	oneLabelWaits: (): string => "One label waits",
	labelsWait: (d: { readonly length: string | number }): string => '' + d.length + " labels wait",
	goOnPrinting: (): string => "Carry on printing",
	printNoneOfThem: (): string => "Cancel printing",
	cameOutLast: (): string => "Last label:",
	theLabelAsItWas: (d: { readonly code: string | number }): string => "The label " + d.code + " as printed",
	putSomethingWrongWithIt: (): string => "Try a fault",
	aLabelJammedHalfWay: (): string => "A label is jammed. Take it out: it is printed again as a whole. Others are not printed twice.",
	openItsCover: (): string => "Open its cover",
	closeItsCover: (): string => "Close its cover",
	emptyItsRoll: (): string => "Empty its roll",
	putInANewRoll: (): string => "Put in a new roll",
	jamIt: (): string => "Jam it",
	takeTheJamOut: (): string => "Take the jam out"
};

export const ToolForm = {
	measureAgain: (d: { readonly name: string | number }): string => "Measure " + d.name + " again",
	aToolThatIsThere: (): string => "Add a tool",
	keepItAsMeasured: (): string => "Save",
	addIt: (): string => "Add",
	whatItIs: (): string => "Kind",
	whatYouCallIt: (): string => "Name",
	howMany: (): string => "How many",
	pegsAtEachEnd: (): string => "Pegs at each end",
	pegsToPegsAlong: (): string => "Peg to peg, along",
	nailsAtEachEnd: (): string => "Nails at each end",
	lengthBetweenThem: (): string => "Length between them",
	oneToTheNext: (): string => "Spacing",
	middleToMiddle: (): string => "middle to middle",
	sideRods: (): string => "Side rods",
	inEyesOrClips: (): string => "in eyes or clips",
	onBareNails: (): string => "on bare nails",
	thicknessMm: (): string => "Thickness, mm",
	theToolAsItIs: (): string => "Your tool, drawn to scale",
	rollingBladesAreForTrained: (): string => "Rolling blades are for trained adults. Cut away from the body, wear gloves, close the blade when you put it down. Children and unsteady hands use blunt scissors or another seat.",
	rodsSitUnderTensionMind: (): string => "Rods are under tension. Mind eyes and fingers when they come out, and work in pairs. Rods can pop off bare nails."
};

export const ToolList = {
	noneYetMeasureTheLoom: (): string => "None yet. Measure your loom or add your hooks: plans then use them.",
	drawnToScale: (d: { readonly name: string | number }): string => '' + d.name + ", drawn to scale",
	asThickAsItIs: (d: { readonly name: string | number }): string => '' + d.name + ", real thickness",
	wantTheSameLoomOne: (d: { readonly wishes: string | number }): string => '' + d.wishes + " need the same loom: one after the other, or one on another loom.",
	planWithIt: (): string => "Plan with it",
	measureAgain: (): string => "Measure again",
	notThereAnyMore: (): string => "Remove"
};

export const TrestleSaid = {
	yesItIsRight: (): string => "Yes, it is right"
};

export const WorkPanel = {
	workingFor: (): string => "Working for",
	noPlanIsKeptYet: (): string => "No plan is saved yet, so nothing says how wide to cut.",
	keepAPlanFirst: (): string => "Save a plan first",
	cutAndJoinedFor: (): string => "Cut and joined for",
	wanted: (d: { readonly matsWanted: string | number }): string => ": " + d.matsWanted + " wanted",
	cutAs: (): string => "Cut as",
	workForThis: (): string => "Use this plan",
	spoiledTodayOfAHundred: (): string => "Spoiled today (% of cut pieces)",
	aNumberFrom0To: (): string => "A number from 0 to 90.",
	asItWasSaidToday: (): string => "Same as said today.",
	askedOnceItStandsFor: (): string => "Used all day.",
	bladesAreForTrainedAdults: (): string => "Blades are for trained adults: cut away from the body, close the blade when you put it down. Children and unsteady hands use blunt scissors or another seat. Bag scraps at once, away from small children. Wear gloves or wash your hands. Take a break every 45 minutes."
};

export const PreparePage = {
	onTheTable: (): string => "On the table",
	tapAPileToDo: (): string => "Tap a pile to do the next step with it, or drag it on.",
	yesItIsRight: (): string => "Yes, it is right",
	nothingLiesHereYet: (): string => "Nothing here yet.",
	sortWhatCameIn: (): string => "Sort what came in",
	andItLiesOnThe: (): string => ", then it is here on the left, ready to flatten."
};

export const PrepareBallsPage = {
	howFarTheyGo: (): string => "What they are enough for",
	ballsAndChainsThere: (): string => "Balls and chains in store",
	tickThoseWhoseLabelIs: (): string => "Tick those to print a label for.",
	noneYet: (): string => "None yet.",
	windOneAtTheTable: (): string => "Wind one at the table",
	itGetsACodeAnd: (): string => ": it gets a code and is listed here.",
	printTheLabelOf: (d: { readonly code: string | number }): string => "Print the label of " + d.code,
	bags: (d: { readonly ballColours: string | number; readonly sort: string | number; readonly bags: string | number }): string => '' + d.ballColours + " " + d.sort + ", " + d.bags + " bags",
	olderOnes: (): string => "Older",
	theSheetOfLabels: (): string => "Sheet of labels",
	paper: (): string => "Paper",
	letter: (): string => "Letter",
	labels: (): string => "Labels",
	onASheet: (d: { readonly one: string | number; readonly labelsOn: string | number }): string => '' + d.one + ": " + d.labelsOn + " on a sheet",
	beginAtLabel: (): string => "First label",
	makeTheSheet: (): string => "Create sheet",
	sendToTheSmallPrinter: (): string => "Send to small printer",
	readALabel: (): string => "Find a label",
	itsFiveSigns: (): string => "Label code",
	openIt: (): string => "Open",
	blankLabels: (): string => "Blank labels",
	forATableWithoutNetwork: (): string => "For a table without network. These codes are never used twice. Type one next to what you wind, and the label belongs to it.",
	howMany: (): string => "How many",
	setCodesAside: (): string => "Reserve codes",
	theCodesAreSetAside: (): string => "The codes are reserved.",
	theirSheetOfLabels: (): string => "Their sheet of labels",
	whatToCutNext: (): string => "What to cut next",
	inTheOrderOfThe: (): string => "In the order of the balls, so that stripes come out right.",
	workSheetForTheWall: (): string => "Work sheet for the wall"
};

export const PrepareThingsCodePage = {
	aLabel: (): string => "A label",
	nestRow: (d: { readonly part: string | number }): string => '' + d.part + " · Nest Row",
	a: (d: { readonly sort: string | number }): string => "a " + d.sort,
	takenBackItWasNever: (): string => ": undone, it was never made",
	of: (): string => "Of",
	bags: (d: { readonly bags: string | number; readonly kind: string | number }): string => '' + d.bags + " bags, " + d.kind,
	coloursInOrder: (): string => "Colours in order",
	cut: (): string => "Cut",
	pieces: (d: { readonly labelCut: string | number; readonly pieces: string | number }): string => '' + d.labelCut + ", " + d.pieces + " pieces",
	strand: (): string => "Yarn",
	byItsPieces: (): string => ", by its pieces",
	weighed: (d: { readonly mass: string | number }): string => ", weighed: " + d.mass,
	film: (): string => "Plastic",
	woundFor: (): string => "Wound for",
	onTheLoomByOf: (d: { readonly planName: string | number; readonly strands: string | number; readonly warpStrands: string | number }): string => "On the loom, plan " + d.planName + ": " + d.strands + " of " + d.warpStrands + " warp strands.",
	by: (d: { readonly byName: string | number }): string => ", by " + d.byName,
	printItsLabelAgain: (): string => "Print label again",
	whichPlansItFits: (): string => "Plans it fits",
	itFits: (): string => "it fits",
	anotherLabel: (): string => "Another label",
	openIt: (): string => "Open"
};

export const PrepareToolsPage = {
	anotherToolInstead: (): string => "Add another tool",
	toolsThatAreThere: (): string => "Your tools",
	loomsAndFramesAreDrawn: (): string => "Looms and frames are drawn to the same scale. A plan for a loom uses its pegs and its length.",
	removed: (): string => "Removed"
};

export const askedCut = {
	thatPlanIsNotIn: (): string => "That plan is not in the list any more.",
	thatKindOfBagIs: (): string => "That kind of bag is not in the list any more.",
	hasNoCutThatThese: (d: { readonly name: string | number }): string => '' + d.name + " cannot be cut from these bags: they are too small, or it is cut another way."
};

export const ballContent = {
	thatKindOfBagIs: (): string => "That kind of bag is not in the list any more.",
	thatPlanIsNotIn: (): string => "That plan is not in the list any more."
};

export const loadLoom = {
	isNotOnAnyMore: (d: { readonly mat: string | number; readonly loom: string | number }): string => '' + d.mat + " is not on " + d.loom + " any more. Look at what is on it.",
	carriesByAnotherPlanFinish: (d: { readonly loom: string | number; readonly code: string | number }): string => '' + d.loom + " holds " + d.code + " from another plan. Finish it or take it off first.",
	theWarpHasStrandsAnd: (d: { readonly strands: string | number; readonly left: string | number }): string => "The warp has " + d.strands + " strands; only " + d.left + " are still missing.",
	allStrandsOfTheWarp: (d: { readonly strands: string | number }): string => "All " + d.strands + " strands of the warp are already on.",
	chooseAPileOfPieces: (): string => "Choose a pile of pieces or yarn.",
	thatPlanIsNotIn: (): string => "That plan is not in the list any more.",
	isNotMadeOnA: (d: { readonly name: string | number }): string => '' + d.name + " is not made on a loom.",
	thatLoomIsNotIn: (): string => "That loom is not in the list any more.",
	asksForPegsHasOr: (d: { readonly name: string | number; readonly pegs: string | number; readonly name2: string | number; readonly pegs2: string | number }): string => '' + d.name + " needs " + d.pegs + " pegs; " + d.name2 + " has " + d.pegs2 + ", or another length. Plan with this loom first.",
	thisGroupHasUsedAll: (): string => "This group has used all label codes."
};

export const pileActions = {
	thisGroupHasUsedAll: (): string => "This group has used all label codes.",
	aColourStandsHereTwice: (): string => "The same colour is here twice. Add its bags together."
};

export const recount = {
	thatKindOfBagIs: (): string => "That kind of bag is not in the list any more.",
	thisPile: (): string => "This pile"
};

export const sameKind = {
	ballsOfThisKindAre: (): string => "Balls of this kind are in store with labels. Use them first.",
	thatKindOfBagIs: (): string => "That kind of bag is not in the list any more."
};

export const scrap = {
	nothingWasCutAtThis: (): string => "Nothing was cut on this day yet, so there is no scrap.",
	theStoreHasLessScrap: (): string => "The store has less scrap than that. Count it there again."
};

export const taps = {
	thatTableDayIsNot: (): string => "That table day is gone.",
	thisDayHasNoPlan: (): string => "This day has no plan with bags that can be cut.",
	bagsGivePiecesNoMore: (d: { readonly count: string | number; readonly count2: string | number }): string => '' + d.count + " bags give " + d.count2 + " pieces. No more can be spoiled."
};

export const tools = {
	thatToolIsNotIn: (): string => "That tool is not in the list any more.",
	thereIsAToolOf: (): string => "There is already a tool with that name. Choose another name."
};

export const actWords = {
	bagsLaidFlat: (d: { readonly movedOf: string | number; readonly colours: string | number }): string => '' + d.movedOf + " " + d.colours + " bags flattened",
	bagsCutIntoPieces: (d: { readonly movedOf: string | number; readonly colours: string | number; readonly movedOf2: string | number }): string => '' + d.movedOf + " " + d.colours + " bags cut into " + d.movedOf2 + " pieces",
	piecesJoined: (d: { readonly movedOf: string | number; readonly colours: string | number }): string => '' + d.movedOf + " " + d.colours + " pieces joined",
	aBall: (): string => "A ball",
	piecesInAIssomeSelect: (d: { readonly code: string | number; readonly movedOf: string | number; readonly colours: string | number; readonly isSome: 'yes' | 'no' }): string => '' + d.code + ": " + d.movedOf + " " + d.colours + " pieces in a " + select(d.isSome, { yes: "chain", other: "ball" }),
	matBegun: (d: { readonly code: string | number }): string => ": mat " + d.code + " started",
	piecesLaidOnALoom: (d: { readonly movedOf: string | number; readonly colours: string | number; readonly part: string | number }): string => '' + d.movedOf + " " + d.colours + " pieces put on a loom" + d.part,
	pileCountedAgain: (d: { readonly colour: string | number }): string => '' + d.colour + " pile counted again",
	ofFilm: (d: { readonly mass: string | number; readonly parts: string | number }): string => '' + d.mass + " of plastic: " + d.parts,
	inBags: (): string => "in bags",
	inPieces: (): string => "in pieces",
	inStrand: (): string => "in yarn",
	inTheBall: (): string => "in the ball",
	inTheChain: (): string => "in the chain",
	forStuffing: (): string => "for stuffing",
	toScrap: (): string => "to scrap"
};

export const farWords = {
	oneMatCanBeginWith: (): string => "One mat can start with these balls. ",
	matsCanBeginWithThe: (d: { readonly mats: string | number }): string => '' + d.mats + " mats can start with these balls. ",
	thatIsAllThatAre: (d: { readonly can: string | number }): string => '' + d.can + "That is all you want.",
	moreCount2PluralOneOther: (d: { readonly count: string | number; readonly part: string | number; readonly count2: number }): string => '' + d.count + " more " + d.part + plural(d.count2, 0, en, { one: "ball", other: "balls" }),
	and: (d: { readonly balls: string | number; readonly balls2: string | number }): string => '' + d.balls + " and " + d.balls2,
	andTheMatCanBegin: (d: { readonly can: string | number; readonly list: string | number; readonly nth: string | number }): string => '' + d.can + d.list + " and the " + d.nth + " mat can start."
};

export const labelWords = {
	mixed: (d: { readonly names: string | number }): string => "mixed: " + d.names
};

export const nextAct = {
	chooseAPlanToCut: (): string => "Choose a plan to cut for.",
	cannotBeCutFromThese: (d: { readonly name: string | number }): string => '' + d.name + " cannot be cut from these.",
	cut: (d: { readonly bags: string | number }): string => "Cut " + d.bags,
	bagsCut: (d: { readonly bags: string | number; readonly colour: string | number }): string => '' + d.bags + " " + d.colour + " bags cut",
	nobodySaidHowTheseWere: (): string => "How these were cut is not known.",
	notABagsWorthYet: (): string => "Not enough for one bag yet.",
	ballOf: (d: { readonly bags: string | number }): string => "Ball of " + d.bags,
	aBallOfBags: (d: { readonly bags: string | number; readonly colour: string | number }): string => "a ball of " + d.bags + " " + d.colour + " bags",
	flatten: (d: { readonly bags: string | number }): string => "Flatten " + d.bags,
	bagsLaidFlat: (d: { readonly bags: string | number; readonly colour: string | number }): string => '' + d.bags + " " + d.colour + " bags flattened",
	nobodySaidHowTheseWere2: (): string => "How these were cut is not known. Move them in the store.",
	join: (d: { readonly pieces: string | number }): string => "Join " + d.pieces
};

export const pileWords = {
	spiralStrips: (): string => "spiral strips",
	halfBags: (): string => "half bags",
	wholeTubes: (): string => "whole tubes",
	onlyLieThereAndThis: (d: { readonly there: string | number; readonly colour: string | number; readonly noun: string | number; readonly wanted: string | number }): string => "Only " + d.there + " " + d.colour + " " + d.noun + " are here, and this takes " + d.wanted + ". Take fewer, or count the pile again.",
	noLieThereAnyMore: (d: { readonly colour: string | number; readonly noun: string | number }): string => "No " + d.colour + " " + d.noun + " are here any more: someone may have used them. Count the pile again."
};

export const places = {
	noneSorted: (): string => "Nothing sorted.",
	tapBagsToLayA: (): string => "Tap bags to flatten a batch.",
	tapFlatBagsToCut: (): string => "Tap flat bags to cut a batch.",
	tapPiecesToJoinThem: (): string => "Tap pieces to join them.",
	tapStrandToWindA: (): string => "Tap yarn to wind a ball."
};

export const thingWords = {
	foundGood: (): string => "good",
	toBeMended: (): string => "to mend",
	putToAnotherUse: (): string => "other use",
	sentBack: (): string => "sent back",
	takenApart: (): string => "taken apart",
	givenAway: (): string => "given away",
	notToBeFoundSince: (): string => "missing",
	madeOfAnotherKindOf: (): string => "made of another kind of bag",
	cutAnotherWay: (): string => "cut another way",
	itsStripsAreNarrowerThan: (): string => "its strips are narrower than the plan needs",
	itsStripsAreWiderThan: (): string => "its strips are wider than the plan needs",
	itsFilmIsThinnerThan: (): string => "its plastic is thinner than the plan needs",
	itsFilmIsThickerThan: (): string => "its plastic is thicker than the plan needs",
	anotherColourThanThePlan: (): string => "not a colour of the plan"
};

export const trestle = {
	takenBackAtTheTable: (): string => "undone at the table",
	takenBack: (d: { readonly words: string | number }): string => "undone: " + d.words,
	notKept: (d: { readonly values: string | number }): string => "Not saved: " + d.values,
	notKeptThisDeviceKeeps: (): string => "Not saved: this device stores nothing and there is no network. Try again soon.",
	waitingOnThisDevice: (): string => "Waiting on this device",
	saved: (): string => "Saved"
};

export const PrepareBallsActs = {
	thisGroupHasUsedAll: (): string => "This group has used all label codes.",
	tickTheBallsWhoseLabels: (): string => "Tick the balls to print labels for.",
	aNumberFrom1To: (d: { readonly mostLabels: string | number }): string => "A number from 1 to " + d.mostLabels + ".",
	pleaseLoadThisPageAnew: (): string => "Reload this page."
};

export const PrepareLabelsPdfDoor = {
	noLabelWasChosenTick: (): string => "No label was chosen. Tick some balls and try again."
};

export const PrepareThingsCodeActs = {
	thisLabelIsOnNothing: (): string => "This label is not used yet. Type its code next to the thing it goes on.",
	nothingHereHasThatCode: (): string => "Nothing here has that code. Was it printed for another group?"
};

export const PrepareThingsCodeLabelPngDoor = {
	thereIsNothingWithThat: (): string => "Nothing has that code."
};

export const PrepareWorksheetPdfDoor = {
	toCutAndJoin: (): string => "To cut and join"
};
