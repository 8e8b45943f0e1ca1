// Made of gather.json by `npm run words -- --make`: change the words there.
import { plural, select } from '@messageformat/runtime';
import { en } from './number';

export const DoorLots = {
	atTheDoor: (): string => "At the door",
	nothingCameInYetWhat: (): string => "Nothing came in yet. What you count under Drop-offs lies here until it is sorted.",
	ofSBagsWereNo: (d: { readonly name: string | number; readonly percent: string | number }): string => "Of " + d.name + "’s bags " + d.percent + " % were no good for strand so far.",
	ofTheNextAreExpected: (d: { readonly percent: string | number; readonly percent2: string | number; readonly percent3: string | number }): string => "Of the next, " + d.percent + " % are expected to be; it may be " + d.percent2 + " to " + d.percent3 + " %, rarely more or less."
};

export const DropOffForm = {
	bagsCameIn: (): string => "Bags came in",
	keepIt: (): string => "Keep it",
	from: (): string => "From",
	on: (): string => "On",
	sacks: (): string => "Sacks",
	broughtByIfTheyLike: (): string => "Brought by, if they like",
	counted: (): string => "Counted",
	byHand: (): string => "by hand",
	inBatches: (): string => "in batches",
	byWeight: (): string => "by weight",
	bags: (): string => "Bags",
	batches: (): string => "Batches",
	inEach: (): string => "In each",
	loose: (): string => "Loose",
	fullBoxWeighs: (): string => "Full box weighs",
	ozOrLbAndOz: (): string => "oz, or lb and oz",
	gOrKg: (): string => "g or kg",
	emptyBoxWeighs: (): string => "Empty box weighs",
	handfulsWeighed: (d: { readonly bareMassUnitOf: string | number }): string => "Handfuls weighed, " + d.bareMassUnitOf,
	oneAfterTheOtherWith: (): string => "one after the other, with spaces",
	bagsInAHandful: (): string => "Bags in a handful",
	scaleGoodTo: (): string => "Scale good to",
	theHandfulsAreAllOf: (): string => "The handfuls are all of",
	severalKinds: (): string => "several kinds",
	theyThenCountOnceFor: (): string => "They then count, once, for what such a bag weighs: plans and counts go by it.",
	bags2: (d: { readonly bags: string | number }): string => '' + d.bags + " bags",
	fourTimesInFive: (d: { readonly countRange: string | number }): string => ", " + d.countRange + " four times in five.",
	thatIsWithin3: (): string => "That is within 3 %.",
	countByHandFor3: (): string => "Count by hand for ±3 %: no sample would do.",
	weighMoreBagsFor3: (d: { readonly moreToWeigh: string | number }): string => "Weigh " + d.moreToWeigh + " more bags for ±3 %.",
	allOfItIsDamp: (): string => "All of it is damp, and hung to dry",
	lookAgainInHours: (): string => "Look again in, hours",
	note: (): string => "Note",
	glovesOrWashedHandsFor: (): string => "Gloves or washed hands for used bags; nothing mouldy, nothing from medical or chemical use. Lift full sacks with two. Keep bags away from babies and small children."
};

export const DryingPiles = {
	hangingToDry: (): string => "Hanging to dry",
	nothingIsDrying: (): string => "Nothing is drying.",
	from: (d: { readonly part: string | number; readonly hanging: string | number; readonly place: string | number }): string => '' + d.part + d.hanging + " from " + d.place,
	noneLeftSaid: (d: { readonly moment: string | number }): string => "none left, said " + d.moment,
	timeToLookAgainSince: (): string => "time to look again, since",
	lookAgain: (): string => "look again",
	sortThem: (): string => "Sort them",
	theyAreThere: (): string => "They are there",
	noneLeft: (): string => "None left"
};

export const KindColour = {
	kind: (): string => "Kind",
	colour: (): string => "Colour"
};

