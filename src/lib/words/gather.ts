// Made of gather.json by `npm run words -- --make`: change the words there.
import { plural, select } from '@messageformat/runtime';
import { en } from './number';

export const DoorLots = {
	atTheDoor: (): string => "Waiting to be sorted",
	nothingCameInYetWhat: (): string => "Nothing to sort yet. Bags you count under Drop-offs wait here.",
	ofSBagsWereNo: (d: { readonly percent: string | number; readonly name: string | number }): string => "So far, " + d.percent + " of 100 bags from " + d.name + " were unusable.",
	ofTheNextAreExpected: (d: { readonly percent: string | number; readonly percent2: string | number; readonly percent3: string | number }): string => "About " + d.percent + " of 100 will be unusable (" + d.percent2 + "–" + d.percent3 + ")."
};

export const DropOffForm = {
	bagsCameIn: (): string => "Bags came in",
	keepIt: (): string => "Save",
	from: (): string => "From",
	on: (): string => "On",
	sacks: (): string => "Sacks",
	broughtByIfTheyLike: (): string => "Brought by (optional)",
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
	scaleGoodTo: (): string => "Scale exact to",
	theHandfulsAreAllOf: (): string => "Kind of bag in the handfuls",
	severalKinds: (): string => "several kinds",
	theyThenCountOnceFor: (): string => "They then count, once, for the weight of this kind of bag.",
	bags2: (d: { readonly bags: string | number }): string => '' + d.bags + " bags",
	fourTimesInFive: (d: { readonly countRange: string | number }): string => " (range " + d.countRange + ")",
	thatIsWithin3: (): string => "That is exact to 3 %.",
	countByHandFor3: (): string => "For an exact count, count by hand.",
	weighMoreBagsFor3: (d: { readonly moreToWeigh: string | number }): string => "Weigh " + d.moreToWeigh + " more bags to be exact to 3 %.",
	allOfItIsDamp: (): string => "All of it is damp and hangs to dry",
	lookAgainInHours: (): string => "Look again in (hours)",
	note: (): string => "Note",
	glovesOrWashedHandsFor: (): string => "Wear gloves or wash your hands. Nothing mouldy, nothing from medical or chemical use. Lift full sacks with two people. Keep bags away from babies and small children."
};

export const DryingPiles = {
	hangingToDry: (): string => "Hanging to dry",
	nothingIsDrying: (): string => "Nothing is drying.",
	from: (d: { readonly part: string | number; readonly hanging: string | number; readonly place: string | number }): string => '' + d.part + d.hanging + " from " + d.place,
	noneLeftSaid: (d: { readonly moment: string | number }): string => "none left since " + d.moment,
	timeToLookAgainSince: (): string => "time to look again, since",
	lookAgain: (): string => "look again",
	sortThem: (): string => "Sort them",
	theyAreThere: (): string => "They are here",
	noneLeft: (): string => "None left"
};

export const KindColour = {
	kind: (): string => "Kind",
	colour: (): string => "Colour"
};

export const KindForm = {
	measureAgain: (d: { readonly name: string | number }): string => "Measure " + d.name + " again",
	aKindOfBagOf: (): string => "New kind of bag",
	keepThisKind: (): string => "Save kind",
	aRulerAndAKitchen: (): string => "You need a ruler and a kitchen scale. Lay the bag flat with its gussets folded in. Weigh ten bags together.",
	whatYouCallIt: (): string => "Name",
	flatWidth: (): string => "Flat width",
	gussetEachSide: (): string => "Gusset, each side",
	emptyIfNone: (): string => "empty if none",
	seamToHandles: (): string => "Seam to handles",
	handleHeight: (): string => "Handle height",
	aHandfulWeighs: (): string => "Weight of a handful",
	bagsInTheHandful: (): string => "Bags in the handful",
	theBagAsItIs: (): string => "Your bag, drawn to scale"
};

export const LackingFilm = {
	filmStillMissing: (): string => "Bags still missing",
	otherBags: (): string => "other bags"
};

