// Made of prepare.json by `npm run words -- --make`: change the words there.
import { plural, select } from '@messageformat/runtime';
import { en } from './number';

export const FilmBooks = {
	ofFilmInTheStore: (): string => "of film in the store",
	whatAnActTakesFrom: (): string => "What an act takes from one pile it puts on another, to the milligram: nothing is made, nothing is lost."
};

export const LabelPlaces = {
	someLabelsOfTheSheet: (): string => "Some labels of the sheet are used already",
	theLabelItBeginsAt: (): string => "The label it begins at",
	label: (d: { readonly at: string | number }): string => "Label " + d.at
};

export const LastActs = {
	doneLast: (): string => "Done last",
	nothingYetTapAPile: (): string => "Nothing yet. Tap a pile of bags to lay a batch flat.",
	by: (d: { readonly byName: string | number }): string => ", by " + d.byName,
	takenBack: (): string => " · taken back",
	takenBackAtTheTable: (): string => "taken back at the table",
	takeBack: (): string => "Take back"
};

export const LoadLoom = {
	loadALoom: (): string => "Load a loom",
	layThem: (): string => "Lay them",
	ofStrandsLaid: (d: { readonly laid: string | number; readonly all: string | number }): string => '' + d.laid + " of " + d.all + " strands laid",
	of: (d: { readonly laid: string | number; readonly all: string | number }): string => '' + d.laid + " of " + d.all,
	onMat: (d: { readonly code: string | number }): string => " on mat " + d.code,
	strandsLaidPiecesEach: (d: { readonly part: string | number; readonly piecesPerStrand: string | number }): string => "strands laid" + d.part + ", " + d.piecesPerStrand + " pieces each.",
	ofThemHaveAKnot: (d: { readonly jammed: string | number }): string => '' + d.jammed + " of them have a knot at a peg:",
	shortenOnePieceAndMove: (): string => "shorten one piece and move the knot 75 mm in, or the mat will not come off.",
	noKnotLiesAtA: (): string => "No knot lies at a peg.",
	loom: (): string => "Loom",
	strands: (): string => "Strands",
	takenFrom: (): string => "Taken from",
	rodsAndWarpSitUnder: (): string => "Rods and warp sit under tension: mind eyes and fingers, and two pairs of hands."
};

export const PileForms = {
	byIfTheyLike: (): string => "By, if they like",
	spoiledOfAHundred: (): string => "Spoiled, of a hundred",
	as: (): string => "As",
	aChainForALoom: (): string => "a chain for a loom",
	weighsIfWeighed: (): string => "Weighs, if weighed",
	itsLabel: (): string => "Its label",
	asPrintedElseItGets: (): string => "as printed; else it gets the next code",
	thenOtherColoursOnThe: (): string => "Then other colours on the same ball",
	then: (): string => "Then",
	nothingMore: (): string => "nothing more",
	bagsWorth: (): string => "Bags’ worth",
	countThisPileAgain: (): string => "Count this pile again",
	soManyLieThere: (): string => "So many lie there",
	thatLieThere: (d: { readonly pileNoun: string | number }): string => '' + d.pileNoun + " that lie there",
	whatHappenedInAWord: (): string => "What happened, in a word",
	layBagsFlat: (): string => "Lay bags flat",
	cutFlatBags: (): string => "Cut flat bags",
	joinPieces: (): string => "Join pieces",
	windABall: (): string => "Wind a ball",
	bagsWorthOf: (d: { readonly untrack: string | number }): string => "Bags’ worth of " + d.untrack
};

