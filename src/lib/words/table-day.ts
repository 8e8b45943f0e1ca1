// Made of table-day.json by `npm run words -- --make`: change the words there.
import { select } from '@messageformat/runtime';

export const CourseChart = {
	bagsInPieces: (): string => "bags in pieces",
	colorMixInSrgb22: (d: { readonly colour: string | number }): string => "color-mix(in srgb, " + d.colour + " 22%, transparent)",
	bagsOfFilm: (): string => "bags of film"
};

export const DayAdvice = {
	advice: (): string => "Advice",
	waitForFilmFrom: (d: { readonly handsWords: string | number; readonly clock: string | number }): string => '' + d.handsWords + " wait for film from " + d.clock,
	allTheFilmThereIs: (): string => "All the film there is becomes strand",
	theLineFlows: (): string => "The line flows",
	seat: (): string => "Seat",
	atFrom: (d: { readonly stationWords: string | number; readonly clock: string | number }): string => "at " + d.stationWords + ", from " + d.clock + ".",
	move: (): string => "Move",
	fromToAt: (d: { readonly stationWords: string | number; readonly stationWords2: string | number; readonly clock: string | number }): string => "from " + d.stationWords + " to " + d.stationWords2 + " at " + d.clock + ".",
	nobodySitsAtTheLine: (): string => "Nobody sits at the line yet. Seat them afresh, or take up a name.",
	noSingleMoveBringsMore: (): string => "No single move brings more.",
	oneMorePairOfHands: (): string => "One more pair of hands"
};

export const DayInWords = {
	theDayInWords: (): string => "The day in words",
	whatLiesAtEachPlace: (): string => "What lies at each place, every half hour",
	at: (): string => "at",
	to: (d: { readonly nameOf: string | number; readonly station: string | number; readonly clock: string | number; readonly clock2: string | number }): string => '' + d.nameOf + ": " + d.station + ", " + d.clock + " to " + d.clock2
};

export const DayPlan = {
	seats: (): string => "Seats",
	byOf: (d: { readonly clock: string | number; readonly planName: string | number }): string => "by " + d.clock + " of " + d.planName,
	andStrandOfBags: (d: { readonly floor: string | number }): string => ", and strand of " + d.floor + " bags",
	asManyAsAreWanted: (): string => "as many as are wanted",
	shortOf: (d: { readonly lacks: string | number; readonly ballsWanted: string | number }): string => '' + d.lacks + " short of " + d.ballsWanted,
	noSeatsBringMoreThan: (d: { readonly floor: string | number }): string => "No seats bring more than " + d.floor + " balls today.",
	twoHundredDaysAreTried: (): string => "Two hundred days are tried",
	asItIsExpectedTo: (): string => "as it is expected to stand · take up a name and put it down where it sits from now on",
	theDayFromTo: (d: { readonly clock: string | number; readonly clock2: string | number }): string => "The day from " + d.clock + " to " + d.clock2,
	runTheDay: (): string => "Run the day",
	stopHere: (): string => "Stop here",
	seatsAreLookedFor: (): string => "Seats are looked for …",
	seatThemAfresh: (): string => "Seat them afresh",
	keepTheSeats: (): string => "Keep the seats",
	theCourseOfTheDay: (): string => "The course of the day",
	bandsHoldFourInFive: (): string => "Bands hold four in five of two hundred days by chance.",
	whatIsKeptCannotBe: (): string => "what is kept cannot be reached.",
	theNetworkIsAway: (): string => "the network is away.",
	noAdviceCouldBeHad: (): string => "No advice could be had just now. Try again in a moment."
};