export const LineHistory = {
	everyMovementOf: (d: { readonly title: string | number }): string => "Every movement of " + d.title,
	howMuch: (): string => "How much",
	by: (d: { readonly byName: string | number }): string => ", by " + d.byName,
	takenBack: (): string => "undone",
	edit: (): string => "Edit",
	takeBack: (): string => "Undo",
	movement: (d: { readonly id: string | number }): string => "movement " + d.id,
	olderMovements: (): string => "Older movements"
};

export const MovementForm = {
	moveSomething: (): string => "Move in or out",
	bookIt: (): string => "Save",
	whichWay: (): string => "Direction",
	intoTheStore: (): string => "into the store",
	outOfIt: (): string => "out of the store",
	howMuch: (): string => "How much",
	lbAndOz: (): string => "lb and oz",
	gOrKg: (): string => "g or kg",
	aCount: (): string => "a count",
	of: (): string => "Of",
	because: (): string => "Reason",
	byIfTheyLike: (): string => "Who (optional)",
	note: (): string => "Note"
};

export const PileTable = {
	tapForOneHoldFor: (d: { readonly batch: string | number }): string => "Tap for one, hold for a batch of " + d.batch + ". With a keyboard: 1 to 6, with Shift for a batch.",
	piles: (): string => "Piles",
	undoTheLast: (): string => "Undo",
	tappedOfThisLot: (d: { readonly all: string | number }): string => '' + d.all + " tapped so far",
	holeAtTheSeam: (): string => "Hole at the seam",
	holeInTheBody: (): string => "Hole in the body",
	dampOrSmells: (): string => "Damp or smelly",
	hangIt: (): string => "hang it"
};

export const SameKinds = {
	twoOfTheseAreOne: (): string => "Merge two kinds",
	is: (d: { readonly name: string | number; readonly asName: string | number }): string => '' + d.name + " is now " + d.asName + ".",
	thatIs: (d: { readonly name: string | number; readonly asName: string | number }): string => "that " + d.name + " is " + d.asName,
	makeTwoKindsOne: (): string => "Merge two kinds",
	makeThemOne: (): string => "Merge",
	thisKind: (): string => "This kind",
	isTheSameAs: (): string => "is the same as",
	whatIsInStoreOf: (): string => "Stock of the first kind goes to the second."
};

export const SamePlaces = {
	twoOfTheseAreOne: (): string => "Merge two sources",
	is: (d: { readonly name: string | number; readonly name2: string | number }): string => '' + d.name + " is " + d.name2 + ".",
	undo: (): string => "Undo",
	is2: (d: { readonly name: string | number; readonly name2: string | number }): string => ": " + d.name + " is " + d.name2,
	"this": (): string => "This source",
	choose: (): string => "choose",
	isTheSameAs: (): string => "is the same as",
	makeThemOne: (): string => "Merge"
};

export const ScalePanel = {
	theScale: (): string => "The scale",
	steady: (): string => "steady",
	settling: (): string => "settling",
	takeTheReadingAs: (): string => "Use the reading as",
	fullBox: (): string => "Full box",
	emptyBox: (): string => "Empty box",
	aHandful: (): string => "A handful",
	weighOnAnyScaleAnd: (d: { readonly isCanConnect: 'yes' | 'no' }): string => "Weigh on any scale and type the numbers below" + select(d.isCanConnect, { yes: ", or connect one that writes to a port of this machine", other: "" }) + ".",
	connectAScale: (): string => "Connect a scale",
	letTheScaleGo: (): string => "Disconnect the scale",
	tryItWithAStand: (): string => "Try a practice scale",
	noScaleWasConnectedLook: (): string => "No scale found. Check its cable, or type the numbers.",
	tooHeavy: (): string => "too heavy"
};

export const Shelves = {
	onTheShelves: (): string => "On the shelves",
	asHighAsThereIs: (): string => "The higher the pile, the more there is. Tap a pile for its history or to take some out.",
	forStuffing: (): string => "for stuffing",
	laidFlat: (): string => "flattened",
	inChains: (): string => "in chains"
};

