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
	itIsRightAsIt: (): string => "It is right. Save it."
};

export const TakeBack = {
	whyOptional: (): string => "Why (optional)",
	whoOptional: (): string => "Who (optional)",
	takeItBack: (): string => "Undo",
	cancel: (): string => "Cancel",
	lookInTheStore: (): string => "Look in the store",
	takenBack: (d: { readonly words: string | number }): string => '' + d.words + ": undone",
	takenBackItStandsIn: (): string => "Undone. It is in the fields again: change it and save."
};

export const TakeBackFold = {
	takeItBack: (): string => "Undo",
	whyOptional: (): string => "Why (optional)",
	takeBack: (d: { readonly words: string | number }): string => "Undo " + d.words,
	takenBack: (d: { readonly words: string | number }): string => '' + d.words + ": undone"
};

export const WaitingList = {
	waitingPluralOneOtherOn: (d: { readonly waiting: number }): string => '' + d.waiting + " " + plural(d.waiting, 0, en, { one: "entry waits", other: "entries wait" }) + " on this device",
	andIsBeingSent: (): string => "and is being sent.",
	notKept: (d: { readonly words: string | number }): string => "Not saved: " + d.words + ".",
	yesItIsRight: (): string => "Yes, it is right",
	putItRight: (): string => "Correct it",
	toItsPage: (): string => "Open its page",
	throwItAway: (): string => "Delete",
	somebodyElse: (): string => "someone else",
	they: (): string => "They",
	lengthPluralOneOtherOf: (d: { readonly length: number; readonly name: string | number; readonly name2: string | number }): string => '' + d.length + " " + plural(d.length, 0, en, { one: "entry", other: "entries" }) + " of " + d.name + " " + plural(d.length, 0, en, { one: "waits", other: "wait" }) + " on this device. " + d.name2 + " must sign in here to send " + plural(d.length, 0, en, { one: "it", other: "them" }) + ".",
	untilTheNetworkIsBack: (): string => "until the network is back. Nothing is lost.",
	untilTheServerCanTake: (): string => "until the server can take it. Nothing is lost.",
	untilYouSignInAgain: (): string => "until you sign in again. Nothing is lost.",
	untilWhoeverTypedItSigns: (): string => "until the person who typed it signs in here. Nothing is lost."
};

export const Caution = {
	caution: (): string => "Caution"
};

export const LaidBy = {
	noNetworkJustNowThis: (d: { readonly ago: string | number; readonly moment: string | number }): string => "No network. This page is from " + d.ago + ", at " + d.moment + ". What you type waits on this device."
};

export const MadeLink = {
	theNewLink: (): string => "The new link",
	nestRowIsReachedOn: (): string => "Nest Row can only be reached on this machine. Phones cannot open the link yet."
};

export const NameAsked = {
	whatYourTableIsCalled: (): string => "Name of your group",
	whatIsYourTableCalled: (): string => "What is your group called?",
	thatIsItsName: (): string => "Save name",
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
	changeTheUnitsOnThis: (): string => "Change units on this device",
	centimetresChangeToFeetAnd: (): string => "Centimetres: change to feet and inches",
	feetAndInchesChangeTo: (): string => "Feet and inches: change to centimetres",
	cm: (): string => "cm",
	ft: (): string => "ft",
	changeWhoseStitchNamesAre: (): string => "Change stitch names on this device",
	usStitchNamesChangeTo: (): string => "US stitch names: change to UK names",
	ukStitchNamesChangeTo: (): string => "UK stitch names: change to US names",
	us: (): string => "US",
	uk: (): string => "UK",
	season: (): string => "Season",
	knowHow: (): string => "Know-how",
	measures: (): string => "Measures",
	wordsUnitsAndLook: (): string => "Settings"
};

export const HomeError = {
	notHereNestRow: (): string => "Not found · Nest Row",
	nothingHere: (): string => "Page not found",
	justAMoment: (): string => "Just a moment",
	thatDidNotWork: (): string => "That did not work",
	toTheKeptPlans: (): string => "Go to the plans",
	ifYouAskForHelp: (d: { readonly requestId: string | number }): string => "If you ask for help, give this number: " + d.requestId
};

export const HomeLayout = {
	toTheWorkOnThis: (): string => "Skip to the page",
	"for": (): string => "For"
};

export const addAndSay = {
	itWaitsOnThisDevice: (): string => "It waits on this device until the network is back.",
	notKeptTheNetworkIs: (): string => "Not saved: no network."
};