export const DayRun = {
	theDayItself: (): string => "The day itself",
	whatCameOfIt: (): string => "What came of it",
	theDayIsOpen: (): string => "The day is open",
	wound: (): string => "wound",
	foreseen: (d: { readonly count: string | number }): string => "· foreseen: " + d.count,
	toByChance: (d: { readonly low: string | number; readonly high: string | number }): string => ", " + d.low + " to " + d.high + " by chance",
	wanted: (d: { readonly ballsWanted: string | number }): string => "· " + d.ballsWanted + " wanted",
	theStoreAgreesWithWhat: (): string => "The store agrees with what was tapped.",
	theBookHadLessThan: (d: { readonly lacks: string | number }): string => "The book had less than was tapped: " + d.lacks + " came from nowhere it knows.",
	countThePilesAgain: (): string => "Count the piles again",
	scrapWeighed: (d: { readonly mass: string | number }): string => "Scrap weighed: " + d.mass,
	ismoregSelectYesOtherThan: (d: { readonly mass: string | number; readonly isMoreG: 'yes' | 'no' }): string => ", " + d.mass + " " + select(d.isMoreG, { yes: "more", other: "less" }) + " than the cuts left by the book",
	tablet: (d: { readonly stationWords: string | number }): string => "Tablet: " + d.stationWords,
	forTheWall: (): string => "For the wall",
	openTheDay: (): string => "Open the day",
	whatIsForeseenNowIs: (): string => "What is foreseen now is kept, to be looked back on.",
	endTheDay: (): string => "End the day",
	whoCame: (): string => "Who came",
	speedsMeasuredToday: (): string => "Speeds measured today",
	thatIsFarFromThe: (d: { readonly knownS: string | number; readonly nouns: string | number }): string => "That is far from the " + d.knownS + " " + d.nouns + " known so far. Tick it to use it.",
	speedsMeasuredThatDay: (): string => "Speeds measured that day",
	yesUseIt: (): string => "Yes, use it",
	leaveItOut: (): string => "Leave it out",
	theyStandUnder: (): string => "They stand under",
	measures: (): string => "Measures",
	theNextDayIsPlanned: (): string => "; the next day is planned by what is not left out.",
	overMinutesOfTheUsual: (d: { readonly stationWords: string | number; readonly minutes: string | number; readonly nouns: string | number; readonly minutes2: string | number }): string => '' + d.stationWords + ": " + d.minutes + " " + d.nouns + ", over " + d.minutes2 + " minutes of the usual pace",
	flatBags: (): string => "flat bags",
	piecesOfStrand: (): string => "pieces of strand"
};

export const DayTerms = {
	breaksAt: (): string => "Breaks at",
	afterThreeQuartersOfAn: (): string => "After three quarters of an hour of the same work.",
	minutesABreak: (): string => "Minutes a break",
	"for": (): string => "For",
	ballsWanted: (): string => "Balls wanted",
	cutWith: (): string => "Cut with",
	scissors: (): string => "scissors",
	rollingBladeTrainedAdultsOnly: (): string => "rolling blade, trained adults only",
	andAlso: (): string => "And also",
	whatElseTheDayIs: (): string => "What else the day is for, in a word.",
	keepThis: (): string => "Keep this"
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
	scissorsLieClosedWhenPut: (): string => "Scissors lie closed when put down; a child has blunt ones and an adult beside them.",
	waitsForFilm: (): string => "waits for film",
	hasNoRoom: (): string => "has no room",
	doneForNow: (): string => "done for now"
};

export const SeatList = {
	seatsAsAList: (): string => "Seats as a list",
	eachSitsAtOneStation: (): string => "Each sits at one station all the while; what stands here takes the place of the seats above.",
	noSeat: (): string => "no seat",
	keepTheseSeats: (): string => "Keep these seats"
};

export const TapPage = {
	soFar: (): string => "so far",
	nobodyHasThisSeatNow: (): string => "Nobody has this seat now.",
	until: (d: { readonly nameOf: string | number; readonly clock: string | number }): string => '' + d.nameOf + " until " + d.clock,
	hereNow: (d: { readonly seated: string | number }): string => "Here now: " + d.seated + ".",
	done: (d: { readonly tap: string | number }): string => '' + d.tap + " done",
	takeTheLastOneBack: (): string => "Take the last one back",
	fewerThanThat: (): string => "Fewer than that",
	onlySoManyDone: (): string => "Only so many done",
	piecesSpoiledInTheNext: (): string => "Pieces spoiled in the next stack",
	allOfTodaysScrapWeighed: (): string => "All of today’s scrap, weighed",
	weighed: (): string => "Weighed",
	labels: (): string => "Labels:",
	somethingIsWrongWithThe: (): string => "Something is wrong with the strand",
	scrapOfTheDay: (d: { readonly grams: string | number }): string => "scrap of the day, " + d.grams,
	filmCanSuffocateKeepIt: (): string => "Film can suffocate: keep it away from small children."
};

export const WallView = {
	theWall: (): string => "The wall",
	by: (d: { readonly count: string | number; readonly clock: string | number }): string => '' + d.count + " by " + d.clock,
	nobodyNow: (): string => "nobody now",
	aBreakUntil: (d: { readonly clock: string | number }): string => "A break until " + d.clock + ".",
	atTo: (d: { readonly clock: string | number; readonly nameOf: string | number; readonly stationWords: string | number; readonly more: string | number }): string => "At " + d.clock + ": " + d.nameOf + " to " + d.stationWords + ". " + d.more + ".",
	goOnAsYouSit: (): string => "Go on as you sit.",
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
	takeBackWhatWasSaid: (d: { readonly name: string | number }): string => "Take back what was said of " + d.name,
	takeBack: (): string => "Take back",
	somebodyElse: (): string => "Somebody else",
	choose: (): string => "choose",
	cameToo: (): string => "Came too",
	isHere: (): string => "is here",
	isNotHereAnyMore: (): string => "is not here any more",
	saidTheyCome: (): string => "said they come",
	hereSince: (d: { readonly clock: string | number }): string => "here since " + d.clock,
	notHereToday: (): string => "not here today",
	leftAt: (d: { readonly clock: string | number }): string => "left at " + d.clock
};