export const SortedList = {
	whatWasSorted: (): string => "Sorted so far",
	nothingYetWhatYouSort: (): string => "Nothing sorted yet. What you sort is listed here, newest first.",
	bags: (): string => "Bags",
	by: (d: { readonly byName: string | number }): string => ", by " + d.byName,
	fromIshasdriedSelectYesOther: (d: { readonly place: string | number; readonly isHasDried: 'yes' | 'no'; readonly part: string | number }): string => "from " + d.place + select(d.isHasDried, { yes: ", dried", other: "" }) + d.part,
	bags2: (): string => "bags",
	sortedFrom: (d: { readonly part: string | number; readonly place: string | number }): string => '' + d.part + " sorted from " + d.place
};

export const SortingForm = {
	atTheSortingTable: (): string => "At the sorting table",
	intoTheStore: (): string => "Into the store",
	ofTheFromThatHung: (d: { readonly hanging: string | number; readonly place: string | number }): string => "Of the " + d.hanging + " bags from " + d.place + " that hung to dry. Put what is still damp under drying again.",
	sortOtherBags: (): string => "Sort other bags",
	sortTheseAsBagsThat: (): string => "Sort these as bags that came in",
	bagsFrom: (): string => "Bags from",
	inAllTappedOrTyped: (): string => "Total, tapped or typed",
	goodForStrand: (): string => "Good for yarn",
	stuffingOnly: (): string => "Stuffing only",
	drying: (): string => "Drying",
	rejected: (): string => "Rejected",
	lookAgainInHours: (): string => "Look again in (hours)",
	pouchesThatHeldLiquidDry: (): string => "Pouches that held liquid need an hour or more to dry, open",
	sortedByIfTheyLike: (): string => "Sorted by (optional)",
	glovesOrWashedHandsSoiled: (): string => "Wear gloves or wash your hands. Take soiled and mouldy bags off the table at once. Follow your hall's hygiene rules."
};

export const StandInScale = {
	onThePan: (d: { readonly bareMassUnitOf: string | number }): string => "On the scale, " + d.bareMassUnitOf,
	putItOn: (): string => "Put it on",
	tare: (): string => "Tare",
	plugItInAgain: (): string => "Plug it in again",
	pullThePlug: (): string => "Pull the plug",
	aStandInForA: (): string => "A practice scale: type what is on it. A reading counts once it is steady."
};

export const StoreTable = {
	whatThereIs: (): string => "In store",
	theStoreIsEmptySort: (): string => "The store is empty. Sort what came in: it is listed here by kind and colour.",
	inAll: (d: { readonly totals: string | number }): string => "Total: " + d.totals + ".",
	theScrapStuffsPillows: (d: { readonly pillows: string | number }): string => "The scrap is enough for " + d.pillows + " pillows.",
	whatEachPlanCanDraw: (): string => "What each plan can use of it",
	showThese: (): string => "Show",
	noneOfThatIsIn: (): string => "None of that is in store.",
	thereAre: (): string => "Amount",
	lastMoved: (): string => "Last moved",
	history: (): string => "History",
	of: (d: { readonly kind: string | number; readonly colour: string | number; readonly formWords: string | number }): string => "of " + d.kind + " " + d.colour + " " + d.formWords,
	readItAsATable: (): string => "Show as a table",
	everyKind: (): string => "every kind",
	everyColour: (): string => "every colour",
	byKindAndColour: (): string => "by kind and colour",
	mostFirst: (): string => "most first",
	lastMovedFirst: (): string => "last moved first"
};

export const TakeBackCell = {
	takenBack: (): string => "undone",
	edit: (): string => "Edit",
	takeBack: (): string => "Undo"
};

