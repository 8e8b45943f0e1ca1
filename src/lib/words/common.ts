// Made of common.json by `npm run words -- --make`: change the words there.
import { plural, select } from '@messageformat/runtime';
import { en } from './number';

export const EntryForm = {
	edit: (): string => "Edit",
	whyOptional: (): string => "Why (optional)",
	save: (): string => "Save",
	cancel: (): string => "Cancel"
};

export const SureBox = {
	itIsRightAsIt: (): string => "It is right as it stands"
};

export const TakeBack = {
	whyOptional: (): string => "Why (optional)",
	whoOptional: (): string => "Who (optional)",
	takeItBack: (): string => "Take it back",
	cancel: (): string => "Cancel",
	lookInTheStore: (): string => "Look in the store",
	takenBack: (d: { readonly words: string | number }): string => '' + d.words + ", taken back",
	takenBackItStandsIn: (): string => "Taken back. It stands in its fields again: mend it and keep it."
};

export const TakeBackFold = {
	takeItBack: (): string => "Take it back",
	whyOptional: (): string => "Why (optional)",
	takeBack: (d: { readonly words: string | number }): string => "Take back " + d.words,
	takenBack: (d: { readonly words: string | number }): string => '' + d.words + ", taken back"
};

export const WaitingList = {
	waitingPluralOneOtherOn: (d: { readonly waiting: number }): string => '' + d.waiting + " " + plural(d.waiting, 0, en, { one: "entry waits", other: "entries wait" }) + " on this device",
	andIsBeingSent: (): string => "and is being sent.",
	notKept: (d: { readonly words: string | number }): string => "Not kept: " + d.words + ".",
	yesItIsRight: (): string => "Yes, it is right",
	putItRight: (): string => "Put it right",
	toItsPage: (): string => "To its page",
	throwItAway: (): string => "Throw it away",
	somebodyElse: (): string => "somebody else",
	they: (): string => "They",
	lengthPluralOneOtherOf: (d: { readonly length: number; readonly name: string | number; readonly name2: string | number }): string => '' + d.length + " " + plural(d.length, 0, en, { one: "entry", other: "entries" }) + " of " + d.name + " " + plural(d.length, 0, en, { one: "waits", other: "wait" }) + " on this device. " + d.name2 + " must sign in here to send " + plural(d.length, 0, en, { one: "it", other: "them" }) + ".",
	untilTheNetworkIsBack: (): string => "until the network is back; nothing is lost.",
	untilTheServerCanTake: (): string => "until the server can take it; nothing is lost.",
	untilYouSignInAgain: (): string => "until you sign in again; nothing is lost.",
	untilWhoeverTypedItSigns: (): string => "until whoever typed it signs in here; nothing is lost."
};

export const Caution = {
	caution: (): string => "Caution"
};

export const LaidBy = {
	noNetworkJustNowThis: (d: { readonly ago: string | number; readonly moment: string | number }): string => "No network just now: this is what was known " + d.ago + ", at " + d.moment + ". What you type waits on this device."
};

export const MadeLink = {
	theNewLink: (): string => "The new link",
	nestRowIsReachedOn: (): string => "Nest Row is reached on this machine alone, so the link opens here and on no phone yet."
};

export const NameAsked = {
	whatYourTableIsCalled: (): string => "What your table is called",
	whatIsYourTableCalled: (): string => "What is your table called?",
	thatIsItsName: (): string => "That is its name",
	notNow: (): string => "Not now"
};

export const OlderLinks = {
	older: (): string => "Older",
	newest: (): string => "Newest"
};

export const PageTitle = {
	nestRow: (d: { readonly of: string | number }): string => '' + d.of + " · Nest Row"
};