export const KindForm = {
	measureAgain: (d: { readonly name: string | number }): string => "Measure " + d.name + " again",
	aKindOfBagOf: (): string => "A kind of bag of your own",
	keepThisKind: (): string => "Keep this kind",
	aRulerAndAKitchen: (): string => "A ruler and a kitchen scale do it. Lay the bag flat, gussets tucked in; weigh ten.",
	whatYouCallIt: (): string => "What you call it",
	flatWidth: (): string => "Flat width",
	gussetEachSide: (): string => "Gusset, each side",
	emptyIfNone: (): string => "empty if none",
	seamToHandles: (): string => "Seam to handles",
	handleHeight: (): string => "Handle height",
	aHandfulWeighs: (): string => "A handful weighs",
	bagsInTheHandful: (): string => "Bags in the handful",
	theBagAsItIs: (): string => "The bag as it is typed, drawn to scale"
};

export const LackingFilm = {
	filmStillMissing: (): string => "Film still missing",
	otherBags: (): string => "other bags"
};

export const LineHistory = {
	everyMovementOf: (d: { readonly title: string | number }): string => "Every movement of " + d.title,
	howMuch: (): string => "How much",
	by: (d: { readonly byName: string | number }): string => ", by " + d.byName,
	takenBack: (): string => "taken back",
	edit: (): string => "Edit",
	takeBack: (): string => "Take back",
	movement: (d: { readonly id: string | number }): string => "movement " + d.id,
	olderMovements: (): string => "Older movements"
};

export const MovementForm = {
	moveSomething: (): string => "Move something",
	bookIt: (): string => "Book it",
	whichWay: (): string => "Which way",
	intoTheStore: (): string => "into the store",
	outOfIt: (): string => "out of it",
	howMuch: (): string => "How much",
	lbAndOz: (): string => "lb and oz",
	gOrKg: (): string => "g or kg",
	aCount: (): string => "a count",
	of: (): string => "Of",
	because: (): string => "Because",
	byIfTheyLike: (): string => "By, if they like",
	note: (): string => "Note"
};

export const PileTable = {
	tapForOneHoldFor: (d: { readonly batch: string | number }): string => "Tap for one, hold for a batch of " + d.batch + ". Keys 1 to 6, with shift for a batch, while a pile has the focus.",
	piles: (): string => "Piles",
	undoTheLast: (): string => "Undo the last",
	tappedOfThisLot: (d: { readonly all: string | number }): string => '' + d.all + " tapped of this lot",
	holeAtTheSeam: (): string => "Hole at the seam",
	holeInTheBody: (): string => "Hole in the body",
	dampOrSmells: (): string => "Damp, or smells",
	hangIt: (): string => "hang it"
};

export const SameKinds = {
	twoOfTheseAreOne: (): string => "Two of these are one",
	is: (d: { readonly name: string | number; readonly asName: string | number }): string => '' + d.name + " is " + d.asName + ".",
	thatIs: (d: { readonly name: string | number; readonly asName: string | number }): string => "that " + d.name + " is " + d.asName,
	makeTwoKindsOne: (): string => "Make two kinds one",
	makeThemOne: (): string => "Make them one",
	thisKind: (): string => "This kind",
	isTheSameAs: (): string => "is the same as",
	whatIsInStoreOf: (): string => "What is in store of the first goes to the second."
};

export const SamePlaces = {
	twoOfTheseAreOne: (): string => "Two of these are one",
	is: (d: { readonly name: string | number; readonly name2: string | number }): string => '' + d.name + " is " + d.name2 + ".",
	undo: (): string => "Undo",
	is2: (d: { readonly name: string | number; readonly name2: string | number }): string => ": " + d.name + " is " + d.name2,
	"this": (): string => "This",
	choose: (): string => "choose",
	isTheSameAs: (): string => "is the same as",
	makeThemOne: (): string => "Make them one"
};

export const ScalePanel = {
	theScale: (): string => "The scale",
	steady: (): string => "steady",
	settling: (): string => "settling",
	takeTheReadingAs: (): string => "Take the reading as",
	fullBox: (): string => "Full box",
	emptyBox: (): string => "Empty box",
	aHandful: (): string => "A handful",
	weighOnAnyScaleAnd: (d: { readonly isCanConnect: 'yes' | 'no' }): string => "Weigh on any scale and type the numbers below" + select(d.isCanConnect, { yes: ", or connect one that writes to a port of this machine", other: "" }) + ".",
	connectAScale: (): string => "Connect a scale",
	letTheScaleGo: (): string => "Let the scale go",
	tryItWithAStand: (): string => "Try it with a stand-in",
	noScaleWasConnectedLook: (): string => "No scale was connected. Look at its cable, or type the numbers.",
	tooHeavy: (): string => "too heavy"
};