export const SmallPrinter = {
	smallLabelPrinter: (): string => "Small label printer",
	aStandInAsThis: (d: { readonly labelsLeft: string | number }): string => "A stand-in, as this is the demo: it shows how a real one is met. " + d.labelsLeft + " labels on its roll.",
	oneLabelWaits: (): string => "One label waits",
	labelsWait: (d: { readonly length: string | number }): string => '' + d.length + " labels wait",
	goOnPrinting: (): string => "Go on printing",
	printNoneOfThem: (): string => "Print none of them",
	cameOutLast: (): string => "Came out last:",
	theLabelAsItWas: (d: { readonly code: string | number }): string => "The label " + d.code + " as it was printed",
	putSomethingWrongWithIt: (): string => "Put something wrong with it",
	aLabelJammedHalfWay: (): string => "A label jammed half way. Take it out: that label waits still, and is printed whole. None before it is printed again.",
	openItsCover: (): string => "Open its cover",
	closeItsCover: (): string => "Close its cover",
	emptyItsRoll: (): string => "Empty its roll",
	putInANewRoll: (): string => "Put in a new roll",
	jamIt: (): string => "Jam it",
	takeTheJamOut: (): string => "Take the jam out"
};

export const ToolForm = {
	measureAgain: (d: { readonly name: string | number }): string => "Measure " + d.name + " again",
	aToolThatIsThere: (): string => "A tool that is there",
	keepItAsMeasured: (): string => "Keep it as measured",
	addIt: (): string => "Add it",
	whatItIs: (): string => "What it is",
	whatYouCallIt: (): string => "What you call it",
	howMany: (): string => "How many",
	pegsAtEachEnd: (): string => "Pegs at each end",
	pegsToPegsAlong: (): string => "Pegs to pegs, along",
	nailsAtEachEnd: (): string => "Nails at each end",
	lengthBetweenThem: (): string => "Length between them",
	oneToTheNext: (): string => "One to the next",
	middleToMiddle: (): string => "middle to middle",
	sideRods: (): string => "Side rods",
	inEyesOrClips: (): string => "in eyes or clips",
	onBareNails: (): string => "on bare nails",
	thicknessMm: (): string => "Thickness, mm",
	theToolAsItIs: (): string => "The tool as it is typed, drawn to scale",
	rollingBladesAreForTrained: (): string => "Rolling blades are for trained adults: cut away from the body, wear gloves, close the blade when it is put down. Children and unsteady hands get blunt scissors or another seat.",
	rodsSitUnderTensionMind: (): string => "Rods sit under tension: mind eyes and fingers when they come out, and have a second pair of hands. Bare nails let rods pop out."
};

export const ToolList = {
	noneYetMeasureTheLoom: (): string => "None yet. Measure the loom in the hall, or name the hooks in the box: plans then go by them.",
	drawnToScale: (d: { readonly name: string | number }): string => '' + d.name + ", drawn to scale",
	asThickAsItIs: (d: { readonly name: string | number }): string => '' + d.name + ", as thick as it is",
	wantTheSameLoomOne: (d: { readonly wishes: string | number }): string => '' + d.wishes + " want the same loom: one after the other, or another loom for one of them.",
	planWithIt: (): string => "Plan with it",
	measureAgain: (): string => "Measure again",
	notThereAnyMore: (): string => "Not there any more"
};

export const TrestleSaid = {
	yesItIsRight: (): string => "Yes, it is right"
};

export const WorkPanel = {
	workingFor: (): string => "Working for",
	noPlanIsKeptYet: (): string => "No plan is kept yet, so nobody can say how wide to cut.",
	keepAPlanFirst: (): string => "Keep a plan first",
	cutAndJoinedFor: (): string => "Cut and joined for",
	wanted: (d: { readonly matsWanted: string | number }): string => ": " + d.matsWanted + " wanted",
	cutAs: (): string => "Cut as",
	workForThis: (): string => "Work for this",
	spoiledTodayOfAHundred: (): string => "Spoiled today, of a hundred pieces cut",
	aNumberFrom0To: (): string => "A number from 0 to 90.",
	asItWasSaidToday: (): string => "As it was said today.",
	askedOnceItStandsFor: (): string => "Asked once: it stands for the day.",
	bladesAreForTrainedAdults: (): string => "Blades are for trained adults, away from the body, closed when put down. Children and unsteady hands get blunt scissors or another seat. Bag scraps at once, away from small children. Gloves or washed hands; a break every three quarters of an hour."
};