export const StageBar = {
	nestRow: (): string => "Nest Row",
	stages: (): string => "Stages",
	changeTheUnitsOnThis: (): string => "Change the units on this device",
	centimetresChangeToFeetAnd: (): string => "Centimetres: change to feet and inches",
	feetAndInchesChangeTo: (): string => "Feet and inches: change to centimetres",
	cm: (): string => "cm",
	ft: (): string => "ft",
	changeWhoseStitchNamesAre: (): string => "Change whose stitch names are used on this device",
	usStitchNamesChangeTo: (): string => "US stitch names: change to UK names",
	ukStitchNamesChangeTo: (): string => "UK stitch names: change to US names",
	us: (): string => "US",
	uk: (): string => "UK",
	season: (): string => "Season",
	knowHow: (): string => "Know-how",
	measures: (): string => "Measures",
	wordsUnitsAndLook: (): string => "Words, units and look"
};

export const HomeError = {
	notHereNestRow: (): string => "Not here · Nest Row",
	nothingHere: (): string => "Nothing here",
	justAMoment: (): string => "Just a moment",
	thatDidNotWork: (): string => "That did not work",
	toTheKeptPlans: (): string => "To the kept plans",
	ifYouAskForHelp: (d: { readonly requestId: string | number }): string => "If you ask for help, give this number: " + d.requestId
};

export const HomeLayout = {
	toTheWorkOnThis: (): string => "To the work on this page",
	"for": (): string => "For"
};

export const addAndSay = {
	itWaitsOnThisDevice: (): string => "It waits on this device until the network is back.",
	notKeptTheNetworkIs: (): string => "Not kept: the network is away."
};

export const formReader = {
	thisIsLongerThanCharacters: (d: { readonly most: string | number }): string => "This is longer than " + d.most + " characters.",
	thereIsACharacterHere: (): string => "There is a character here that cannot be shown. Please type it again.",
	pleaseFillThisIn: (): string => "Please fill this in.",
	atLeast: (d: { readonly atLeast: string | number }): string => "At least " + d.atLeast + ".",
	moreThan: (d: { readonly moreThan: string | number }): string => "More than " + d.moreThan + ".",
	atMost: (d: { readonly atMost: string | number }): string => "At most " + d.atMost + ".",
	atLeast2: (d: { readonly formatMass: string | number }): string => "At least " + d.formatMass + ".",
	atMost2: (d: { readonly formatMass: string | number }): string => "At most " + d.formatMass + ".",
	weighAtLeastOneHandful: (): string => "Weigh at least one handful.",
	isNotAWeight: (d: { readonly bad: string | number }): string => "“" + d.bad + "” is not a weight.",
	atMost500Handfuls: (): string => "At most 500 handfuls.",
	thisMustBeMoreThan: (): string => "This must be more than nothing.",
	thatIsLongerThanM: (d: { readonly most: string | number }): string => "That is longer than " + d.most + " m.",
	chooseOneOfThese: (): string => "Choose one of these.",
	writeTheDayAs2026: (): string => "Write the day as 2026-11-24.",
	thatDayIsStillTo: (): string => "That day is still to come."
};

export const readEntry = {
	thisKindOfEntryIs: (): string => "This kind of entry is not known here.",
	thisDoesNotFitWhat: (): string => "This does not fit what else is typed."
};

export const registry = {
	keptA: (d: { readonly type: string | number }): string => "kept a “" + d.type + "”"
};

export const sendEntries = {
	theServerCouldNotRead: (): string => "The server could not read this. Please put it right or throw it away.",
	thisIsNotYoursTo: (): string => "This is not yours to keep."
};

export const sendForm = {
	itWasNotTaken: (): string => "It was not taken."
};

export const typedForm = {
	notKeptThisDeviceKeeps: (): string => "Not kept: this device keeps nothing and the network is away. It stands here still; try again in a moment.",
	waitingOnThisDevice: (d: { readonly words: string | number }): string => "Waiting on this device: " + d.words + ".",
	kept: (d: { readonly words: string | number }): string => "Kept: " + d.words + ".",
	whatYouHadTypedIs: (): string => "What you had typed is here again."
};

export const ask = {
	sayBothOrLeaveBoth: (): string => "Say both, or leave both empty.",
	notedWhatAPlaceAsks: (): string => "noted what a place asks for",
	anAskForMats: (d: { readonly mats: string | number }): string => "an ask for " + d.mats + " mats",
	promisedMatsToAPlace: (): string => "promised mats to a place",
	matsPromised: (d: { readonly mats: string | number }): string => '' + d.mats + " mats promised"
};