export const Shelves = {
	onTheShelves: (): string => "On the shelves",
	asHighAsThereIs: (): string => "As high as there is of it. Tap a pile for its history, and to take from it.",
	forStuffing: (): string => "for stuffing",
	laidFlat: (): string => "laid flat",
	inChains: (): string => "in chains"
};

export const SortedList = {
	whatWasSorted: (): string => "What was sorted",
	nothingYetWhatYouSort: (): string => "Nothing yet. What you sort stands here, the newest first.",
	bags: (): string => "Bags",
	by: (d: { readonly byName: string | number }): string => ", by " + d.byName,
	fromIshasdriedSelectYesOther: (d: { readonly place: string | number; readonly isHasDried: 'yes' | 'no'; readonly part: string | number }): string => "from " + d.place + select(d.isHasDried, { yes: ", dried", other: "" }) + d.part,
	bags2: (): string => "bags",
	sortedFrom: (d: { readonly part: string | number; readonly place: string | number }): string => '' + d.part + " sorted from " + d.place
};

export const SortingForm = {
	atTheSortingTable: (): string => "At the sorting table",
	intoTheStore: (): string => "Into the store",
	ofTheFromThatHung: (d: { readonly hanging: string | number; readonly place: string | number }): string => "Of the " + d.hanging + " from " + d.place + " that hung to dry. What is still damp goes under drying again.",
	sortOtherBags: (): string => "Sort other bags",
	sortTheseAsBagsThat: (): string => "Sort these as bags that came in",
	bagsFrom: (): string => "Bags from",
	inAllTappedOrTyped: (): string => "In all, tapped or typed",
	goodForStrand: (): string => "Good for strand",
	stuffingOnly: (): string => "Stuffing only",
	drying: (): string => "Drying",
	rejected: (): string => "Rejected",
	lookAgainInHours: (): string => "Look again in, hours",
	pouchesThatHeldLiquidDry: (): string => "Pouches that held liquid dry open for an hour or more",
	sortedByIfTheyLike: (): string => "Sorted by, if they like",
	glovesOrWashedHandsSoiled: (): string => "Gloves or washed hands; soiled and mouldy bags leave the table at once. Your hall's hygiene rules come first."
};

export const StandInScale = {
	onThePan: (d: { readonly bareMassUnitOf: string | number }): string => "On the pan, " + d.bareMassUnitOf,
	putItOn: (): string => "Put it on",
	tare: (): string => "Tare",
	plugItInAgain: (): string => "Plug it in again",
	pullThePlug: (): string => "Pull the plug",
	aStandInForA: (): string => "A stand-in for a scale: type what lies on it. A reading is taken once it is steady."
};

export const StoreTable = {
	whatThereIs: (): string => "What there is",
	theStoreIsEmptySort: (): string => "The store is empty. Sort what came in, and it stands here by kind and colour.",
	inAll: (d: { readonly totals: string | number }): string => "In all " + d.totals + ".",
	theScrapStuffsPillows: (d: { readonly pillows: string | number }): string => "The scrap stuffs " + d.pillows + " pillows.",
	whatEachPlanCanDraw: (): string => "What each plan can draw from it",
	showThese: (): string => "Show these",
	noneOfThatIsIn: (): string => "None of that is in the store.",
	thereAre: (): string => "There are",
	lastMoved: (): string => "Last moved",
	history: (): string => "History",
	of: (d: { readonly kind: string | number; readonly colour: string | number; readonly formWords: string | number }): string => "of " + d.kind + " " + d.colour + " " + d.formWords,
	readItAsATable: (): string => "Read it as a table",
	everyKind: (): string => "every kind",
	everyColour: (): string => "every colour",
	byKindAndColour: (): string => "by kind and colour",
	mostFirst: (): string => "most first",
	lastMovedFirst: (): string => "last moved first"
};

export const TakeBackCell = {
	takenBack: (): string => "taken back",
	edit: (): string => "Edit",
	takeBack: (): string => "Take back"
};

