// Made of table-day.json by `npm run words -- --make`: change the words there.
import { select } from '@messageformat/runtime';

export const CourseChart = {
	bagsInPieces: (): string => "bags in pieces",
	bagsOfFilm: (): string => "bags of plastic"
};

export const DayAdvice = {
	advice: (): string => "Advice",
	waitForFilmFrom: (d: { readonly handsWords: string | number; readonly clock: string | number }): string => '' + d.handsWords + " wait for bags from " + d.clock,
	allTheFilmThereIs: (): string => "All bags become yarn",
	theLineFlows: (): string => "The work flows",
	seat: (): string => "Seat",
	atFrom: (d: { readonly stationWords: string | number; readonly clock: string | number }): string => "at " + d.stationWords + ", from " + d.clock + ".",
	move: (): string => "Move",
	fromToAt: (d: { readonly stationWords: string | number; readonly stationWords2: string | number; readonly clock: string | number }): string => "from " + d.stationWords + " to " + d.stationWords2 + " at " + d.clock + ".",
	nobodySitsAtTheLine: (): string => "Nobody has a seat yet. Suggest seats, or tap a name.",
	noSingleMoveBringsMore: (): string => "No single move helps.",
	oneMorePairOfHands: (): string => "One more volunteer"
};

export const DayInWords = {
	theDayInWords: (): string => "The day in words",
	whatLiesAtEachPlace: (): string => "What is at each place, every half hour",
	at: (): string => "at",
	to: (d: { readonly nameOf: string | number; readonly station: string | number; readonly clock: string | number; readonly clock2: string | number }): string => '' + d.nameOf + ": " + d.station + ", " + d.clock + " to " + d.clock2
};

export const DayPlan = {
	seats: (): string => "Seats",
	byOf: (d: { readonly clock: string | number; readonly planName: string | number }): string => "by " + d.clock + " of " + d.planName,
	andStrandOfBags: (d: { readonly floor: string | number }): string => ", and yarn of " + d.floor + " bags",
	asManyAsAreWanted: (): string => "enough",
	shortOf: (d: { readonly lacks: string | number; readonly ballsWanted: string | number }): string => "short by " + d.lacks + " of " + d.ballsWanted,
	noSeatsBringMoreThan: (d: { readonly floor: string | number }): string => "At most " + d.floor + " balls can be reached today.",
	twoHundredDaysAreTried: (): string => "Trying 200 days",
	asItIsExpectedTo: (): string => "expected at · tap a name, then the seat it takes from now on",
	theDayFromTo: (d: { readonly clock: string | number; readonly clock2: string | number }): string => "The day from " + d.clock + " to " + d.clock2,
	runTheDay: (): string => "Play the day",
	stopHere: (): string => "Stop here",
	seatsAreLookedFor: (): string => "Finding seats …",
	seatThemAfresh: (): string => "Suggest seats",
	keepTheSeats: (): string => "Save seats",
	theCourseOfTheDay: (): string => "The day over time",
	bandsHoldFourInFive: (): string => "Bands show the range.",
	whatIsKeptCannotBe: (): string => "saved data cannot be reached.",
	theNetworkIsAway: (): string => "no network.",
	noAdviceCouldBeHad: (): string => "No suggestion right now. Try again in a moment."
};