export const formReader = {
	thisIsLongerThanCharacters: (d: { readonly most: string | number }): string => "At most " + d.most + " characters, please.",
	thereIsACharacterHere: (): string => "There is a character here that cannot be shown. Type it again.",
	pleaseFillThisIn: (): string => "Please fill this in.",
	atLeast: (d: { readonly atLeast: string | number }): string => "At least " + d.atLeast + ".",
	moreThan: (d: { readonly moreThan: string | number }): string => "More than " + d.moreThan + ".",
	atMost: (d: { readonly atMost: string | number }): string => "At most " + d.atMost + ".",
	atLeast2: (d: { readonly formatMass: string | number }): string => "At least " + d.formatMass + ".",
	atMost2: (d: { readonly formatMass: string | number }): string => "At most " + d.formatMass + ".",
	weighAtLeastOneHandful: (): string => "Weigh at least one handful.",
	isNotAWeight: (d: { readonly bad: string | number }): string => "“" + d.bad + "” is not a weight.",
	atMost500Handfuls: (): string => "At most 500 handfuls.",
	thisMustBeMoreThan: (): string => "This must be more than 0.",
	thatIsLongerThanM: (d: { readonly most: string | number }): string => "At most " + d.most + " m.",
	chooseOneOfThese: (): string => "Choose one of these.",
	writeTheDayAs2026: (): string => "Type the day like 20 Dec 2026.",
	thatDayIsStillTo: (): string => "That day is in the future."
};

export const readEntry = {
	thisKindOfEntryIs: (): string => "This kind of entry is not known here.",
	thisDoesNotFitWhat: (): string => "This does not fit the other fields."
};

export const registry = {
	keptA: (d: { readonly type: string | number }): string => "saved a “" + d.type + "”"
};

export const sendEntries = {
	theServerCouldNotRead: (): string => "The server could not read this. Correct it or delete it.",
	thisIsNotYoursTo: (): string => "You may not save this."
};

export const sendForm = {
	itWasNotTaken: (): string => "It was not saved."
};

export const typedForm = {
	notKeptThisDeviceKeeps: (): string => "Not saved: this device stores nothing and there is no network. It is still here. Try again soon.",
	waitingOnThisDevice: (d: { readonly words: string | number }): string => "Waiting on this device: " + d.words + ".",
	kept: (d: { readonly words: string | number }): string => "Saved: " + d.words + ".",
	whatYouHadTypedIs: (): string => "What you typed is here again."
};

export const ask = {
	sayBothOrLeaveBoth: (): string => "Fill in both, or leave both empty.",
	notedWhatAPlaceAsks: (): string => "noted what a place asks for",
	anAskForMats: (d: { readonly mats: string | number }): string => '' + d.mats + " mats asked for",
	promisedMatsToAPlace: (): string => "promised mats to a place",
	matsPromised: (d: { readonly mats: string | number }): string => '' + d.mats + " mats promised"
};

export const bagKind = {
	thatIsSmallerThanAny: (): string => "No bag is that small: less than 4 cm.",
	oneBagWouldWeighLess: (): string => "One bag would weigh less than 0.2 g or more than 1 kg. Weigh again.",
	measuredAKindOfBag: (): string => "measured a kind of bag",
	theKind: (d: { readonly name: string | number }): string => "the kind " + d.name
};

export const ball = {
	woundABall: (): string => "wound a ball",
	isasSelectYesOtherOf: (d: { readonly isAs: 'yes' | 'no'; readonly bags: string | number; readonly colour: string | number }): string => '' + select(d.isAs, { yes: "a chain", other: "a ball" }) + " of " + d.bags + " " + d.colour + " bags"
};

export const begin = {
	chooseOneOfTheList: (): string => "Choose one from the list.",
	beganAMat: (): string => "started a mat",
	aMatBegun: (): string => "a mat started",
	handedAMatOn: (): string => "passed a mat on",
	passedOn: (d: { readonly mat: string | number }): string => '' + d.mat + " passed on"
};

export const check = {
	whatWasFoundCouldNot: (): string => "What was found could not be read. Tap the spots again.",
	theFingertipMapHasFifteen: (): string => "The fingertip map has fifteen spots.",
	finishedAMat: (): string => "finished a mat",
	mendedAMat: (): string => "mended a mat",
	checkedAMat: (): string => "checked a mat",
	sayInAWordWhy: (): string => "Say briefly why: the figures say something else."
};

export const correction = {
	takenBack: (): string => "undone",
	tookSomethingBack: (): string => "undid something",
	movement: (): string => "movement",
	aTakenBack: (d: { readonly part: string | number }): string => "undone: " + d.part
};

export const cutWord = {
	chooseOneOfThePiles: (): string => "Choose one of the piles."
};

export const cut = {
	cutBags: (): string => "cut bags",
	bagsCut: (d: { readonly bags: string | number; readonly colour: string | number }): string => '' + d.bags + " " + d.colour + " bags cut"
};