export const ListProblems = {
	countPluralOneOtherTo: (d: { readonly count: number }): string => '' + plural(d.count, 0, en, { one: "entry", other: "entries" }) + " to correct, here or in the file",
	countPluralOneOtherTo2: (d: { readonly count: number }): string => '' + plural(d.count, 0, en, { one: "count", other: "counts" }) + " to check again",
	theFirstAre: (d: { readonly length: string | number }): string => "; the first " + d.length + " are",
	row: (d: { readonly row: string | number; readonly column: string | number }): string => "Row " + d.row + ", " + d.column,
	putRight: (): string => "Correct",
	noSuchColumn: (): string => "(no such column)"
};

export const ListQuestions = {
	itsDaysAreWrittenWith: (): string => "Its dates are written with",
	ofTheRowsKnowncount2Plural: (d: { readonly knownCount: string | number; readonly knownCount2: number }): string => '' + d.knownCount + " of the rows " + plural(d.knownCount2, 0, en, { one: "is", other: "are" }) + " already here,",
	withTheSameDayAnd: (): string => "with the same day and count.",
	theyAreLeftOut: (): string => "They are left out.",
	theyAreCountedOnceMore: (): string => "They are counted again.",
	leaveThemOut: (): string => "Leave them out",
	countThemOnceMore: (): string => "Count them again",
	thisCountIsRight: (): string => "This count is right",
	theseCountsAreRight: (): string => "These counts are right",
	theYearFirst: (): string => "the year first"
};

export const GatherPage = {
	whereTheyComeFrom: (): string => "Sources",
	noPlaceYetTheFirst: (): string => "No source yet. The first bags that come in name one.",
	bagsSoFar: (): string => "Bags so far",
	noGoodForStrand: (): string => "Unusable so far",
	expectedOfMore: (): string => "Expected of the next",
	whatCameIn: (): string => "Drop-offs",
	nothingYetCountWhatIs: (): string => "Nothing yet. Count the bags at the door and save them here.",
	by: (d: { readonly broughtBy: string | number }): string => ", by " + d.broughtBy,
	cameDampHungToDry: (): string => "came damp, hung to dry",
	bagsFrom: (d: { readonly bags: string | number; readonly place: string | number }): string => '' + d.bags + " bags from " + d.place,
	byHand: (): string => "by hand",
	byWeight: (): string => "by weight",
	inBatches: (): string => "in batches"
};

export const GatherAsksPage = {
	whatTheSeasonStillMakes: (): string => "What to make this season",
	noPlanIsKeptYet: (): string => "No plan is saved yet.",
	planAMat: (): string => "Plan a mat",
	thenSayHereHowMany: (): string => ", then say here how many mats you want.",
	sayHowManyMatsOf: (): string => "Say how many mats of each plan you want. The top plan gets bags from the store first. Plans with named colours go before the others. Balls and cut pieces count for the plan they fit.",
	matsWanted: (): string => "Mats wanted",
	canDraw: (): string => "Can use",
	thisPlanWasRemovedIts: (): string => "This plan was removed. Its mats still count until you set 0.",
	begunTheyAskOnlyFor: (d: { readonly begun: string | number }): string => '' + d.begun + " started: they only need what is still missing",
	matsWantedOf: (d: { readonly name: string | number }): string => "Mats wanted of " + d.name,
	set: (): string => "Set",
	ofWhatItNeeds: (d: { readonly round: string | number }): string => '' + d.round + " % of what it needs",
	noneOfYourKindsIs: (): string => "none of your kinds is like its bag",
	ofBags: (d: { readonly ceil: string | number; readonly kind: string | number }): string => "of " + d.ceil + " bags: " + d.kind,
	itsBagIsWithinA: (d: { readonly near: string | number }): string => "Its bag is almost the same as your " + d.near + ":",
	planWithThatKind: (): string => "plan with that kind",
	toDrawOnTheStore: (): string => "to use bags from the store.",
	nothing: (): string => "nothing",
	whatToAskFor: (): string => "Bags to ask for",
	askedOf: (): string => "Ask",
	everyPlace: (): string => "every source",
	askThisPlace: (): string => "Ask this source",
	ofSBags: (d: { readonly name: string | number }): string => "Of " + d.name + "'s bags",
	ofAllBags: (): string => "Of all bags",
	areExpectedToBeNo: (d: { readonly part: string | number; readonly reject: string | number; readonly round: string | number; readonly basis: string | number }): string => '' + d.part + ", " + d.reject + ". About " + d.round + " of 100 will be unusable, so ask for a few more. Counted " + d.basis + ".",
	noMatsAreWantedYet: (): string => "No mats are wanted yet, so nothing is missing.",
	nothingIsLackingTheStore: (): string => "Nothing is missing: the store has enough for the season.",
	askFor: (): string => "Ask for",
	otherBags: (): string => "other bags",
	anyColour: (): string => "any colour",
	hangingToDry: (): string => "Hanging to dry",
	notCountedYet: (d: { readonly drying: string | number }): string => ", not counted yet: " + d.drying + ".",
	bringThemTo: (): string => "Bring them to",
	until: (): string => "Until",
	askSheet: (d: { readonly label: string | number }): string => "Ask sheet, " + d.label,
	aPageToHangUp: (d: { readonly name: string | number }): string => "A page to hang up at " + d.name + ": how many bags you need, how to fold them and what not to bring."
};