export const ListProblems = {
	countPluralOneOtherTo: (d: { readonly count: number }): string => '' + plural(d.count, 0, en, { one: "place", other: "places" }) + " to put right, here or in the file",
	countPluralOneOtherTo2: (d: { readonly count: number }): string => '' + plural(d.count, 0, en, { one: "count", other: "counts" }) + " to look at once more",
	theFirstAre: (d: { readonly length: string | number }): string => "; the first " + d.length + " are",
	row: (d: { readonly row: string | number; readonly column: string | number }): string => "Row " + d.row + ", " + d.column,
	putRight: (): string => "Put right",
	noSuchColumn: (): string => "(no such column)"
};

export const ListQuestions = {
	itsDaysAreWrittenWith: (): string => "Its days are written with",
	ofTheRowsKnowncount2Plural: (d: { readonly knownCount: string | number; readonly knownCount2: number }): string => '' + d.knownCount + " of the rows " + plural(d.knownCount2, 0, en, { one: "is", other: "are" }) + " there already,",
	withTheSameDayAnd: (): string => "with the same day and count.",
	theyAreLeftOut: (): string => "They are left out.",
	theyAreCountedOnceMore: (): string => "They are counted once more.",
	leaveThemOut: (): string => "Leave them out",
	countThemOnceMore: (): string => "Count them once more",
	thisCountIsRight: (): string => "This count is right",
	theseCountsAreRight: (): string => "These counts are right",
	theYearFirst: (): string => "the year first"
};

export const GatherPage = {
	whereTheyComeFrom: (): string => "Where they come from",
	noPlaceYetTheFirst: (): string => "No place yet. The first bags that come in name one.",
	bagsSoFar: (): string => "Bags so far",
	noGoodForStrand: (): string => "No good for strand",
	expectedOfMore: (): string => "Expected of more",
	whatCameIn: (): string => "What came in",
	nothingYetCountWhatIs: (): string => "Nothing yet. Count what is at the door and keep it here.",
	by: (d: { readonly broughtBy: string | number }): string => ", by " + d.broughtBy,
	cameDampHungToDry: (): string => "came damp, hung to dry",
	bagsFrom: (d: { readonly bags: string | number; readonly place: string | number }): string => '' + d.bags + " bags from " + d.place,
	byHand: (): string => "by hand",
	byWeight: (): string => "by weight",
	inBatches: (): string => "in batches"
};

export const GatherAsksPage = {
	whatTheSeasonStillMakes: (): string => "What the season still makes",
	noPlanIsKeptYet: (): string => "No plan is kept yet.",
	planAMat: (): string => "Plan a mat",
	thenSayHereHowMany: (): string => ", then say here how many are wanted.",
	sayHowManyMatsOf: (): string => "Say how many mats of each plan are wanted. The store is dealt out from the top; named colours come first. Balls and cut pieces count as the plan has them.",
	matsWanted: (): string => "Mats wanted",
	canDraw: (): string => "Can draw",
	thisPlanWasRemovedIts: (): string => "This plan was removed. Its mats are wanted until you set 0.",
	begunTheyAskOnlyFor: (d: { readonly begun: string | number }): string => '' + d.begun + " begun: they ask only for what they lack",
	matsWantedOf: (d: { readonly name: string | number }): string => "Mats wanted of " + d.name,
	set: (): string => "Set",
	ofWhatItNeeds: (d: { readonly round: string | number }): string => '' + d.round + " % of what it needs",
	noneOfYourKindsIs: (): string => "none of your kinds is like its bag",
	ofBags: (d: { readonly ceil: string | number; readonly kind: string | number }): string => "of " + d.ceil + " bags: " + d.kind,
	itsBagIsWithinA: (d: { readonly near: string | number }): string => "Its bag is within a few per cent of your " + d.near + ":",
	planWithThatKind: (): string => "plan with that kind",
	toDrawOnTheStore: (): string => "to draw on the store.",
	nothing: (): string => "nothing",
	whatToAskFor: (): string => "What to ask for",
	askedOf: (): string => "Asked of",
	everyPlace: (): string => "every place",
	askThisPlace: (): string => "Ask this place",
	ofSBags: (d: { readonly name: string | number }): string => "Of " + d.name + "'s bags",
	ofAllBags: (): string => "Of all bags",
	areExpectedToBeNo: (d: { readonly part: string | number; readonly reject: string | number; readonly round: string | number; readonly basis: string | number }): string => '' + d.part + ", " + d.reject + "; " + d.round + " % are expected to be no good for strand, so a few more are asked for. Counted " + d.basis + ".",
	noMatsAreWantedYet: (): string => "No mats are wanted yet, so nothing is lacking.",
	nothingIsLackingTheStore: (): string => "Nothing is lacking: the store covers the season.",
	askFor: (): string => "Ask for",
	otherBags: (): string => "other bags",
	anyColour: (): string => "any colour",
	hangingToDry: (): string => "Hanging to dry",
	notCountedYet: (d: { readonly drying: string | number }): string => ", not counted yet: " + d.drying + ".",
	bringThemTo: (): string => "Bring them to",
	until: (): string => "Until",
	askSheet: (d: { readonly label: string | number }): string => "Ask sheet, " + d.label,
	aPageToHangUp: (d: { readonly name: string | number }): string => "A page to hang up, in the name of " + d.name + ": how many are wanted, how to fold them, and what not to bring."
};