export const DayRun = {
	theDayItself: (): string => "Today",
	whatCameOfIt: (): string => "Results",
	theDayIsOpen: (): string => "The day is running",
	wound: (): string => "wound",
	foreseen: (d: { readonly count: string | number }): string => "· expected: " + d.count,
	toByChance: (d: { readonly low: string | number; readonly high: string | number }): string => ", range " + d.low + " to " + d.high,
	wanted: (d: { readonly ballsWanted: string | number }): string => "· " + d.ballsWanted + " wanted",
	theStoreAgreesWithWhat: (): string => "The store agrees with what was tapped.",
	theBookHadLessThan: (d: { readonly lacks: string | number }): string => "More was tapped than the store had: " + d.lacks + " came from an unknown place.",
	countThePilesAgain: (): string => "Count the piles again",
	scrapWeighed: (d: { readonly mass: string | number }): string => "Scrap weighed: " + d.mass,
	ismoregSelectYesOtherThan: (d: { readonly mass: string | number; readonly isMoreG: 'yes' | 'no' }): string => ", " + d.mass + " " + select(d.isMoreG, { yes: "more", other: "less" }) + " than expected from the cuts",
	tablet: (d: { readonly stationWords: string | number }): string => "Tablet: " + d.stationWords,
	forTheWall: (): string => "Wall view",
	openTheDay: (): string => "Start the day",
	whatIsForeseenNowIs: (): string => "The forecast of now is saved for comparison.",
	endTheDay: (): string => "End the day",
	whoCame: (): string => "Who came",
	speedsMeasuredToday: (): string => "Speeds measured today",
	thatIsFarFromThe: (d: { readonly knownS: string | number; readonly nouns: string | number }): string => "That is far from the " + d.knownS + " " + d.nouns + " known so far. Tick it to use it.",
	speedsMeasuredThatDay: (): string => "Speeds measured that day",
	yesUseIt: (): string => "Yes, use it",
	leaveItOut: (): string => "Leave it out",
	theyStandUnder: (): string => "They are under",
	measures: (): string => "Measures",
	theNextDayIsPlanned: (): string => "; the next day uses what you do not leave out.",
	overMinutesOfTheUsual: (d: { readonly stationWords: string | number; readonly minutes: string | number; readonly nouns: string | number; readonly minutes2: string | number }): string => '' + d.stationWords + ": " + d.minutes + " " + d.nouns + " in " + d.minutes2 + " minutes at the usual pace",
	flatBags: (): string => "flat bags",
	piecesOfStrand: (): string => "pieces of yarn"
};

export const DayTerms = {
	breaksAt: (): string => "Breaks at",
	afterThreeQuartersOfAn: (): string => "After 45 minutes of the same work.",
	minutesABreak: (): string => "Minutes per break",
	"for": (): string => "For",
	ballsWanted: (): string => "Balls wanted",
	cutWith: (): string => "Cut with",
	scissors: (): string => "scissors",
	rollingBladeTrainedAdultsOnly: (): string => "rolling blade, trained adults only",
	andAlso: (): string => "And also",
	whatElseTheDayIs: (): string => "What else is planned.",
	keepThis: (): string => "Save"
};

export const RoomView = {
	child: (): string => "child",
	awayFromTheTable: (): string => "away from the table",
	sitsHere: (): string => "sits here",
	piecesABag: (d: { readonly piecesPerBag: string | number }): string => '' + d.piecesPerBag + " pieces a bag",
	bagsEach: (d: { readonly bagsPerBall: string | number }): string => '' + d.bagsPerBall + " bags each",
	loomsHooksPillows: (): string => "looms, hooks, pillows",
	noSeat: (): string => "no seat",
	atThisMinute: (): string => "at this minute",
	scissorsLieClosedWhenPut: (): string => "Close scissors when you put them down. A child has blunt ones and an adult beside them.",
	waitsForFilm: (): string => "waits for bags",
	hasNoRoom: (): string => "has no room",
	doneForNow: (): string => "done for now"
};

export const SeatList = {
	seatsAsAList: (): string => "Seats as a list",
	eachSitsAtOneStation: (): string => "Each person stays at one station all day. Saving this replaces the seats above.",
	noSeat: (): string => "no seat",
	keepTheseSeats: (): string => "Save seats"
};