export const PreparePage = {
	onTheTable: (): string => "On the table",
	tapAPileToDo: (): string => "Tap a pile to do the next thing with it, or drag it on.",
	yesItIsRight: (): string => "Yes, it is right",
	nothingLiesHereYet: (): string => "Nothing lies here yet.",
	sortWhatCameIn: (): string => "Sort what came in",
	andItLiesOnThe: (): string => ", and it lies on the left, ready to be laid flat."
};

export const PrepareBallsPage = {
	howFarTheyGo: (): string => "How far they go",
	ballsAndChainsThere: (): string => "Balls and chains there",
	tickThoseWhoseLabelIs: (): string => "Tick those whose label is to be printed.",
	noneYet: (): string => "None yet.",
	windOneAtTheTable: (): string => "Wind one at the table",
	itGetsACodeAnd: (): string => ": it gets a code, and lies here.",
	printTheLabelOf: (d: { readonly code: string | number }): string => "Print the label of " + d.code,
	bags: (d: { readonly ballColours: string | number; readonly sort: string | number; readonly bags: string | number }): string => '' + d.ballColours + " " + d.sort + ", " + d.bags + " bags",
	olderOnes: (): string => "Older ones",
	theSheetOfLabels: (): string => "The sheet of labels",
	paper: (): string => "Paper",
	letter: (): string => "Letter",
	labels: (): string => "Labels",
	onASheet: (d: { readonly one: string | number; readonly labelsOn: string | number }): string => '' + d.one + ": " + d.labelsOn + " on a sheet",
	beginAtLabel: (): string => "Begin at label",
	makeTheSheet: (): string => "Make the sheet",
	sendToTheSmallPrinter: (): string => "Send to the small printer",
	readALabel: (): string => "Read a label",
	itsFiveSigns: (): string => "Its five signs",
	openIt: (): string => "Open it",
	blankLabels: (): string => "Blank labels",
	forATableWithoutNetwork: (): string => "For a table without network: codes are set aside for this sheet and never used twice. Type one beside what you wind, and it is bound to it.",
	howMany: (): string => "How many",
	setCodesAside: (): string => "Set codes aside",
	theCodesAreSetAside: (): string => "The codes are set aside.",
	theirSheetOfLabels: (): string => "Their sheet of labels",
	whatToCutNext: (): string => "What to cut next",
	inTheOrderOfThe: (): string => "In the order of the balls, so that the stripes come out; and how to join.",
	workSheetForTheWall: (): string => "Work sheet for the wall"
};

export const PrepareThingsCodePage = {
	aLabel: (): string => "A label",
	nestRow: (d: { readonly part: string | number }): string => '' + d.part + " · Nest Row",
	a: (d: { readonly sort: string | number }): string => "a " + d.sort,
	takenBackItWasNever: (): string => ": taken back, it was never made",
	of: (): string => "Of",
	bags: (d: { readonly bags: string | number; readonly kind: string | number }): string => '' + d.bags + " bags, " + d.kind,
	coloursInOrder: (): string => "Colours in order",
	cut: (): string => "Cut",
	pieces: (d: { readonly labelCut: string | number; readonly pieces: string | number }): string => '' + d.labelCut + ", " + d.pieces + " pieces",
	strand: (): string => "Strand",
	byItsPieces: (): string => ", by its pieces",
	weighed: (d: { readonly mass: string | number }): string => ", weighed: " + d.mass,
	film: (): string => "Film",
	woundFor: (): string => "Wound for",
	onTheLoomByOf: (d: { readonly planName: string | number; readonly strands: string | number; readonly warpStrands: string | number }): string => "On the loom, by " + d.planName + ": " + d.strands + " of " + d.warpStrands + " strands of warp laid.",
	by: (d: { readonly byName: string | number }): string => ", by " + d.byName,
	printItsLabelAgain: (): string => "Print its label again",
	whichPlansItFits: (): string => "Which plans it fits",
	itFits: (): string => "it fits",
	anotherLabel: (): string => "Another label",
	openIt: (): string => "Open it"
};