export const PrepareDaysPage = {
	aTableDay: (): string => "A table day",
	on: (): string => "On",
	where: (): string => "Where",
	addTheDay: (): string => "Add the day",
	noDayToComeYet: (): string => "No day to come yet. Add the next one, and tick who can come.",
	addPeopleFirst: (): string => "Add people first",
	andTickHereWhoCan: (): string => ", and tick here who can come.",
	whoCanComeOn: (d: { readonly day: string | number }): string => "Who can come on " + d.day,
	one: (): string => "one",
	andWhoseNameIsForgotten: (d: { readonly part: string | number }): string => "And " + d.part + " whose name is forgotten.",
	theseCanCome: (): string => "These can come",
	seatThem: (): string => "Seat them",
	callItOff: (): string => "Call it off",
	allDaysForACalendar: (): string => "All days for a calendar",
	behindUs: (): string => "Behind us",
	nobodyHasSaidYet: (): string => "nobody has said yet",
	oneCanCome: (): string => "one can come",
	canCome: (d: { readonly all: string | number }): string => '' + d.all + " can come"
};

export const PrepareDaysIdPage = {
	to: (d: { readonly clock: string | number; readonly clock2: string | number }): string => '' + d.clock + " to " + d.clock2,
	saidYesLikely: (d: { readonly length: string | number; readonly likely: string | number }): string => '' + d.length + " said yes, " + d.likely + " likely",
	onPaper: (): string => "On paper:",
	howEachActIsDone: (): string => "how each act is done, a card an act",
	forACalendar: (): string => "For a calendar",
	whenAndWhatFor: (): string => "When, and what for",
	nobodyHasSaidTheyCome: (): string => "Nobody has said they come.",
	sayWhoComes: (): string => "Say who comes",
	andTheyCanBeSeated: (): string => ", and they can be seated.",
	noPlansBagsCanBe: (): string => "No plan's bags can be cut yet.",
	planAMat: (): string => "Plan a mat",
	whoseBagIsOneOf: (): string => "whose bag is one of the kinds there are, and what the table makes of it is foreseen here.",
	aCardAStation: (): string => "a card a station",
	forTheDoor: (): string => "for the door",
	ballsWanted: (d: { readonly ballsWanted: string | number }): string => '' + d.ballsWanted + " balls wanted"
};

export const PrepareDaysIdStationPage = {
	nestRow: (d: { readonly stationWords: string | number; readonly yearDay: string | number }): string => '' + d.stationWords + " · " + d.yearDay + " · Nest Row",
	soFar: (d: { readonly tap: string | number }): string => '' + d.tap + " so far.",
	soManyDone: (): string => "So many done",
	done: (): string => "Done"
};

export const dayNow = {
	thereIsNoTableDay: (): string => "There is no table day under this address. It may have been called off.",
	thisDayHasNoPlan: (): string => "This day has no plan whose bags can be cut."
};

export const runDay = {
	thatDayIsNotAmong: (): string => "That day is not among those to come, or somebody changed it meanwhile."
};

export const besideWords = {
	loomStrandsToLay: (): string => "Loom strands to lay",
	matsToFinish: (): string => "Mats to finish",
	matsToCheck: (): string => "Mats to check",
	pillowsToStuff: (): string => "Pillows to stuff",
	loomStrandToLay: (): string => "loom strand to lay",
	loomStrandsToLay2: (): string => "loom strands to lay",
	matToFinish: (): string => "mat to finish",
	matsToFinish2: (): string => "mats to finish",
	matToCheck: (): string => "mat to check",
	matsToCheck2: (): string => "mats to check",
	pillowToStuff: (): string => "pillow to stuff",
	pillowsToStuff2: (): string => "pillows to stuff",
	nobodyIsLeftForMore: (d: { readonly left: string | number }): string => "Nobody is left for " + d.left + ": more hands, or another day."
};

