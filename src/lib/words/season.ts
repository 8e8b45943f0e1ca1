// Made of season.json by `npm run words -- --make`: change the words there.
import { plural, select } from '@messageformat/runtime';
import { en } from './number';

export const SeasonExchange = {
	allNewMatsByOne: (): string => "All new mats from one plan?",
	noPlanIsKeptYet: (): string => "No plan is saved yet.",
	seeWhatEachPlanWould: (): string => "Compare plans",
	inWork: (d: { readonly adds: string | number; readonly moreBags: string | number }): string => '' + d.adds + ", " + d.moreBags + " in work.",
	noIsKeptUnderTools: (d: { readonly tool: string | number }): string => "No " + d.tool + " is listed under Tools, so we assume there are enough.",
	toolsPluralOneOtherFor: (d: { readonly tools: number; readonly tool: string | number }): string => '' + d.tools + " " + d.tool + plural(d.tools, 0, en, { one: "", other: "s" }) + " for it."
};

export const SeasonLevers = {
	onceMore: (): string => "once more: ",
	without: (d: { readonly lever: string | number }): string => "Without " + d.lever
};

export const SeasonOutlook = {
	by: (d: { readonly wanted: string | number; readonly yearDay: string | number }): string => '' + d.wanted + " by " + d.yearDay + "?",
	"with": (d: { readonly changed: string | number }): string => ", with " + d.changed,
	withoutAbout: (d: { readonly round: string | number; readonly chance: string | number }): string => "Without: about " + d.round + ", " + d.chance + ".",
	heldBackBy: (): string => "Held back by",
	inAbout: (d: { readonly what: string | number; readonly share: string | number }): string => '' + d.what + ": in about " + d.share,
	ofAHundredSeasonsThat: (d: { readonly held: string | number }): string => '' + d.held + " of 100 seasons that fall short."
};

export const SeasonRests = {
	whatItRestsOn: (): string => "Based on"
};

export const SeasonLayout = {
	theSeason: (): string => "The season"
};

export const SeasonPage = {
	noPlaceAsksForMats: (): string => "No receiving place asks for mats by a date, so there is nothing to forecast. Add what they ask for under",
	askedAndPromised: (): string => "Asked and promised",
	byWhichDay: (): string => "By",
	by: (d: { readonly wanted: string | number; readonly shortDay: string | number }): string => '' + d.wanted + " by " + d.shortDay,
	by2: (d: { readonly wanted: string | number; readonly shortDay: string | number }): string => '' + d.wanted + " by " + d.shortDay + "?",
	goingThroughTheSeasonWeek: (): string => "Working out the season …",
	asItStandsWithNothing: (): string => "Without changes",
	keepThisForecast: (): string => "Save forecast",
	aForecastOfMatsBy: (d: { readonly wanted: string | number; readonly by: string | number }): string => "a forecast of " + d.wanted + " mats by " + d.by,
	keptOnceItsDayIs: (): string => "Saved. After its day it says how right it was.",
	seasonSheetPdf: (): string => "Season sheet (PDF)",
	inLargePrint: (): string => "Large print",
	calendarOfTheSeason: (): string => "Calendar of the season",
	whatWasForetold: (): string => "Past forecasts",
	workingItOut: (): string => "Working it out …",
	whatWouldHelp: (): string => "What would help",
	whatOneMoreOfEach: (): string => "Working out what one more of each would add.",
	whatWouldMakeItNine: (): string => "What would make it almost sure?",
	findTheSmallestChange: (): string => "Find the smallest change",
	itIsThatLikelyAs: (): string => "It is that likely as it stands.",
	then: (d: { readonly levers: string | number; readonly chance: string | number }): string => '' + d.levers + ": then " + d.chance + ".",
	seeIt: (): string => "See it",
	noChangeOfUpTo: (): string => "No change of up to six of these does. More time would, or fewer mats: say so to the places soon."
};