export const PrepareToolsPage = {
	anotherToolInstead: (): string => "Another tool instead",
	toolsThatAreThere: (): string => "Tools that are there",
	loomsAndFramesAreDrawn: (): string => "Looms and frames are drawn to one scale. A plan on one of them takes its pegs and its length: the mat follows from the tool.",
	removed: (): string => "Removed"
};

export const askedCut = {
	thatPlanIsNotIn: (): string => "That plan is not in the list any more.",
	thatKindOfBagIs: (): string => "That kind of bag is not in the list any more.",
	hasNoCutThatThese: (d: { readonly name: string | number }): string => '' + d.name + " has no cut that these bags can take: they are too small for it, or it is cut another way."
};

export const ballContent = {
	thatKindOfBagIs: (): string => "That kind of bag is not in the list any more.",
	thatPlanIsNotIn: (): string => "That plan is not in the list any more."
};

export const labelPrinter = {
	isJammedTrueLabelsLeft: (): string => "is_jammed = true, labels_left = greatest(0, label_printer.labels_left - 1)"
};

export const loadLoom = {
	isNotOnAnyMore: (d: { readonly mat: string | number; readonly loom: string | number }): string => '' + d.mat + " is not on " + d.loom + " any more. Look at what is on it.",
	carriesByAnotherPlanFinish: (d: { readonly loom: string | number; readonly code: string | number }): string => '' + d.loom + " carries " + d.code + " by another plan. Finish that, or take it off first.",
	theWarpHasStrandsAnd: (d: { readonly strands: string | number; readonly left: string | number }): string => "The warp has " + d.strands + " strands, and only " + d.left + " of them are still to be laid.",
	allStrandsOfTheWarp: (d: { readonly strands: string | number }): string => "All " + d.strands + " strands of the warp are laid already.",
	chooseAPileOfPieces: (): string => "Choose a pile of pieces or strand.",
	thatPlanIsNotIn: (): string => "That plan is not in the list any more.",
	isNotMadeOnA: (d: { readonly name: string | number }): string => '' + d.name + " is not made on a loom.",
	thatLoomIsNotIn: (): string => "That loom is not in the list any more.",
	asksForPegsHasOr: (d: { readonly name: string | number; readonly pegs: string | number; readonly name2: string | number; readonly pegs2: string | number }): string => '' + d.name + " asks for " + d.pegs + " pegs; " + d.name2 + " has " + d.pegs2 + ", or another length. Plan with this loom first: the mat follows from it.",
	thisGroupHasUsedAll: (): string => "This group has used all the codes there are."
};

export const pileActions = {
	thisGroupHasUsedAll: (): string => "This group has used all the codes there are.",
	aColourStandsHereTwice: (): string => "A colour stands here twice. Put its bags together."
};

export const piles = {
	caseWhenCIdIs: (): string => "case when c.id is not null then json_build_object('style', c.style, 'stripWidthMm', c.strip_width_mm, 'piecesPerBag', c.pieces_per_bag, 'thicknessUm', c.thickness_um, 'pieceLengthMm', c.piece_length_mm, 'pieceG', c.piece_g) end"
};

export const recount = {
	thatKindOfBagIs: (): string => "That kind of bag is not in the list any more.",
	thisPile: (): string => "This pile"
};

export const sameKind = {
	ballsOfThisKindAre: (): string => "Balls of this kind are in the store, and their labels name it. Use them first.",
	thatKindOfBagIs: (): string => "That kind of bag is not in the list any more."
};

export const scrap = {
	nothingWasCutAtThis: (): string => "Nothing was cut at this day yet, so there is no scrap of it.",
	theStoreHasLessScrap: (): string => "The store has less scrap than that would leave: count it again there."
};