export const caseFile = {
	thisIsANumberOf: (d: { readonly what: string | number }): string => "This is a number of " + d.what + ": whole, 0 to 1,000,000.",
	oneOf: (d: { readonly lineStations: string | number }): string => "One of: " + d.lineStations + ".",
	thisIsAMinuteOf: (): string => "This is a minute of the day: 0 to 1,440.",
	thisIsANumberOf2: (): string => "This is a number of pieces: whole, 1 to 1,000.",
	thisIsASeedA: (): string => "This is a seed: a whole number from 0 to 4,294,967,295.",
	thisPersonHasNoName: (): string => "This person has no name.",
	thisNameIsTooLong: (): string => "This name is too long.",
	thisIsASpeedAbove: (): string => "This is a speed: above 0, and 20 at most.",
	thisIsAListOf: (): string => "This is a list of stations.",
	thisIsTrueOrFalse: (): string => "This is true or false.",
	thisIsHowLongThe: (): string => "This is how long the day is: above 0 and up to 1,440 minutes.",
	thisIsHowManyBags: (): string => "This is how many bags a ball takes: whole, 1 to 1,000.",
	oneOf2: (d: { readonly lineCuts: string | number }): string => "One of: " + d.lineCuts + ".",
	thisIsHowManyBags2: (): string => "This is how many bags are cut at once: whole, 1 to 1,000.",
	thisIsHowManyBags3: (): string => "This is how many bags make a batch: whole, 1 to 1,000.",
	flatBags: (): string => "flat bags",
	thisIsStrandInBags: (): string => "This is strand in bags: 0 to 1,000,000.",
	thisIsWhatLiesThere: (): string => "This is what lies there: bags, flat, pieces, joined, balls.",
	thisIsAListOf2: (): string => "This is a list of people.",
	theseAreMorePeopleThan: (): string => "These are more people than a table seats: 60 at most.",
	thisIsANumberOf3: (): string => "This is a number of tools: whole, 0 to 1,000.",
	theseAreToolsByStation: (): string => "These are tools by station.",
	oneOf3: (d: { readonly lineBuffers: string | number }): string => "One of: " + d.lineBuffers + ".",
	thisIsHowMuchThere: (): string => "This is how much there is room for: 0 to 1,000,000.",
	thisIsRoomByPlace: (): string => "This is room by place.",
	thisIsANumberOf4: (): string => "This is a number of days: whole, 1 to 20,000.",
	thisIsNotADay: (): string => "This is not a day at a table.",
	thisHoldsManyDaysGive: (): string => "This holds many days. Give one at a time.",
	theDayEndsAtMinute: (d: { readonly minutes: string | number }): string => "The day ends at minute " + d.minutes + ".",
	whoeverComesMustComeBefore: (): string => "Whoever comes must come before they go.",
	aChildNeverSitsAt: (): string => "A child never sits at a rolling blade.",
	sitsInTwoPlacesAt: (d: { readonly name: string | number }): string => '' + d.name + " sits in two places at once."
};

export const countWords = {
	bagOfStrand: (): string => "bag of strand",
	bagsOfStrand: (): string => "bags of strand"
};

export const dayWords = {
	windingBalls: (): string => "winding balls",
	thoseWhoFlatten: (): string => "Those who flatten",
	theCutters: (): string => "The cutters",
	theJoiners: (): string => "The joiners",
	theWinders: (): string => "The winders",
	isAChildNoBlade: (d: { readonly who: string | number }): string => '' + d.who + " is a child: no blade, ever. Blunt scissors or another seat.",
	isAChildAnAdult: (d: { readonly who: string | number; readonly stationWords: string | number; readonly clock: string | number }): string => '' + d.who + " is a child: an adult sits beside them at " + d.stationWords + ", all the while. From " + d.clock + " nobody would.",
	thereAreNotToolsEnough: (d: { readonly stationWords: string | number; readonly clock: string | number }): string => "There are not tools enough for one more at " + d.stationWords + ", from " + d.clock + " on.",
	wouldSitInTwoPlaces: (d: { readonly who: string | number; readonly clock: string | number }): string => '' + d.who + " would sit in two places at once at " + d.clock + ".",
	moreStrandForTheNext: (): string => "more strand for the next ball"
};

export const seatKeeper = {
	notKeptYetTheSeats: (d: { readonly why: string | number }): string => "Not kept yet: " + d.why + " The seats stand here; keep them again in a moment."
};

export const taps = {
	bagFlat: (): string => "bag flat",
	bagsFlat: (): string => "bags flat",
	bagCut: (): string => "bag cut",
	bagsCut: (): string => "bags cut",
	bagJoined: (): string => "bag joined",
	bagsJoined: (): string => "bags joined"
};

export const PrepareDaysActs = {
	pleaseLoadThisPageAnew: (): string => "Please load this page anew.",
	thatDayIsNotAmong: (): string => "That day is not among those to come."
};

export const PrepareDaysIdActs = {
	pleaseLoadThisPageAnew: (): string => "Please load this page anew."
};

export const PrepareDaysIdSheetPdfDoor = {
	thereIsNoSuchSheet: (): string => "There is no such sheet of a table day.",
	thisDayHasNoPlan: (): string => "This day has no plan whose bags can be cut.",
	tableDay: (d: { readonly day: string | number; readonly sheet: string | number }): string => "Table day " + d.day + " " + d.sheet
};

export const PrepareDaysIdStationActs = {
	thereIsNoSuchStation: (): string => "There is no such station at a table day."
};