export const GatherKindsPage = {
	aNewKindInstead: (): string => "A new kind instead",
	theKindsYouKnow: (): string => "The kinds you know",
	allDrawnToTheSame: (): string => "All drawn to the same scale. Sorting, the store and every plan can name them.",
	wideHigh: (d: { readonly name: string | number; readonly readable: string | number; readonly readable2: string | number }): string => '' + d.name + ": " + d.readable + " wide, " + d.readable2 + " high",
	gussets: (d: { readonly readable: string | number }): string => ", gussets " + d.readable,
	handles: (d: { readonly readable: string | number }): string => ", handles " + d.readable,
	flatTenWeigh: (d: { readonly readable: string | number; readonly readable2: string | number; readonly part: string | number; readonly part2: string | number; readonly formatMass: string | number }): string => '' + d.readable + " × " + d.readable2 + " flat" + d.part + d.part2 + ". Ten weigh " + d.formatMass + ".",
	inTheStore: (d: { readonly bags: string | number }): string => '' + d.bags + " in the store.",
	measureAgain: (): string => "Measure again",
	takeOffTheList: (): string => "Take off the list",
	removed: (): string => "Removed"
};

export const GatherListsPage = {
	bringAListIn: (): string => "Bring a list in",
	fromASpreadsheetSavedAs: (d: { readonly what: string | number }): string => "From a spreadsheet, saved as CSV: at most " + d.what + " rows. You see it first, say what each column is, and keep all of its rows or none.",
	itIsAListOf: (): string => "It is a list of",
	theFile: (): string => "The file",
	orPasteItHere: (): string => "Or paste it here",
	lookAtIt: (): string => "Look at it",
	listsThatWereBroughtIn: (): string => "Lists that were brought in",
	rows: (d: { readonly rowCount: string | number; readonly keptAt: string | number }): string => '' + d.rowCount + " rows, " + d.keptAt,
	takenBack: (): string => "taken back",
	takeAListOut: (): string => "Take a list out",
	everythingInOneArchive: (): string => "Everything in one archive",
	plansAsFilesTheseLists: (): string => "Plans as files, these lists, and all that was ever kept, as CSV and as JSON.",
	columns: (d: { readonly listFields: string | number }): string => "Columns: " + d.listFields + ".",
	asCsv: (d: { readonly listTitles: string | number }): string => '' + d.listTitles + " as CSV"
};