export const taps = {
	thatTableDayIsNot: (): string => "That table day is not there any more.",
	thisDayHasNoPlan: (): string => "This day has no plan whose bags can be cut.",
	bagsGivePiecesNoMore: (d: { readonly count: string | number; readonly count2: string | number }): string => '' + d.count + " bags give " + d.count2 + " pieces: no more can be spoiled."
};

export const tools = {
	thatToolIsNotIn: (): string => "That tool is not in the list any more.",
	thereIsAToolOf: (): string => "There is a tool of that name already. Give it another."
};

export const actWords = {
	bagsLaidFlat: (d: { readonly movedOf: string | number; readonly colours: string | number }): string => '' + d.movedOf + " " + d.colours + " bags laid flat",
	bagsCutIntoPieces: (d: { readonly movedOf: string | number; readonly colours: string | number; readonly movedOf2: string | number }): string => '' + d.movedOf + " " + d.colours + " bags cut into " + d.movedOf2 + " pieces",
	piecesJoined: (d: { readonly movedOf: string | number; readonly colours: string | number }): string => '' + d.movedOf + " " + d.colours + " pieces joined",
	aBall: (): string => "A ball",
	piecesInAIssomeSelect: (d: { readonly code: string | number; readonly movedOf: string | number; readonly colours: string | number; readonly isSome: 'yes' | 'no' }): string => '' + d.code + ": " + d.movedOf + " " + d.colours + " pieces in a " + select(d.isSome, { yes: "chain", other: "ball" }),
	matBegun: (d: { readonly code: string | number }): string => ": mat " + d.code + " begun",
	piecesLaidOnALoom: (d: { readonly movedOf: string | number; readonly colours: string | number; readonly part: string | number }): string => '' + d.movedOf + " " + d.colours + " pieces laid on a loom" + d.part,
	pileCountedAgain: (d: { readonly colour: string | number }): string => '' + d.colour + " pile counted again",
	ofFilm: (d: { readonly mass: string | number; readonly parts: string | number }): string => '' + d.mass + " of film: " + d.parts,
	inBags: (): string => "in bags",
	inPieces: (): string => "in pieces",
	inStrand: (): string => "in strand",
	inTheBall: (): string => "in the ball",
	inTheChain: (): string => "in the chain",
	forStuffing: (): string => "for stuffing",
	toScrap: (): string => "to scrap"
};

export const farWords = {
	oneMatCanBeginWith: (): string => "One mat can begin with the balls there. ",
	matsCanBeginWithThe: (d: { readonly mats: string | number }): string => '' + d.mats + " mats can begin with the balls there. ",
	thatIsAllThatAre: (d: { readonly can: string | number }): string => '' + d.can + "That is all that are wanted.",
	moreCount2PluralOneOther: (d: { readonly count: string | number; readonly part: string | number; readonly count2: number }): string => '' + d.count + " more " + d.part + plural(d.count2, 0, en, { one: "ball", other: "balls" }),
	and: (d: { readonly balls: string | number; readonly balls2: string | number }): string => '' + d.balls + " and " + d.balls2,
	andTheMatCanBegin: (d: { readonly can: string | number; readonly list: string | number; readonly nth: string | number }): string => '' + d.can + d.list + " and the " + d.nth + " mat can begin."
};

export const labelWords = {
	mixed: (d: { readonly names: string | number }): string => "mixed: " + d.names
};

export const nextAct = {
	chooseAPlanToCut: (): string => "Choose a plan to cut by.",
	cannotBeCutFromThese: (d: { readonly name: string | number }): string => '' + d.name + " cannot be cut from these.",
	cut: (d: { readonly bags: string | number }): string => "Cut " + d.bags,
	bagsCut: (d: { readonly bags: string | number; readonly colour: string | number }): string => '' + d.bags + " " + d.colour + " bags cut",
	nobodySaidHowTheseWere: (): string => "Nobody said how these were cut.",
	notABagsWorthYet: (): string => "Not a bag’s worth yet.",
	ballOf: (d: { readonly bags: string | number }): string => "Ball of " + d.bags,
	aBallOfBags: (d: { readonly bags: string | number; readonly colour: string | number }): string => "a ball of " + d.bags + " " + d.colour + " bags",
	flatten: (d: { readonly bags: string | number }): string => "Flatten " + d.bags,
	bagsLaidFlat: (d: { readonly bags: string | number; readonly colour: string | number }): string => '' + d.bags + " " + d.colour + " bags laid flat",
	nobodySaidHowTheseWere2: (): string => "Nobody said how these were cut: move them in the store.",
	join: (d: { readonly pieces: string | number }): string => "Join " + d.pieces
};