export const TapPage = {
	soFar: (): string => "so far",
	nobodyHasThisSeatNow: (): string => "Nobody has this seat now.",
	until: (d: { readonly nameOf: string | number; readonly clock: string | number }): string => '' + d.nameOf + " until " + d.clock,
	hereNow: (d: { readonly seated: string | number }): string => "Here now: " + d.seated + ".",
	done: (d: { readonly tap: string | number }): string => '' + d.tap + " done",
	takeTheLastOneBack: (): string => "Undo the last one",
	fewerThanThat: (): string => "Fewer",
	onlySoManyDone: (): string => "Save smaller number",
	piecesSpoiledInTheNext: (): string => "Pieces spoiled in the next stack",
	allOfTodaysScrapWeighed: (): string => "All scrap of today, weighed",
	weighed: (): string => "Weighed",
	labels: (): string => "Labels:",
	somethingIsWrongWithThe: (): string => "Something is wrong with the yarn",
	scrapOfTheDay: (d: { readonly grams: string | number }): string => "scrap of the day, " + d.grams,
	filmCanSuffocateKeepIt: (): string => "Plastic can suffocate. Keep it away from small children."
};

export const WallView = {
	theWall: (): string => "The wall",
	by: (d: { readonly count: string | number; readonly clock: string | number }): string => '' + d.count + " by " + d.clock,
	nobodyNow: (): string => "nobody now",
	aBreakUntil: (d: { readonly clock: string | number }): string => "A break until " + d.clock + ".",
	atTo: (d: { readonly clock: string | number; readonly nameOf: string | number; readonly stationWords: string | number; readonly more: string | number }): string => "At " + d.clock + ": " + d.nameOf + " to " + d.stationWords + ". " + d.more + ".",
	goOnAsYouSit: (): string => "Stay where you sit.",
	breakAt: (d: { readonly clock: string | number }): string => "Break at " + d.clock + "."
};

export const WhoIsHere = {
	whoIsHereOf: (d: { readonly here: string | number; readonly length: string | number }): string => "Who is here: " + d.here + " of " + d.length,
	came: (d: { readonly name: string | number }): string => '' + d.name + " came",
	backAgain: (): string => "Back again",
	came2: (): string => "Came",
	left: (d: { readonly name: string | number }): string => '' + d.name + " left",
	left2: (): string => "Left",
	isNotComing: (d: { readonly name: string | number }): string => '' + d.name + " is not coming",
	notComing: (): string => "Not coming",
	takeBackWhatWasSaid: (d: { readonly name: string | number }): string => "Undo for " + d.name,
	takeBack: (): string => "Undo",
	somebodyElse: (): string => "Someone else",
	choose: (): string => "choose",
	cameToo: (): string => "Add",
	isHere: (): string => "is here",
	isNotHereAnyMore: (): string => "is not here any more",
	saidTheyCome: (): string => "said they come",
	hereSince: (d: { readonly clock: string | number }): string => "here since " + d.clock,
	notHereToday: (): string => "not here today",
	leftAt: (d: { readonly clock: string | number }): string => "left at " + d.clock
};

export const PrepareDaysPage = {
	aTableDay: (): string => "New table day",
	on: (): string => "On",
	where: (): string => "Where",
	addTheDay: (): string => "Add day",
	noDayToComeYet: (): string => "No table day is planned. Add the next one, then tick who can come.",
	addPeopleFirst: (): string => "Add volunteers first",
	andTickHereWhoCan: (): string => ", then tick here who can come.",
	whoCanComeOn: (d: { readonly day: string | number }): string => "Who can come on " + d.day,
	one: (): string => "one",
	andWhoseNameIsForgotten: (d: { readonly part: string | number }): string => "And " + d.part + " whose name was deleted.",
	theseCanCome: (): string => "Save who comes",
	seatThem: (): string => "Choose seats",
	callItOff: (): string => "Cancel the day",
	allDaysForACalendar: (): string => "Add all to calendar",
	behindUs: (): string => "Past days",
	nobodyHasSaidYet: (): string => "nobody has said yes yet",
	oneCanCome: (): string => "one can come",
	canCome: (d: { readonly all: string | number }): string => '' + d.all + " can come"
};