export const bagKind = {
	thatIsSmallerThanAny: (): string => "That is smaller than any bag: less than 4 cm.",
	oneBagWouldWeighLess: (): string => "One bag would weigh less than 0.2 g or more than 1 kg. Weigh again.",
	measuredAKindOfBag: (): string => "measured a kind of bag",
	theKind: (d: { readonly name: string | number }): string => "the kind " + d.name
};

export const ball = {
	woundABall: (): string => "wound a ball",
	isasSelectYesOtherOf: (d: { readonly isAs: 'yes' | 'no'; readonly bags: string | number; readonly colour: string | number }): string => '' + select(d.isAs, { yes: "a chain", other: "a ball" }) + " of " + d.bags + " " + d.colour + " bags"
};

export const begin = {
	chooseOneOfTheList: (): string => "Choose one of the list.",
	beganAMat: (): string => "began a mat",
	aMatBegun: (): string => "a mat begun",
	handedAMatOn: (): string => "handed a mat on",
	passedOn: (d: { readonly mat: string | number }): string => '' + d.mat + " passed on"
};

export const check = {
	whatWasFoundCouldNot: (): string => "What was found could not be read. Tap the places again.",
	theFingertipMapHasFifteen: (): string => "The fingertip map has fifteen places.",
	finishedAMat: (): string => "finished a mat",
	mendedAMat: (): string => "mended a mat",
	checkedAMat: (): string => "checked a mat",
	sayInAWordWhy: (): string => "Say in a word why, since the figures say something else."
};

export const correction = {
	takenBack: (): string => "taken back",
	tookSomethingBack: (): string => "took something back",
	movement: (): string => "movement",
	aTakenBack: (d: { readonly part: string | number }): string => "a " + d.part + " taken back"
};

export const cutWord = {
	chooseOneOfThePiles: (): string => "Choose one of the piles."
};

export const cut = {
	cutBags: (): string => "cut bags",
	bagsCut: (d: { readonly bags: string | number; readonly colour: string | number }): string => '' + d.bags + " " + d.colour + " bags cut"
};

export const deliver = {
	oneOfTheseIsNo: (): string => "One of these is no label. Look at its five signs again.",
	atMostAtOnce: (d: { readonly mostDelivered: string | number }): string => "At most " + d.mostDelivered + " at once.",
	handedMatsOver: (): string => "handed mats over",
	whichMatsGoChooseAt: (): string => "Which mats go? Choose at least one.",
	aDeliveryOfMats: (d: { readonly length: string | number }): string => "a delivery of " + d.length + " mats",
	notedThatMatsWereReceived: (): string => "noted that mats were received",
	whichDeliveryIsItThe: (): string => "Which delivery is it? The five signs of its note.",
	notedThatAMatWas: (): string => "noted that a mat was sent back",
	sentBack: (d: { readonly mat: string | number }): string => '' + d.mat + " sent back"
};

export const dropOff = {
	theFullBoxMustWeigh: (): string => "The full box must weigh more than the empty one.",
	thatMakesMoreBagsThan: (): string => "That makes more bags than any hall holds.",
	thatMakesBagsMoreThan: (d: { readonly bags: string | number }): string => "That makes " + d.bags + " bags: more than any hall holds. Count again.",
	tookInBags: (): string => "took in bags",
	aPlace: (): string => "a place",
	bagsFrom: (d: { readonly place: string | number }): string => "bags from " + d.place,
	hungToDry: (): string => "hung to dry",
	theirHandfulsCountedOnceFor: (): string => "their handfuls counted once for the kind’s own mass"
};

export const flatten = {
	flattenedBags: (): string => "flattened bags",
	bagsLaidFlat: (d: { readonly bags: string | number; readonly colour: string | number }): string => '' + d.bags + " " + d.colour + " bags laid flat"
};

export const foretold = {
	keptWhatWasForetold: (): string => "kept what was foretold",
	theForecastFor: (d: { readonly by: string | number }): string => "the forecast for " + d.by,
	keptTheNoteOfThe: (): string => "kept the note of the week",
	theNoteOfTheWeek: (): string => "the note of the week",
	wroteToThePeopleOf: (): string => "wrote to the people of a table day",
	aWordToThoseWho: (): string => "a word to those who come"
};