export const deliver = {
	oneOfTheseIsNo: (): string => "One of these is not a label code. Check its five characters.",
	atMostAtOnce: (d: { readonly mostDelivered: string | number }): string => "At most " + d.mostDelivered + " at once.",
	handedMatsOver: (): string => "delivered mats",
	whichMatsGoChooseAt: (): string => "Choose at least one mat.",
	aDeliveryOfMats: (d: { readonly length: string | number }): string => "a delivery of " + d.length + " mats",
	notedThatMatsWereReceived: (): string => "confirmed that mats were received",
	whichDeliveryIsItThe: (): string => "Type the five-character code of the delivery note.",
	notedThatAMatWas: (): string => "noted that a mat was sent back",
	sentBack: (d: { readonly mat: string | number }): string => '' + d.mat + " sent back"
};

export const dropOff = {
	theFullBoxMustWeigh: (): string => "The full box must weigh more than the empty one.",
	thatMakesMoreBagsThan: (): string => "That is more bags than any hall holds.",
	thatMakesBagsMoreThan: (d: { readonly bags: string | number }): string => "That is " + d.bags + " bags, more than any hall holds. Count again.",
	tookInBags: (): string => "took in bags",
	aPlace: (): string => "a source",
	bagsFrom: (d: { readonly place: string | number }): string => "bags from " + d.place,
	hungToDry: (): string => "hung to dry",
	theirHandfulsCountedOnceFor: (): string => "their handfuls counted for the weight of this kind"
};

export const flatten = {
	flattenedBags: (): string => "flattened bags",
	bagsLaidFlat: (d: { readonly bags: string | number; readonly colour: string | number }): string => '' + d.bags + " " + d.colour + " bags laid flat"
};

export const foretold = {
	keptWhatWasForetold: (): string => "saved a forecast",
	theForecastFor: (d: { readonly by: string | number }): string => "the forecast for " + d.by,
	keptTheNoteOfThe: (): string => "saved the weekly note",
	theNoteOfTheWeek: (): string => "the weekly note",
	wroteToThePeopleOf: (): string => "wrote to the people of a table day",
	aWordToThoseWho: (): string => "a message to those who come"
};

export const issue = {
	gaveStrandOutForA: (): string => "gave out yarn for a mat",
	whichBallIsItThe: (): string => "Type the five-character code of the ball’s label.",
	givenFor: (d: { readonly ball: string | number; readonly mat: string | number }): string => '' + d.ball + " given for " + d.mat
};

export const join = {
	joinedPieces: (): string => "joined pieces",
	piecesJoined: (d: { readonly pieces: string | number; readonly colour: string | number }): string => '' + d.pieces + " " + d.colour + " pieces joined"
};

export const load = {
	chooseAPileOfPieces: (): string => "Choose a pile of pieces or yarn.",
	putStrandOnALoom: (): string => "put yarn on a loom",
	strandsLaidOnTheLoom: (d: { readonly strands: string | number; readonly split: string | number }): string => '' + d.strands + " " + d.split + " strands put on the loom"
};

export const matCode = {
	whichMatIsItIts: (): string => "Type the five-character code of the mat."
};

export const matCourse = {
	writeColoursAndRowsAs: (): string => "Write colours and rows like this: white 20, blue 12.",
	choseTheStripesOfA: (): string => "chose the stripes of a mat",
	howGoesOn: (d: { readonly mat: string | number }): string => "how " + d.mat + " goes on",
	setTheFirstPassOf: (): string => "set the first pass of a mat",
	near: (): string => "near",
	theFirstPassOfThe: (d: { readonly side: string | number; readonly pass: string | number }): string => "the first pass of the " + d.side + " end " + d.pass,
	hadAMakerReminded: (): string => "reminded a maker",
	aWordOn: (d: { readonly mat: string | number }): string => "a note on " + d.mat
};

export const matMeasured = {
	measuredAMat: (): string => "measured a mat",
	measureHowLongItIs: (): string => "Measure the length, the width or both.",
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
	wishedForSomethingForA: (): string => "asked for something for a mat",
	iNeedABall: (): string => "I need a ball",
	pleaseFetchIt: (): string => "please collect it"
};

export const pillow = {
	madeAPillow: (): string => "made a pillow",
	sayWhatItIsStuffed: (): string => "Say what it is stuffed with: scrap, torn bags or both."
};

export const practised = {
	anAnswerInPractice: (): string => "an answer in practice"
};

export const presence = {
	cameOrWentAtA: (): string => "came or went at a table day",
	somebodyLeft: (): string => "someone left",
	somebodyCame: (): string => "someone came"
};