export const GatherKindsPage = {
	aNewKindInstead: (): string => "A new kind instead",
	theKindsYouKnow: (): string => "Your kinds of bag",
	allDrawnToTheSame: (): string => "All drawn to the same scale. You can use them in sorting, the store and every plan.",
	wideHigh: (d: { readonly name: string | number; readonly readable: string | number; readonly readable2: string | number }): string => '' + d.name + ": " + d.readable + " wide, " + d.readable2 + " high",
	gussets: (d: { readonly readable: string | number }): string => ", gussets " + d.readable,
	handles: (d: { readonly readable: string | number }): string => ", handles " + d.readable,
	flatTenWeigh: (d: { readonly readable: string | number; readonly readable2: string | number; readonly part: string | number; readonly part2: string | number; readonly formatMass: string | number }): string => '' + d.readable + " × " + d.readable2 + " flat" + d.part + d.part2 + ". Ten weigh " + d.formatMass + ".",
	inTheStore: (d: { readonly bags: string | number }): string => '' + d.bags + " in store.",
	measureAgain: (): string => "Measure again",
	takeOffTheList: (): string => "Remove",
	removed: (): string => "Removed"
};

export const GatherListsPage = {
	bringAListIn: (): string => "Import a list",
	fromASpreadsheetSavedAs: (d: { readonly what: string | number }): string => "From a spreadsheet, saved as CSV, with at most " + d.what + " rows. You see it first and say what each column is. All rows are saved, or none.",
	itIsAListOf: (): string => "The list holds",
	theFile: (): string => "The file",
	orPasteItHere: (): string => "Or paste it here",
	lookAtIt: (): string => "Check the list",
	listsThatWereBroughtIn: (): string => "Imported lists",
	rows: (d: { readonly rowCount: string | number; readonly keptAt: string | number }): string => '' + d.rowCount + " rows, " + d.keptAt,
	takenBack: (): string => "undone",
	takeAListOut: (): string => "Export a list",
	everythingInOneArchive: (): string => "Everything in one file",
	plansAsFilesTheseLists: (): string => "Plans as files, these lists and everything ever saved, as CSV and JSON.",
	columns: (d: { readonly listFields: string | number }): string => "Columns: " + d.listFields + ".",
	asCsv: (d: { readonly listTitles: string | number }): string => '' + d.listTitles + " as CSV"
};