export const issue = {
	gaveStrandOutForA: (): string => "gave strand out for a mat",
	whichBallIsItThe: (): string => "Which ball is it? The five signs of its label.",
	givenFor: (d: { readonly ball: string | number; readonly mat: string | number }): string => '' + d.ball + " given for " + d.mat
};

export const join = {
	joinedPieces: (): string => "joined pieces",
	piecesJoined: (d: { readonly pieces: string | number; readonly colour: string | number }): string => '' + d.pieces + " " + d.colour + " pieces joined"
};

export const load = {
	chooseAPileOfPieces: (): string => "Choose a pile of pieces or strand.",
	putStrandOnALoom: (): string => "put strand on a loom",
	strandsLaidOnTheLoom: (d: { readonly strands: string | number; readonly split: string | number }): string => '' + d.strands + " " + d.split + " strands laid on the loom"
};

export const matCode = {
	whichMatIsItIts: (): string => "Which mat is it? Its five signs."
};

export const matCourse = {
	writeColoursAndRowsAs: (): string => "Write colours and rows, as in: white 20, blue 12.",
	choseTheStripesOfA: (): string => "chose the stripes of a mat",
	howGoesOn: (d: { readonly mat: string | number }): string => "how " + d.mat + " goes on",
	setTheFirstPassOf: (): string => "set the first pass of a mat",
	near: (): string => "near",
	theFirstPassOfThe: (d: { readonly side: string | number; readonly pass: string | number }): string => "the first pass of the " + d.side + " end " + d.pass,
	hadAMakerReminded: (): string => "had a maker reminded",
	aWordOn: (d: { readonly mat: string | number }): string => "a word on " + d.mat
};

export const matMeasured = {
	measuredAMat: (): string => "measured a mat",
	measureHowLongItIs: (): string => "Measure how long it is, or how wide, or both.",
	measuredAtRow: (d: { readonly mat: string | number; readonly row: string | number }): string => '' + d.mat + " measured at row " + d.row,
	weighedWhatWasLeftOf: (): string => "weighed what was left of a mat",
	whatIsLeftOfFor: (d: { readonly colour: string | number; readonly mat: string | number }): string => "what is left of " + d.colour + " for " + d.mat + " weighed"
};

export const measurement = {
	wovenRows: (): string => "woven rows",
	aFinishedMat: (): string => "a finished mat"
};

export const movement = {
	movedSomethingInOrOut: (): string => "moved something in or out of the store"
};

export const note = {
	wroteANoteOnA: (): string => "wrote a note on a mat",
	aNote: (d: { readonly text: string | number }): string => "a note, “" + d.text + "”",
	wishedForSomethingForA: (): string => "wished for something for a mat",
	iNeedABall: (): string => "I need a ball",
	pleaseFetchIt: (): string => "please fetch it"
};

export const pillow = {
	madeAPillow: (): string => "made a pillow",
	sayWhatItIsStuffed: (): string => "Say what it is stuffed with: scrap, torn bags, or both."
};

export const practised = {
	anAnswerInPractice: (): string => "an answer in practice"
};

export const presence = {
	cameOrWentAtA: (): string => "came or went at a table day",
	somebodyLeft: (): string => "somebody left",
	somebodyCame: (): string => "somebody came"
};

export const recount = {
	countedAPileAgain: (): string => "counted a pile again",
	aPileCounted: (d: { readonly colour: string | number; readonly counted: string | number }): string => "a " + d.colour + " pile counted: " + d.counted
};

export const row = {
	countedARow: (): string => "counted a row",
	aRowTakenBack: (): string => "a row taken back",
	setTheRowsOfA: (): string => "set the rows of a mat",
	toRow: (d: { readonly to: string | number }): string => "to row " + d.to
};

export const sameKind = {
	madeTwoKindsOfBag: (): string => "made two kinds of bag one",
	chooseAnotherKind: (): string => "Choose another kind.",
	twoKindsMadeOne: (): string => "two kinds made one"
};