export const GatherListsIdPage = {
	allRowsAreKeptSince: (d: { readonly rowCount: string | number; readonly moment: string | number }): string => "All " + d.rowCount + " rows are kept, since " + d.moment + ".",
	lookAtThem: (): string => "Look at them",
	takenBackOnNoneOf: (d: { readonly moment: string | number }): string => "Taken back on " + d.moment + ": none of it counts any more.",
	whyTheWholeListIs: (): string => "Why the whole list is taken back",
	byIfTheyLike: (): string => "By, if they like",
	takeItAllBack: (): string => "Take it all back",
	rowsSayWhatEachColumn: (d: { readonly rowCount: string | number }): string => '' + d.rowCount + " rows. Say what each column is; the first rows stand below it.",
	theVerySameRowsWere: (d: { readonly moment: string | number }): string => "The very same rows were kept on " + d.moment + ".",
	keptOnceMoreTheyCount: (): string => "Kept once more they count twice.",
	column: (d: { readonly at: string | number }): string => "column " + d.at,
	leftOut: (): string => "left out",
	theseAreTheColumns: (): string => "These are the columns",
	everyRowIsGood: (): string => "Every row is good",
	thereIsSomethingToSay: (): string => "There is something to say first",
	nothingIsKeptUntilThese: (): string => "Nothing is kept until these are put right",
	keepTheOtherRows: (d: { readonly goodCount: string | number }): string => "Keep the other " + d.goodCount + " rows",
	keepAllRows: (d: { readonly rowCount: string | number }): string => "Keep all " + d.rowCount + " rows",
	takeItOffTheTable: (): string => "Take it off the table",
	rowsWritten: (): string => "Rows written",
	lookingAtEveryRowOnce: (): string => "Looking at every row once more…",
	ofRowsWritten: (d: { readonly done: string | number; readonly all: string | number }): string => '' + d.done + " of " + d.all + " rows written.",
	theConnectionBrokeKeepIt: (): string => "The connection broke. Keep it once more: what was kept counts once."
};

export const GatherSortPage = {
	whichIsWhich: (): string => "Which is which",
	goodForStrand: (): string => "good for strand",
	rejected: (): string => "rejected",
	drying: (): string => "drying",
	stuffingOnly: (): string => "stuffing only",
	flattenAndStackIt: (): string => "flatten and stack it",
	holeAtSeamOrHandles: (): string => "Hole at seam or handles",
	thatPartIsTrimmedOff: (): string => "that part is trimmed off",
	holeInTheBody: (): string => "Hole in the body",
	tooWeakForStrand: (): string => "too weak for strand",
	hangItAndComeBack: (): string => "hang it, and come back",
	onlySmells: (): string => "Only smells",
	rinseItAndHangIt: (): string => "rinse it and hang it",
	brittleOrCrumbling: (): string => "Brittle or crumbling",
	itFallsApartInThe: (): string => "it falls apart in the mat",
	soiledOrMouldy: (): string => "Soiled or mouldy",
	neverAtThisTable: (): string => "never at this table"
};

export const GatherStorePage = {
	thisLine: (): string => "this line"
};

export const dropOffs = {
	noMoreThanBagsHang: (d: { readonly atMost: string | number }): string => "No more than " + d.atMost + " bags hang at once.",
	thatKindIsNotIn: (): string => "That kind is not in the list any more."
};

export const keepList = {
	ofTheRowsCount2Plural: (d: { readonly count: string | number; readonly count2: number }): string => '' + d.count + " of the rows " + plural(d.count2, 0, en, { one: "is", other: "are" }) + " there already, with the same day and count. Say whether to leave them out or to count them once more.",
	row: (d: { readonly row: string | number; readonly column: string | number; readonly sentence: string | number }): string => "Row " + d.row + ", " + d.column + ": " + d.sentence
};

export const kinds = {
	thereIsAKindOf: (): string => "There is a kind of that name already. Give it another.",
	thereIsAKindIs: (d: { readonly similar: string | number }): string => "There is a kind “" + d.similar + "”. Is this another one?",
	thatKindOfBagIs: (): string => "That kind of bag is not in the list any more."
};

export const ledger = {
	thereIsNotThatMuch: (): string => "There is not that much in the store. Count again, or put in what is missing first.",
	thatKindOfBagIs: (): string => "That kind of bag is not in the list any more."
};

export const listTakenBack = {
	thatListIsNotAmong: (): string => "That list is not among the kept ones.",
	takenBack: (): string => "taken back"
};

export const places = {
	somebodyChangedThisPlaceMeanwhile: (): string => "Somebody changed this place meanwhile: what they set stands on the page. Say yours again.",
	thereIsAPlaceIs: (d: { readonly known: string | number }): string => "There is a place “" + d.known + "”. Is this another one?"
};

export const sortings = {
	noneOfThatPileHangs: (): string => "None of that pile hangs there any more: someone has sorted it, or said so.",
	onlyHangThereAndThis: (d: { readonly hanging: string | number; readonly sorted: string | number }): string => "Only " + d.hanging + " hang there, and this makes " + d.sorted + ". Count again; what did not hang there is a pile of its own."
};