export const GatherListsIdPage = {
	allRowsAreKeptSince: (d: { readonly rowCount: string | number; readonly moment: string | number }): string => "All " + d.rowCount + " rows were saved on " + d.moment + ".",
	lookAtThem: (): string => "Look at them",
	takenBackOnNoneOf: (d: { readonly moment: string | number }): string => "Undone on " + d.moment + ": none of it counts any more.",
	whyTheWholeListIs: (): string => "Why undo the whole list",
	byIfTheyLike: (): string => "Who (optional)",
	takeItAllBack: (): string => "Undo the list",
	rowsSayWhatEachColumn: (d: { readonly rowCount: string | number }): string => '' + d.rowCount + " rows. Say what each column is. The first rows are shown below.",
	theVerySameRowsWere: (d: { readonly moment: string | number }): string => "The same rows were saved on " + d.moment + ".",
	keptOnceMoreTheyCount: (): string => "Saved again, they count twice.",
	column: (d: { readonly at: string | number }): string => "column " + d.at,
	leftOut: (): string => "left out",
	theseAreTheColumns: (): string => "Use these columns",
	everyRowIsGood: (): string => "Every row is good",
	thereIsSomethingToSay: (): string => "Some answers are needed first",
	nothingIsKeptUntilThese: (): string => "Nothing is saved until these are corrected",
	keepTheOtherRows: (d: { readonly goodCount: string | number }): string => "Save the other " + d.goodCount + " rows",
	keepAllRows: (d: { readonly rowCount: string | number }): string => "Save all " + d.rowCount + " rows",
	takeItOffTheTable: (): string => "Discard the list",
	rowsWritten: (): string => "Rows saved",
	lookingAtEveryRowOnce: (): string => "Checking every row again…",
	ofRowsWritten: (d: { readonly done: string | number; readonly all: string | number }): string => '' + d.done + " of " + d.all + " rows saved.",
	theConnectionBrokeKeepIt: (): string => "The connection broke. Save again: rows already saved count once."
};

export const GatherSortPage = {
	whichIsWhich: (): string => "How to sort",
	goodForStrand: (): string => "good for yarn",
	rejected: (): string => "rejected",
	drying: (): string => "drying",
	stuffingOnly: (): string => "stuffing only",
	flattenAndStackIt: (): string => "flatten and stack it",
	holeAtSeamOrHandles: (): string => "Hole at seam or handles",
	thatPartIsTrimmedOff: (): string => "that part is trimmed off",
	holeInTheBody: (): string => "Hole in the body",
	tooWeakForStrand: (): string => "too weak for yarn",
	hangItAndComeBack: (): string => "hang it, and come back",
	onlySmells: (): string => "Smells only",
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
	noMoreThanBagsHang: (d: { readonly atMost: string | number }): string => "At most " + d.atMost + " bags can hang at once.",
	thatKindIsNotIn: (): string => "That kind is not in the list any more."
};

export const keepList = {
	ofTheRowsCount2Plural: (d: { readonly count: string | number; readonly count2: number }): string => '' + d.count + " of the rows " + plural(d.count2, 0, en, { one: "is", other: "are" }) + " already here, with the same day and count. Leave them out or count them again.",
	row: (d: { readonly row: string | number; readonly column: string | number; readonly sentence: string | number }): string => "Row " + d.row + ", " + d.column + ": " + d.sentence
};

export const kinds = {
	thereIsAKindOf: (): string => "There is already a kind with that name. Choose another name.",
	thereIsAKindIs: (d: { readonly similar: string | number }): string => "There is a kind “" + d.similar + "”. Is this a different one?",
	thatKindOfBagIs: (): string => "That kind of bag is not in the list any more."
};

export const ledger = {
	thereIsNotThatMuch: (): string => "There is not that much in store. Count again, or add what is missing first.",
	thatKindOfBagIs: (): string => "That kind of bag is not in the list any more."
};

export const listTakenBack = {
	thatListIsNotAmong: (): string => "That list is not among the imported ones.",
	takenBack: (): string => "undone"
};

export const places = {
	somebodyChangedThisPlaceMeanwhile: (): string => "Someone changed this place at the same time. The page shows their version. Enter yours again.",
	thereIsAPlaceIs: (d: { readonly known: string | number }): string => "There is already “" + d.known + "”. Is this a different one?"
};

export const sortings = {
	noneOfThatPileHangs: (): string => "That pile is not drying any more: someone sorted it, or said it is gone.",
	onlyHangThereAndThis: (d: { readonly hanging: string | number; readonly sorted: string | number }): string => "Only " + d.hanging + " hang there, and this adds up to " + d.sorted + ". Count again. Other bags are a pile of their own."
};