export const scrap = {
	weighedScrap: (): string => "weighed scrap",
	scrapWeighed: (d: { readonly grams: string | number }): string => "scrap weighed: " + d.grams
};

export const sorting = {
	countAtLeastOneBag: (): string => "Count at least one bag.",
	sortedBags: (): string => "sorted bags",
	from: (d: { readonly place: string | number }): string => "from " + d.place,
	bagsForStrand: (d: { readonly strand: string | number; readonly colour: string | number }): string => '' + d.strand + " " + d.colour + " bags for strand"
};

export const takenApart = {
	tookAMatApart: (): string => "took a mat apart",
	takenApart: (d: { readonly mat: string | number }): string => '' + d.mat + " taken apart",
	keptAMatToTeach: (): string => "kept a mat to teach with",
	whetherTeaches: (d: { readonly mat: string | number }): string => "whether " + d.mat + " teaches"
};

export const tap = {
	tappedALotAtThe: (): string => "tapped a lot at the table"
};

export const timed = {
	timedAWork: (): string => "timed a work"
};

export const tool = {
	pegsAndNailsStandBetween: (): string => "Pegs and nails stand between 5 mm and 10 cm apart. Measure from middle to middle.",
	thatIsShorterThanAny: (): string => "That is shorter than any mat, or longer than a hall: between 45 cm and 6 m.",
	measuredATool: (): string => "measured a tool",
	notThereAnyMore: (): string => ", not there any more"
};

export const basisWords = {
	byTheCraftAloneNothing: (): string => "by the craft alone; nothing measured is in them",
	byThisGroupsOwnMeasures: (): string => "by this group’s own measures",
	byWhatHasMeasured: (d: { readonly name: string | number }): string => "by what " + d.name + " has measured",
	withYourMeasuresThisPlan: (): string => "With your measures this plan cannot be made, so they are left out here. Look for a slip among them."
};

export const codeWords = {
	aCodeHasFiveSigns: (): string => "A code has five signs.",
	codesHaveNo01: (): string => "Codes have no 0, 1, I, L or O, and no other signs than letters and figures.",
	theseFiveSignsDoNot: (): string => "These five signs do not belong together: one is wrong, or two are swapped. Look at the label again."
};

export const dayWords = {
	justNow: (): string => "just now"
};

export const farOffWords = {
	timesWhatWasExpectedDid: (d: { readonly what: string | number; readonly ratio: string | number }): string => '' + d.what + ": " + d.ratio + " times what was expected. Did a digit or a unit slip in?",
	onlyOfWhatWasExpected: (d: { readonly what: string | number; readonly ratio: string | number }): string => '' + d.what + ": only " + d.ratio + " % of what was expected. Did a digit or a unit slip in?"
};

export const looks = {
	asThisDeviceHasIt: (): string => "as this device has it",
	highContrast: (): string => "high contrast"
};

export const quantityWords = {
	n84Cm084M: (): string => "84 cm, 0.84 m or 33 in",
	n33In212: (): string => "33 in, 2 1/2 in or 6 ft 2",
	n52GOr18: (): string => "52 g or 1.8 kg",
	n37OzOr2Lb: (): string => "37 oz or 2 lb 6 oz",
	pleaseFillThisIn: (): string => "Please fill this in.",
	isNotANumber: (d: { readonly part: string | number }): string => '' + d.part + " is not a number.",
	isNotAWholeNumber: (d: { readonly part: string | number }): string => '' + d.part + " is not a whole number.",
	couldBeThousandsOrDecimals: (d: { readonly part: string | number }): string => '' + d.part + " could be thousands or decimals. Write it without the comma.",
	wasNotUnderstoodWriteIt: (d: { readonly part: string | number; readonly like: string | number }): string => "“" + d.part + "” was not understood. Write it like " + d.like + "."
};

export const readJson = {
	thisIsNotJson: (): string => "This is not JSON."
};

export const slip = {
	pressedTwiceAtOnceIt: (): string => "Pressed twice at once: it counted once."
};