export const PrepareDaysIdPage = {
	to: (d: { readonly clock: string | number; readonly clock2: string | number }): string => '' + d.clock + " to " + d.clock2,
	saidYesLikely: (d: { readonly length: string | number; readonly likely: string | number }): string => '' + d.length + " said yes, about " + d.likely + " will come",
	onPaper: (): string => "On paper:",
	howEachActIsDone: (): string => "how each step is done, one card each",
	forACalendar: (): string => "Add to calendar",
	whenAndWhatFor: (): string => "Time and purpose",
	nobodyHasSaidTheyCome: (): string => "Nobody has said yes yet.",
	sayWhoComes: (): string => "Choose who comes",
	andTheyCanBeSeated: (): string => ", then choose their seats.",
	noPlansBagsCanBe: (): string => "No plan has bags that can be cut yet.",
	planAMat: (): string => "Plan a mat",
	whoseBagIsOneOf: (): string => "with one of your kinds of bag. Then you see here what the table can make of it.",
	aCardAStation: (): string => "a card for each station",
	forTheDoor: (): string => "for the door",
	ballsWanted: (d: { readonly ballsWanted: string | number }): string => '' + d.ballsWanted + " balls wanted"
};

export const PrepareDaysIdStationPage = {
	nestRow: (d: { readonly stationWords: string | number; readonly yearDay: string | number }): string => '' + d.stationWords + " · " + d.yearDay + " · Nest Row",
	soFar: (d: { readonly tap: string | number }): string => '' + d.tap + " so far.",
	soManyDone: (): string => "Number done",
	done: (): string => "Done"
};

export const dayNow = {
	thereIsNoTableDay: (): string => "There is no table day at this address. It may be cancelled.",
	thisDayHasNoPlan: (): string => "This day has no plan with bags that can be cut."
};

export const runDay = {
	thatDayIsNotAmong: (): string => "That day is gone, or someone changed it at the same time."
};

export const besideWords = {
	loomStrandsToLay: (): string => "Loom strands to add",
	matsToFinish: (): string => "Mats to finish",
	matsToCheck: (): string => "Mats to check",
	pillowsToStuff: (): string => "Pillows to stuff",
	loomStrandToLay: (): string => "loom strand to add",
	loomStrandsToLay2: (): string => "loom strands to add",
	matToFinish: (): string => "mat to finish",
	matsToFinish2: (): string => "mats to finish",
	matToCheck: (): string => "mat to check",
	matsToCheck2: (): string => "mats to check",
	pillowToStuff: (): string => "pillow to stuff",
	pillowsToStuff2: (): string => "pillows to stuff",
	nobodyIsLeftForMore: (d: { readonly left: string | number }): string => "Nobody is free for " + d.left + ". Find more volunteers, or another day."
};