export const SeasonKeptPage = {
	whatWasForetoldAndWhat: (): string => "Past forecasts and results",
	noForecastIsKeptYet: (): string => "No forecast is saved yet. Save one under",
	willWeMakeIt: (): string => "Will we make it",
	andOnceItsDayIs: (): string => ". After its day it says here how right it was.",
	by: (d: { readonly wanted: string | number; readonly yearDay: string | number }): string => '' + d.wanted + " by " + d.yearDay,
	betweenAnd: (d: { readonly chance: string | number; readonly low: string | number; readonly high: string | number }): string => ": " + d.chance + ", range " + d.low + "–" + d.high + ".",
	saidOnWithThereThen: (d: { readonly moment: string | number; readonly there: string | number }): string => "Saved on " + d.moment + ", with " + d.there + " ready then.",
	itsDayIsStillTo: (): string => "Its day is still to come.",
	withinWhatWasSaid: (): string => "within the range.",
	moreThanWasSaid: (): string => "more than forecast.",
	fewerThanWasSaid: (): string => "fewer than forecast.",
	came: (d: { readonly came: string | number; readonly part: string | number }): string => '' + d.came + " were made: " + d.part,
	theForecastBy: (d: { readonly yearDay: string | number }): string => "the forecast by " + d.yearDay,
	theBoxIsWhatWas: (): string => "Box: the range. Dashed line: mats wanted. Thick line: mats made."
};

export const SeasonWordsPage = {
	theNoteOfTheWeek: (): string => "Weekly note",
	onePerson: (): string => "one person",
	people: (d: { readonly people: string | number }): string => '' + d.people + " people",
	putItInTheOutbox: (d: { readonly part: string | number }): string => "Add to outbox for " + d.part,
	madeOfWhatIsKept: (): string => "Written from your records. Change it as you like. It names nobody. No marks, no ranking.",
	whatEveryoneReads: (): string => "Text",
	outbox: (): string => "Outbox",
	before: (d: { readonly weekday: string | number }): string => "Before " + d.weekday,
	beforeATableDay: (): string => "Before a table day",
	noTableDayIsTo: (): string => "No table day is planned.",
	setOne: (): string => "Plan one",
	andThoseWhoSayThey: (): string => ", then you can remind those who said yes.",
	nobodySaidYetThatThey: (): string => "Nobody has said yes yet:",
	askWhoDoes: (): string => "ask who comes",
	wasWrittenTo: (): string => " was written to.",
	putItInTheOutbox2: (): string => "Add to outbox",
	putAllInTheOutbox: (d: { readonly length: string | number }): string => "Add all " + d.length + " to outbox",
	aWordToThoseWho: (d: { readonly weekday: string | number }): string => "a message to those who come on " + d.weekday,
	theyLieInTheOutbox: (): string => "They are in the outbox."
};

export const foretold = {
	nothingIsAskedForBy: (): string => "Nothing is asked for by that day any more.",
	soFewSayLittleYet: (): string => " Too few to tell yet.",
	theOneForecastThatCan: (d: { readonly hits: number; readonly few: string | number }): string => "The one forecast so far came out " + plural(d.hits, 0, en, { one: "within", other: "outside" }) + " its range." + d.few,
	ofForecastsCameOutWithin: (d: { readonly hits: string | number; readonly length: string | number; readonly few: string | number }): string => '' + d.hits + " of " + d.length + " forecasts came out within their range; 8 in 10 should." + d.few
};

export const wordsToPeople = {
	nobodyOfTheTableIs: (): string => "No volunteers are listed under People, so there is nobody to write to.",
	thatTableDayIsNot: (): string => "That table day is gone.",
	nobodySaidYetThatThey: (): string => "Nobody has said yes yet, so there is nobody to write to.",
	everyoneWhoSaidTheyCome: (): string => "Everyone who said yes already got a message."
};