export const recount = {
	countedAPileAgain: (): string => "counted a pile again",
	aPileCounted: (d: { readonly colour: string | number; readonly counted: string | number }): string => "a " + d.colour + " pile counted: " + d.counted
};

export const row = {
	countedARow: (): string => "counted a row",
	aRowTakenBack: (): string => "a row undone",
	setTheRowsOfA: (): string => "set the rows of a mat",
	toRow: (d: { readonly to: string | number }): string => "to row " + d.to
};

export const sameKind = {
	madeTwoKindsOfBag: (): string => "merged two kinds of bag",
	chooseAnotherKind: (): string => "Choose another kind.",
	twoKindsMadeOne: (): string => "two kinds merged"
};

export const scrap = {
	weighedScrap: (): string => "weighed scrap",
	scrapWeighed: (d: { readonly grams: string | number }): string => "scrap weighed: " + d.grams
};

export const sorting = {
	countAtLeastOneBag: (): string => "Count at least one bag.",
	sortedBags: (): string => "sorted bags",
	from: (d: { readonly place: string | number }): string => "from " + d.place,
	bagsForStrand: (d: { readonly strand: string | number; readonly colour: string | number }): string => '' + d.strand + " " + d.colour + " bags for yarn"
};

export const takenApart = {
	tookAMatApart: (): string => "took a mat apart",
	takenApart: (d: { readonly mat: string | number }): string => '' + d.mat + " taken apart",
	keptAMatToTeach: (): string => "kept a mat to teach with",
	whetherTeaches: (d: { readonly mat: string | number }): string => "whether " + d.mat + " teaches"
};

export const tap = {
	tappedALotAtThe: (): string => "tapped a batch at the table"
};

export const timed = {
	timedAWork: (): string => "timed some work"
};

export const tool = {
	pegsAndNailsStandBetween: (): string => "Pegs and nails are 5 mm to 10 cm apart. Measure from middle to middle.",
	thatIsShorterThanAny: (): string => "Too short for a mat or longer than a hall. Between 45 cm and 6 m, please.",
	measuredATool: (): string => "measured a tool",
	notThereAnyMore: (): string => ", removed"
};

export const basisWords = {
	byTheCraftAloneNothing: (): string => "by the standard estimate: nothing of yours is measured yet",
	byThisGroupsOwnMeasures: (): string => "by our own measures",
	byWhatHasMeasured: (d: { readonly name: string | number }): string => "by " + d.name + "’s own measures",
	withYourMeasuresThisPlan: (): string => "With your measures this plan cannot be made, so they are left out here. Check them for a mistake."
};

export const codeWords = {
	aCodeHasFiveSigns: (): string => "A code has five characters.",
	codesHaveNo01: (): string => "Codes use letters and digits only, without 0, 1, I, L and O.",
	theseFiveSignsDoNot: (): string => "This is not a label code: one character is wrong, or two are swapped. Look at the label again."
};

export const dayWords = {
	justNow: (): string => "just now"
};

export const farOffWords = {
	timesWhatWasExpectedDid: (d: { readonly what: string | number; readonly ratio: string | number }): string => '' + d.what + ": " + d.ratio + " times what was expected. Check the digits and the unit.",
	onlyOfWhatWasExpected: (d: { readonly what: string | number; readonly ratio: string | number }): string => '' + d.what + ": only " + d.ratio + " % of what was expected. Check the digits and the unit."
};

export const looks = {
	asThisDeviceHasIt: (): string => "same as this device",
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
	pressedTwiceAtOnceIt: (): string => "Pressed twice quickly: it counted once."
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
	piecesOfStrand: (): string => "pieces of yarn",
	piecesInChains: (): string => "pieces in chains",
	bagsForStuffing: (): string => "bags for stuffing",
	joinedAndBalled: (): string => "joined and wound into balls",
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
	fourTimesInFive: (): string => "Range",
	noTwoTablesWorkAlike: (): string => "In 8 of 10 cases the result is between these two figures. Your own measures bring them closer together.",
	aPullOneNIs: (): string => "A pull. One N is about the weight of an apple. Ten are a litre of water. A careless tug is about 12.",
	aThousandthOfAMillimetre: (): string => "A thousandth of a millimetre. A thin bag is 12 to 18 of them, a hair about 70. It is worked out from the weight of ten bags.",
	putsThisPlanBesideThe: (): string => "Keeps this plan next to your work for comparison. Change a choice and every figure says how far it moved. It stays on this device.",
	noOtherWayNeedsAs: (): string => "No other way needs as few bags, takes as few hours and covers as closely, all at once.",
	strandPlarn: (): string => "Yarn (plarn)",
	theYarnMadeOfBags: (): string => "Yarn made of bags: strips or loops joined end to end, ready to crochet or weave. Many call it plarn, from plastic and yarn."
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