export const takenBack = {
	thatIsNotInThe: (): string => "That is not in the book any more.",
	thatIsACorrectionItself: (): string => "That is a correction itself. Book what is right instead.",
	thatWasTakenBackAlready: (): string => "That was taken back already.",
	bagsOfItThatDried: (): string => "Bags of it that dried were sorted since. Take that back first.",
	somethingWasDoneWithThe: (d: { readonly sort: string | number; readonly code: string | number }): string => "Something was done with the " + d.sort + " " + d.code + " since. Take that back first, the newest first."
};

export const askWords = {
	anyColour: (): string => "any colour",
	ofAnyColour: (): string => "of any colour",
	noneWasSortedYet: (): string => "none was sorted yet",
	ofSortedWereNoGood: (d: { readonly rejected: string | number; readonly sorted: string | number }): string => '' + d.rejected + " of " + d.sorted + " sorted were no good"
};

export const filmWords = {
	filmAboutMThick: (d: { readonly part: string | number }): string => "Film about " + d.part + " µm thick",
	noBagIsLookAt: (d: { readonly thick: string | number }): string => '' + d.thick + ": no bag is. Look at the weight, the count and the lengths once more.",
	thinAsCarriersAre: (): string => "thin, as carriers are",
	likeAHeavierShopBag: (): string => "like a heavier shop bag"
};

export const checkList = {
	daysSuchAsCanBe: (d: { readonly firstYearLast: string | number }): string => "Days such as " + d.firstYearLast + " can be read two ways. Say which below.",
	thereAreOnlyOfThat: (d: { readonly there: string | number }): string => "There are only " + d.there + " of that in the store at this row."
};

export const columns = {
	cameOn: (): string => "came on",
	numberOfBags: (): string => "number of bags",
	atLeast: (): string => "at least",
	bagsLow: (): string => "bags low",
	atMost: (): string => "at most",
	bagsHigh: (): string => "bags high",
	broughtBy: (): string => "brought by",
	movedAt: (): string => "moved at",
	kindOfBag: (): string => "kind of bag",
	howMuch: (): string => "how much",
	movementsOfTheStore: (): string => "Movements of the store",
	twoColumnsAreSaidTo: (d: { readonly head: string | number }): string => "Two columns are said to be “" + d.head + "”. Keep one of them.",
	noColumnIsSaidTo: (d: { readonly head: string | number }): string => "No column is said to be “" + d.head + "”, which is needed."
};

export const readCsv = {
	thisIsNotAList: (): string => "This is not a list of text. Save it as CSV (UTF-8) and bring it again.",
	someLettersCannotBeRead: (): string => "Some letters cannot be read. Save the list as CSV with UTF-8 and bring it again.",
	rowAQuotationMarkIs: (d: { readonly row: string | number }): string => "Row " + d.row + ": a quotation mark is opened and never closed.",
	thereIsNothingUnderThe: (): string => "There is nothing under the heads. A list has heads and at least one row.",
	thereAreRowsCanBe: (d: { readonly length: string | number; readonly mostRows: string | number }): string => "There are " + d.length + " rows; " + d.mostRows + " can be brought at once. Please split the list.",
	thereAreColumnsAtMost: (d: { readonly length: string | number; readonly mostColumns: string | number }): string => "There are " + d.length + " columns; at most " + d.mostColumns + " can be read.",
	rowHasMoreFieldsThan: (d: { readonly numbers: string | number }): string => "Row " + d.numbers + " has more fields than there are heads. A comma within a field needs quotation marks round it."
};

export const readRow = {
	thatDayIsStillTo: (): string => "That day is still to come.",
	writeTheDayAs2026: (): string => "Write the day as 2026-11-24, with the time behind it if you like.",
	thisIsMoreThanThe: (): string => "This is more than the count.",
	thisIsLessThanThe: (): string => "This is less than the count.",
	thereIsNoKindAdd: (d: { readonly kind: string | number }): string => "There is no kind “" + d.kind + "”. Add it under Bag kinds first.",
	writeOneOf: (d: { readonly colourNames: string | number }): string => "Write one of " + d.colourNames + ".",
	writeOneOf2: (d: { readonly forms: string | number }): string => "Write one of " + d.forms + ".",
	nothingWasMovedOrLess: (): string => "Nothing was moved, or less than a milligram. Above zero is in, below is out.",
	writeOneOf3: (d: { readonly rowReasons: string | number }): string => "Write one of " + d.rowReasons + "."
};