export const stitchWords = {
	singleCrochet: (): string => "single crochet",
	halfDoubleCrochet: (): string => "half double crochet",
	doubleCrochet: (): string => "double crochet",
	halfTrebleCrochet: (): string => "half treble crochet",
	trebleCrochet: (): string => "treble crochet",
	us: (d: { readonly us: string | number }): string => "US " + d.us,
	uk: (d: { readonly uk: string | number }): string => "UK " + d.uk,
	mm: (d: { readonly mm: string | number; readonly also: string | number }): string => '' + d.mm + " mm (" + d.also + ")"
};

export const storeWords = {
	flatBags: (): string => "flat bags",
	cutPieces: (): string => "cut pieces",
	piecesOfStrand: (): string => "pieces of strand",
	piecesInChains: (): string => "pieces in chains",
	bagsForStuffing: (): string => "bags for stuffing",
	joinedAndBalled: (): string => "joined and balled",
	madeIntoAMat: (): string => "made into a mat",
	givenAway: (): string => "given away",
	countedAgain: (): string => "counted again",
	ofScrap: (): string => "of scrap"
};

export const techniqueWords = {
	pegLoom: (): string => "peg loom",
	twinedFrame: (): string => "twined frame",
	fingerBands: (): string => "finger bands"
};

export const terms = {
	fourTimesInFive: (): string => "Four times in five",
	noTwoTablesWorkAlike: (): string => "No two tables work alike. Make five such mats, and about four of them will come out between the two figures; one may lie outside. Your own measures bring the two closer together.",
	aPullOneNIs: (): string => "A pull. One N is about the weight of an apple hanging from the strand; ten are a litre of water. A careless tug is about 12.",
	aThousandthOfAMillimetre: (): string => "A thousandth of a millimetre. Thin carrier film is about 12 to 18 of them, a hair about 70. It is worked out from what ten bags weigh.",
	putsThisPlanBesideThe: (): string => "Puts this plan beside the bench to measure against: change a choice, and every figure says how far it moved. It stays on this device.",
	noOtherWayNeedsAs: (): string => "No other way needs as few bags, as few hours, and covers as close, all at once. To have less of one you must give more of another.",
	strandPlarn: (): string => "Strand (plarn)",
	theYarnMadeOfBags: (): string => "The yarn made of bags: strips cut of film and joined end to end, ready to crochet or weave. Many call it plarn, from plastic and yarn."
};

export const toolWords = {
	pegLoom: (): string => "peg loom",
	nailFrame: (): string => "nail frame",
	crochetHook: (): string => "crochet hook",
	bluntScissors: (): string => "blunt scissors",
	rollingBladeAndBoard: (): string => "rolling blade and board",
	handSpindle: (): string => "hand spindle",
	pegsApartFromPegTo: (d: { readonly pegs: string | number; readonly formatSpacing: string | number; readonly formatLength: string | number; readonly formatLength2: string | number; readonly isHasRods: 'yes' | 'no' }): string => '' + d.pegs + " pegs, " + d.formatSpacing + " apart, " + d.formatLength + " from peg to peg; a mat about " + d.formatLength2 + " wide" + select(d.isHasRods, { yes: "", other: ", no side rods" }),
	nailsApartLongAPanel: (d: { readonly nails: string | number; readonly formatSpacing: string | number; readonly formatLength: string | number; readonly formatLength2: string | number; readonly isRods: 'yes' | 'no' }): string => '' + d.nails + " nails, " + d.formatSpacing + " apart, " + d.formatLength + " long; a panel about " + d.formatLength2 + " wide, rods held by " + select(d.isRods, { yes: "eyes", other: "bare nails" })
};

export const unitWords = {
	ozA100Yd: (d: { readonly gPerM: string | number }): string => '' + d.gPerM + " oz a 100 yd",
	squareYard: (): string => "square yard",
	squareMetre: (): string => "square metre",
	ozASquareYard: (d: { readonly gPerM2: string | number }): string => '' + d.gPerM2 + " oz a square yard",
	sqFt: (d: { readonly m2: string | number }): string => '' + d.m2 + " sq ft"
};