export const takenBack = {
	thatIsNotInThe: (): string => "That entry is not there any more.",
	thatIsACorrectionItself: (): string => "That is already an undo. Enter what is right instead.",
	thatWasTakenBackAlready: (): string => "That was already undone.",
	bagsOfItThatDried: (): string => "Bags of it that dried were sorted since. Undo that first.",
	somethingWasDoneWithThe: (d: { readonly sort: string | number; readonly code: string | number }): string => "Something was done with the " + d.sort + " " + d.code + " since. Undo that first, newest first."
};

export const askWords = {
	anyColour: (): string => "any colour",
	ofAnyColour: (): string => "of any colour",
	noneWasSortedYet: (): string => "none was sorted yet",
	ofSortedWereNoGood: (d: { readonly rejected: string | number; readonly sorted: string | number }): string => '' + d.rejected + " of " + d.sorted + " sorted were unusable"
};

export const filmWords = {
	filmAboutMThick: (d: { readonly part: string | number }): string => "Film about " + d.part + " µm thick",
	noBagIsLookAt: (d: { readonly thick: string | number }): string => '' + d.thick + ": no bag is. Check the weight, the count and the lengths.",
	thinAsCarriersAre: (): string => "thin, like carrier bags",
	likeAHeavierShopBag: (): string => "like a heavier shop bag"
};

export const checkList = {
	daysSuchAsCanBe: (d: { readonly firstYearLast: string | number }): string => "Dates like " + d.firstYearLast + " can be read two ways. Choose one below.",
	thereAreOnlyOfThat: (d: { readonly there: string | number }): string => "There are only " + d.there + " of that in store at this row."
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
	twoColumnsAreSaidTo: (d: { readonly head: string | number }): string => "Two columns are set to “" + d.head + "”. Keep one of them.",
	noColumnIsSaidTo: (d: { readonly head: string | number }): string => "“" + d.head + "” is needed: choose its column."
};

export const readCsv = {
	thisIsNotAList: (): string => "This is not a text list. Save it as CSV (UTF-8) and import it again.",
	someLettersCannotBeRead: (): string => "Some letters cannot be read. Save the list as CSV (UTF-8) and import it again.",
	rowAQuotationMarkIs: (d: { readonly row: string | number }): string => "Row " + d.row + ": a quotation mark is never closed.",
	thereIsNothingUnderThe: (): string => "The list has no rows. It needs headings and at least one row.",
	thereAreRowsCanBe: (d: { readonly length: string | number; readonly mostRows: string | number }): string => "The list has " + d.length + " rows; at most " + d.mostRows + " can be imported at once. Split the list.",
	thereAreColumnsAtMost: (d: { readonly length: string | number; readonly mostColumns: string | number }): string => "The list has " + d.length + " columns; at most " + d.mostColumns + " can be read.",
	rowHasMoreFieldsThan: (d: { readonly numbers: string | number }): string => "Row " + d.numbers + " has more fields than headings. A comma within a field needs quotation marks around it."
};

export const readRow = {
	thatDayIsStillTo: (): string => "That day is in the future.",
	writeTheDayAs2026: (): string => "Write the day as 2026-11-24. A time may follow.",
	thisIsMoreThanThe: (): string => "This is more than the count.",
	thisIsLessThanThe: (): string => "This is less than the count.",
	thereIsNoKindAdd: (d: { readonly kind: string | number }): string => "There is no kind “" + d.kind + "”. Add it under Bag kinds first.",
	writeOneOf: (d: { readonly colourNames: string | number }): string => "Write one of " + d.colourNames + ".",
	writeOneOf2: (d: { readonly forms: string | number }): string => "Write one of " + d.forms + ".",
	nothingWasMovedOrLess: (): string => "The amount is 0. Above 0 is in, below is out.",
	writeOneOf3: (d: { readonly rowReasons: string | number }): string => "Write one of " + d.rowReasons + "."
};