export const caseFile = {
	thisIsANumberOf: (d: { readonly what: string | number }): string => "A number of " + d.what + ": whole, 0 to 1,000,000.",
	oneOf: (d: { readonly lineStations: string | number }): string => "One of: " + d.lineStations + ".",
	thisIsAMinuteOf: (): string => "A minute of the day: 0 to 1,440.",
	thisIsANumberOf2: (): string => "A number of pieces: whole, 1 to 1,000.",
	thisIsASeedA: (): string => "A seed: a whole number from 0 to 4,294,967,295.",
	thisPersonHasNoName: (): string => "This person has no name.",
	thisNameIsTooLong: (): string => "This name is too long.",
	thisIsASpeedAbove: (): string => "A speed: above 0, and 20 at most.",
	thisIsAListOf: (): string => "A list of stations.",
	thisIsTrueOrFalse: (): string => "true or false.",
	thisIsHowLongThe: (): string => "How long the day is: above 0 and up to 1,440 minutes.",
	thisIsHowManyBags: (): string => "Bags in a ball: whole, 1 to 1,000.",
	oneOf2: (d: { readonly lineCuts: string | number }): string => "One of: " + d.lineCuts + ".",
	thisIsHowManyBags2: (): string => "Bags cut at once: whole, 1 to 1,000.",
	thisIsHowManyBags3: (): string => "Bags in a batch: whole, 1 to 1,000.",
	flatBags: (): string => "flat bags",
	thisIsStrandInBags: (): string => "Yarn in bags: 0 to 1,000,000.",
	thisIsWhatLiesThere: (): string => "What is there: bags, flat, pieces, joined, balls.",
	thisIsAListOf2: (): string => "A list of people.",
	theseAreMorePeopleThan: (): string => "At most 60 people.",
	thisIsANumberOf3: (): string => "A number of tools: whole, 0 to 1,000.",
	theseAreToolsByStation: (): string => "Tools by station.",
	oneOf3: (d: { readonly lineBuffers: string | number }): string => "One of: " + d.lineBuffers + ".",
	thisIsHowMuchThere: (): string => "How much there is room for: 0 to 1,000,000.",
	thisIsRoomByPlace: (): string => "Room by place.",
	thisIsANumberOf4: (): string => "A number of days: whole, 1 to 20,000.",
	thisIsNotADay: (): string => "This is not a table day.",
	thisHoldsManyDaysGive: (): string => "This holds many days. Give one at a time.",
	theDayEndsAtMinute: (d: { readonly minutes: string | number }): string => "The day ends at minute " + d.minutes + ".",
	whoeverComesMustComeBefore: (): string => "People must come before they leave.",
	aChildNeverSitsAt: (): string => "A child never uses a rolling blade.",
	sitsInTwoPlacesAt: (d: { readonly name: string | number }): string => '' + d.name + " is in two places at once."
};

export const countWords = {
	bagOfStrand: (): string => "bag of yarn",
	bagsOfStrand: (): string => "bags of yarn"
};

export const dayWords = {
	windingBalls: (): string => "winding balls",
	thoseWhoFlatten: (): string => "Those who flatten",
	theCutters: (): string => "The cutters",
	theJoiners: (): string => "The joiners",
	theWinders: (): string => "The winders",
	isAChildNoBlade: (d: { readonly who: string | number }): string => '' + d.who + " is a child: never a blade. Choose blunt scissors or another seat.",
	isAChildAnAdult: (d: { readonly who: string | number; readonly stationWords: string | number; readonly clock: string | number }): string => '' + d.who + " is a child and needs an adult beside them at " + d.stationWords + ", all the time. From " + d.clock + " there is none.",
	thereAreNotToolsEnough: (d: { readonly stationWords: string | number; readonly clock: string | number }): string => "There are too few tools for one more at " + d.stationWords + " from " + d.clock + ".",
	wouldSitInTwoPlaces: (d: { readonly who: string | number; readonly clock: string | number }): string => '' + d.who + " would be in two places at " + d.clock + ".",
	moreStrandForTheNext: (): string => "more yarn for the next ball"
};

export const seatKeeper = {
	notKeptYetTheSeats: (d: { readonly why: string | number }): string => "Not saved yet: " + d.why + " The seats are still here. Save again in a moment."
};

export const taps = {
	bagFlat: (): string => "bag flattened",
	bagsFlat: (): string => "bags flattened",
	bagCut: (): string => "bag cut",
	bagsCut: (): string => "bags cut",
	bagJoined: (): string => "bag joined",
	bagsJoined: (): string => "bags joined"
};

export const PrepareDaysActs = {
	pleaseLoadThisPageAnew: (): string => "Reload this page.",
	thatDayIsNotAmong: (): string => "That day is not planned any more."
};

export const PrepareDaysIdActs = {
	pleaseLoadThisPageAnew: (): string => "Reload this page."
};

export const PrepareDaysIdSheetPdfDoor = {
	thereIsNoSuchSheet: (): string => "There is no such sheet of a table day.",
	thisDayHasNoPlan: (): string => "This day has no plan whose bags can be cut.",
	tableDay: (d: { readonly day: string | number; readonly sheet: string | number }): string => "Table day " + d.day + " " + d.sheet
};

export const PrepareDaysIdStationActs = {
	thereIsNoSuchStation: (): string => "There is no such station at a table day."
};