export const oddCountWords = {
	bagsThisPlaceBringsAbout: (d: { readonly bags: string | number; readonly usual: string | number }): string => '' + d.bags + " bags: this place brings about " + d.usual + " at a time. Did a digit slip in?",
	bagsAtOnceFillA: (d: { readonly bags: string | number }): string => '' + d.bags + " bags at once fill a hall. Did a digit slip in?",
	atOnceIsMoreThan: (d: { readonly pieces: string | number }): string => '' + d.pieces + " at once is more than a table moves in a day. Did a digit slip in?",
	kgOfScrapAtOnce: (d: { readonly scrapG: string | number }): string => '' + d.scrapG + " kg of scrap at once. Was it grams?",
	bagsInSacks2PluralOne: (d: { readonly bags: string | number; readonly sacks: string | number; readonly sacks2: number }): string => '' + d.bags + " bags in " + d.sacks + " " + plural(d.sacks2, 0, en, { one: "sack", other: "sacks" }) + " is more than sacks hold. Look at both once more.",
	oneBagWouldWeighG: (d: { readonly meanG: string | number }): string => "One bag would weigh " + d.meanG + " g, lighter than any. Were the box and the handfuls weighed in the same unit?",
	oneBagWouldWeighG2: (d: { readonly meanG: string | number }): string => "One bag would weigh " + d.meanG + " g, heavier than any. Were the box and the handfuls weighed in the same unit?",
	thatMakesSortedAndOnly: (d: { readonly all: string | number; readonly came: string | number }): string => "That makes " + d.all + " sorted, and only " + d.came + " came from there. Count again, or put in first what came."
};

export const restsOnWords = {
	someOfWhatItPut: (): string => "Some of what it put into the store has gone out already. Take that movement back first.",
	someOfWhatItPut2: (d: { readonly all: string | number; readonly isLength: 'yes' | 'no' }): string => "Some of what it put into the store has gone out already: " + d.all + ". Take " + select(d.isLength, { yes: "those", other: "that" }) + " back first, the newest first."
};

export const GatherActs = {
	chooseTwoPlacesOfThe: (): string => "Choose two places of the list."
};

export const GatherAsksActs = {
	thisCouldNotBeRead: (): string => "This could not be read. Please load the page again.",
	thatPlanIsNotIn: (): string => "That plan is not in the list any more.",
	someoneSetMeanwhilePressSet: (d: { readonly mats: string | number }): string => "Someone set " + d.mats + " meanwhile. Press Set to put yours in its place."
};

export const GatherAsksSheetPdfDoor = {
	bagsWanted: (d: { readonly name: string | number }): string => "Bags wanted " + d.name
};

export const GatherKindsActs = {
	thisKindHasAHistory: (): string => "This kind has a history in the store, or is gone already. It stays as it is."
};

export const GatherListsActs = {
	theListIsLargerThan: (): string => "The list is larger than 12 MB. Please split it and bring it in parts.",
	aPastedList: (): string => "a pasted list",
	theFileDidNotArrive: (): string => "The file did not arrive whole.",
	sayWhichListItIs: (): string => "Say which list it is.",
	theNameOfTheFile: (): string => "The name of the file cannot be read. Rename it and bring it again.",
	chooseAFileOrPaste: (): string => "Choose a file, or paste the list."
};

export const GatherListsIdActs = {
	thisListIsNotOn: (): string => "This list is not on the table any more.",
	thatCellCouldNotBe: (): string => "That cell could not be read. Please type it again.",
	someOfWhatItBrought: (): string => "Some of what it brought has gone out of the store since. Take that back first."
};

export const GatherListsIdKeepDoor = {
	theListCouldNotBe: (): string => "The list could not be kept. Nothing of it was."
};

export const GatherListsListCsvDoor = {
	thereIsNoSuchList: (): string => "There is no such list."
};

export const GatherSortActs = {
	whichBagsWereMeantCould: (): string => "Which bags were meant could not be read."
};

export const taps = {
	putThisNumberRightFirst: (): string => "Put this number right first."
};