export const restsWords = {
	noneIsKnownYetWhat: (): string => " None is known yet, so we use what is usual.",
	oneIs: (): string => "one is",
	are: (d: { readonly count: string | number }): string => '' + d.count + " are",
	onlyKnownThisSaysLittle: (d: { readonly part: string | number }): string => " Only " + d.part + " known, so the range is wide.",
	aWeekBringsToOf: (d: { readonly percent: string | number; readonly percent2: string | number }): string => " A week adds " + d.percent + " to " + d.percent2 + " of a mat, depending on the maker.",
	nobodyWhoMadeOneBefore: (): string => "nobody who made one before has",
	oneWhoMadeOneBefore: (): string => "one who made one before has",
	whoMadeOneBeforeHave: (d: { readonly length: string | number }): string => '' + d.length + " who made one before have",
	matsAreInHandMats: (d: { readonly length: string | number; readonly made: string | number; readonly part: string | number; readonly weeks: string | number; readonly spread: string | number; readonly thin: string | number }): string => '' + d.length + " mats are being made, " + d.made + " mats’ worth of them done; " + d.part + " none right now. " + d.weeks + " weeks of theirs are known." + d.spread + d.thin,
	toBagsOnAverage: (d: { readonly bags: string | number; readonly bags2: string | number; readonly bags3: string | number }): string => '' + d.bags + " to " + d.bags2 + " bags, " + d.bags3 + " on average",
	itTakesBagsAndIts: (d: { readonly bags: string | number; readonly makingSeconds: string | number }): string => "It takes " + d.bags + " bags and about " + d.makingSeconds + " hours of making, by the plans you want.",
	keptPlans: (): string => "Plans",
	bagsSortedAWeek: (): string => "Bags sorted a week",
	inWeeks: (d: { readonly length: string | number; readonly spread: string | number }): string => "In " + d.length + " weeks: " + d.spread + ".",
	lieThereAndInBalls: (d: { readonly part: string | number; readonly thin: string | number; readonly bags: string | number; readonly bags2: string | number }): string => '' + d.part + d.thin + " " + d.bags + " in store, and " + d.bags2 + " in balls.",
	store: (): string => "Store",
	oneGo: (): string => "one time",
	goes: (d: { readonly times: string | number }): string => '' + d.times + " times",
	"in": (d: { readonly place: string | number; readonly bags: string | number; readonly part: string | number }): string => '' + d.place + " " + d.bags + " in " + d.part,
	inTwelveWeeks: (d: { readonly perPlace: string | number }): string => "In twelve weeks: " + d.perPlace + ".",
	gather: (): string => "Gather",
	tableDays: (): string => "Table days",
	woundAtTheLast: (d: { readonly length: string | number; readonly spread: string | number }): string => "Wound at the last " + d.length + ": " + d.spread + ".",
	none: (): string => "none",
	ofThoseWhoSaidYes: (d: { readonly shortDay: string | number; readonly percent: string | number }): string => '' + d.shortDay + " (" + d.percent + " of those who said yes come)",
	toCome: (d: { readonly part: string | number; readonly thin: string | number; readonly part2: string | number }): string => '' + d.part + d.thin + " To come: " + d.part2 + ".",
	makersWeeks: (): string => "Makers’ weeks",
	make: (): string => "Make",
	looms: (): string => "Looms",
	frames: (): string => "Frames",
	noneIsKeptAsMany: (): string => "None is listed, so we assume there are enough.",
	standThereAMatIs: (d: { readonly tools: string | number }): string => "You have " + d.tools + ". A mat needs one until it is finished.",
	tools: (): string => "Tools",
	checks: (): string => "Checks",
	ofGoodPluralOneOther: (d: { readonly checked: string | number; readonly part: string | number; readonly good: number }): string => "Of " + d.checked + ", " + d.part + " " + plural(d.good, 0, en, { one: "was", other: "were" }) + " good at first check.",
	check: (): string => "Check"
};

export const seasonFile = {
	thisIsADayLike: (): string => "A day, like 2026-11-26.",
	thisIsACountOf: (): string => "A number of mats: whole, 0 to 10,000.",
	thisIsAnAmountIn: (): string => "An amount in mats’ worth: 0 to 10,000.",
	thisIsAShareOf: (): string => "The share of a mat made in a week: 0 to 20.",
	thisIsTheShareOf: (): string => "The share of the mat that is made: 0 or more.",
	thisIsAListOf: (): string => "A list of at most 520.",
	thisIsASeedA: (): string => "A seed: a whole number from 0 to 4,294,967,295.",
	thisIsANumberOf: (): string => "A number of runs: whole, 1 to 20,000.",
	thisIsHowManyBags: (): string => "Bags for one mat: more than 0, at most 100,000.",
	thisIsAMatIn: (): string => "A mat being made has: done and weeks.",
	thisIsAListOf2: (): string => "A list of mats being made.",
	thisIsAMakerWithout: (): string => "A maker without a mat has: weeks.",
	thisIsAListOf3: (): string => "A list of makers without a mat.",
	thisIsWhatATable: (): string => "What a table day made: an amount, or made and short.",
	theseAreChecksGoodAnd: (): string => "Checks have: good and mended.",
	thisIsASeasonToday: (): string => "A season has: today, by, wanted and what there is.",
	theSeasonEndsBeforeIt: (): string => "The season ends before it starts.",
	thatIsMoreThanFive: (): string => "At most five years ahead.",
	theseAreMoreMatsWeeks: (): string => "Too many mats, weeks and runs at once. Ask for fewer runs."
};