export const pileWords = {
	spiralStrips: (): string => "spiral strips",
	halfBags: (): string => "half bags",
	wholeTubes: (): string => "whole tubes",
	onlyLieThereAndThis: (d: { readonly there: string | number; readonly colour: string | number; readonly noun: string | number; readonly wanted: string | number }): string => "Only " + d.there + " " + d.colour + " " + d.noun + " lie there, and this takes " + d.wanted + ". Take fewer, or count the pile again.",
	noLieThereAnyMore: (d: { readonly colour: string | number; readonly noun: string | number }): string => "No " + d.colour + " " + d.noun + " lie there any more: somebody may have used them. Count the pile again."
};

export const places = {
	noneSorted: (): string => "None sorted.",
	tapBagsToLayA: (): string => "Tap bags to lay a batch flat.",
	tapFlatBagsToCut: (): string => "Tap flat bags to cut a batch.",
	tapPiecesToJoinThem: (): string => "Tap pieces to join them.",
	tapStrandToWindA: (): string => "Tap strand to wind a ball."
};

export const thingWords = {
	foundGood: (): string => "found good",
	toBeMended: (): string => "to be mended",
	putToAnotherUse: (): string => "put to another use",
	sentBack: (): string => "sent back",
	takenApart: (): string => "taken apart",
	givenAway: (): string => "given away",
	notToBeFoundSince: (): string => "not to be found since",
	madeOfAnotherKindOf: (): string => "made of another kind of bag",
	cutAnotherWay: (): string => "cut another way",
	itsStripsAreNarrowerThan: (): string => "its strips are narrower than the plan asks for",
	itsStripsAreWiderThan: (): string => "its strips are wider than the plan asks for",
	itsFilmIsThinnerThan: (): string => "its film is thinner than the plan asks for",
	itsFilmIsThickerThan: (): string => "its film is thicker than the plan asks for",
	anotherColourThanThePlan: (): string => "another colour than the plan has"
};

export const trestle = {
	takenBackAtTheTable: (): string => "taken back at the table",
	takenBack: (d: { readonly words: string | number }): string => "taken back: " + d.words,
	notKept: (d: { readonly values: string | number }): string => "Not kept: " + d.values,
	notKeptThisDeviceKeeps: (): string => "Not kept: this device keeps nothing and the network is away. Try again in a moment.",
	waitingOnThisDevice: (): string => "Waiting on this device"
};

export const PrepareBallsActs = {
	thisGroupHasUsedAll: (): string => "This group has used all the codes there are.",
	tickTheBallsWhoseLabels: (): string => "Tick the balls whose labels are to be printed.",
	aNumberFrom1To: (d: { readonly mostLabels: string | number }): string => "A number from 1 to " + d.mostLabels + ".",
	pleaseLoadThisPageAnew: (): string => "Please load this page anew."
};

export const PrepareLabelsPdfDoor = {
	noLabelWasChosenTick: (): string => "No label was chosen. Tick the balls that want one, and try again."
};

export const PrepareThingsCodeActs = {
	thisLabelIsOnNothing: (): string => "This label is on nothing yet. Type its code beside what it goes on, and it is bound to it.",
	nothingHereHasThatCode: (): string => "Nothing here has that code. Was it printed for another group?"
};

export const PrepareThingsCodeLabelPngDoor = {
	thereIsNothingWithThat: (): string => "There is nothing with that code."
};

export const PrepareWorksheetPdfDoor = {
	toCutAndJoin: (): string => "To cut and join"
};