export const oddCountWords = {
	bagsThisPlaceBringsAbout: (d: { readonly bags: string | number; readonly usual: string | number }): string => '' + d.bags + " bags? This source usually brings about " + d.usual + ". Check the digits.",
	bagsAtOnceFillA: (d: { readonly bags: string | number }): string => '' + d.bags + " bags fill a hall. Check the digits.",
	atOnceIsMoreThan: (d: { readonly pieces: string | number }): string => '' + d.pieces + " at once is more than a table moves in a day. Check the digits.",
	kgOfScrapAtOnce: (d: { readonly scrapG: string | number }): string => '' + d.scrapG + " kg of scrap? Was it grams?",
	bagsInSacks2PluralOne: (d: { readonly bags: string | number; readonly sacks: string | number; readonly sacks2: number }): string => '' + d.bags + " bags do not fit in " + d.sacks + " " + plural(d.sacks2, 0, en, { one: "sack", other: "sacks" }) + ". Check both.",
	oneBagWouldWeighG: (d: { readonly meanG: string | number }): string => "One bag would weigh " + d.meanG + " g, too light. Were the box and the handfuls weighed in the same unit?",
	oneBagWouldWeighG2: (d: { readonly meanG: string | number }): string => "One bag would weigh " + d.meanG + " g, too heavy. Were the box and the handfuls weighed in the same unit?",
	thatMakesSortedAndOnly: (d: { readonly all: string | number; readonly came: string | number }): string => "That makes " + d.all + " sorted, but only " + d.came + " came from there. Count again, or add what came first."
};

export const restsOnWords = {
	someOfWhatItPut: (): string => "Some of it has already left the store. Undo that movement first.",
	someOfWhatItPut2: (d: { readonly all: string | number; readonly isLength: 'yes' | 'no' }): string => "Some of it has already left the store: " + d.all + ". Undo " + select(d.isLength, { yes: "those", other: "that" }) + " first, newest first."
};

export const GatherActs = {
	chooseTwoPlacesOfThe: (): string => "Choose two sources from the list."
};

export const GatherAsksActs = {
	thisCouldNotBeRead: (): string => "This could not be read. Reload the page.",
	thatPlanIsNotIn: (): string => "That plan is not in the list any more.",
	someoneSetMeanwhilePressSet: (d: { readonly mats: string | number }): string => "Someone set " + d.mats + " at the same time. Press Set to replace it with yours."
};

export const GatherAsksSheetPdfDoor = {
	bagsWanted: (d: { readonly name: string | number }): string => "Bags wanted " + d.name
};

export const GatherKindsActs = {
	thisKindHasAHistory: (): string => "This kind has been used in the store, or is already gone. It stays as it is."
};

export const GatherListsActs = {
	theListIsLargerThan: (): string => "The list is larger than 12 MB. Split it and import the parts.",
	aPastedList: (): string => "a pasted list",
	theFileDidNotArrive: (): string => "The file did not arrive complete. Try again.",
	sayWhichListItIs: (): string => "Choose what the list holds.",
	theNameOfTheFile: (): string => "The name of the file cannot be read. Rename it and bring it again.",
	chooseAFileOrPaste: (): string => "Choose a file, or paste the list."
};

export const GatherListsIdActs = {
	thisListIsNotOn: (): string => "This list is not here any more.",
	thatCellCouldNotBe: (): string => "That cell could not be read. Please type it again.",
	someOfWhatItBrought: (): string => "Some of what it added has left the store since. Undo that first."
};

export const GatherListsIdKeepDoor = {
	theListCouldNotBe: (): string => "The list could not be saved. None of it was."
};

export const GatherListsListCsvDoor = {
	thereIsNoSuchList: (): string => "There is no such list."
};

export const GatherSortActs = {
	whichBagsWereMeantCould: (): string => "Which bags were meant could not be read."
};

export const taps = {
	putThisNumberRightFirst: (): string => "Correct this number first."
};