export const seasonWords = {
	oneMoreTableDay: (): string => "one more table day",
	moreTableDays: (d: { readonly count: string | number }): string => '' + d.count + " more table days",
	moreMakers: (d: { readonly what: string | number }): string => '' + d.what + " more makers",
	bagsMore: (d: { readonly what: string | number }): string => '' + d.what + " bags more",
	noMatMore: (): string => "no more mats",
	matsIsaddsSelectYesOther: (d: { readonly abs: string | number; readonly isAdds: 'yes' | 'no' }): string => '' + d.abs + " mats " + select(d.isAdds, { yes: "more", other: "fewer" }),
	allNewMatsBy: (d: { readonly name: string | number }): string => "all new mats from “" + d.name + "”",
	asGoodAsSurely: (d: { readonly low: string | number }): string => '' + d.low + ", almost certain",
	aboutFourTimesInFive: (d: { readonly round: string | number; readonly low: string | number; readonly high: string | number }): string => "About " + d.round + " (" + d.low + "–" + d.high + ")",
	ofTheseWentThereAlready: (d: { readonly count: string | number; readonly count2: string | number; readonly count3: string | number }): string => '' + d.count + " delivered, " + d.count2 + " ready, " + d.count3 + " to check or mend.",
	asManyAsAreWanted: (): string => "Enough for all that is wanted.",
	whatLacksIsUnderWay: (): string => "Won't help: the missing mats only wait for their check.",
	thereIsNoLoomFor: (): string => "Won't help: there is no loom for more makers.",
	loomsLackBeforeStrandDoes: (): string => "Won't help: there are too few looms.",
	aMatThatIsBegun: (): string => "Won't help: a mat started so late is not finished in time.",
	handsLackBeforeStrandDoes: (): string => "Won't help: there are too few makers.",
	strandLacksAndNewHands: (): string => "No gain: beginners would use up the yarn.",
	whatIsBegunSoLate: (): string => "Won't help: what starts so late is not finished in time.",
	asManyBags: (): string => "as many bags",
	bagsIsroundedSelectYesOther: (d: { readonly abs: string | number; readonly isRounded: 'yes' | 'no' }): string => '' + d.abs + " bags " + select(d.isRounded, { yes: "more", other: "fewer" }),
	almostCertain: (): string => "almost certain",
	likely: (): string => "likely",
	aboutEven: (): string => "about even",
	unlikely: (): string => "unlikely",
	veryUnlikely: (): string => "very unlikely",
	likelihoodOf: (d: { readonly likelihood: string | number; readonly tenths: string | number }): string => '' + d.likelihood + " (" + d.tenths + ")",
	moreThan9In10: (): string => "more than 9 in 10",
	lessThan1In10: (): string => "less than 1 in 10",
	inTen: (d: { readonly tenths: string | number }): string => '' + d.tenths + " in 10"
};

export const SeasonSheetPdfDoor = {
	noPlaceAsksForMats: (): string => "No receiving place asks for mats by a date.",
	theSeason: (): string => "The season"
};

export const SeasonWordsActs = {
	theTable: (): string => "The table"
};

export const SeasonChart = {
	theDashedLineIsWhat: (): string => "Dashed line: mats wanted. Band: the range.",
	weekByWeek: (): string => "Week by week",
	atLeast: (): string => "At least",
	atMost: (): string => "At most",
	lessThanAWeekIs: (): string => "Less than a week is left."
};
