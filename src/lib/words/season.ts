// Made of season.json by `npm run words -- --make`: change the words there.
import { plural, select } from '@messageformat/runtime';
import { en } from './number';

export const SeasonExchange = {
	allNewMatsByOne: (): string => "All new mats by one plan?",
	noPlanIsKeptYet: (): string => "No plan is kept yet.",
	seeWhatEachPlanWould: (): string => "See what each plan would do",
	inWork: (d: { readonly adds: string | number; readonly moreBags: string | number }): string => '' + d.adds + ", " + d.moreBags + " in work.",
	noIsKeptUnderTools: (d: { readonly tool: string | number }): string => "No " + d.tool + " is kept under Tools: as many are counted on as it takes.",
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
	inAbout: (d: { readonly what: string | number; readonly share: string | number }): string => '' + d.what + " in about " + d.share,
	ofAHundredSeasonsThat: (d: { readonly held: string | number }): string => '' + d.held + " of a hundred seasons that fall short."
};

export const SeasonRests = {
	whatItRestsOn: (): string => "What it rests on"
};

export const SeasonLayout = {
	theSeason: (): string => "The season"
};

export const SeasonPage = {
	noPlaceAsksForMats: (): string => "No place asks for mats by a day to come, so there is nothing to reckon. Say what they ask for under",
	askedAndPromised: (): string => "Asked and promised",
	byWhichDay: (): string => "By which day",
	by: (d: { readonly wanted: string | number; readonly shortDay: string | number }): string => '' + d.wanted + " by " + d.shortDay,
	by2: (d: { readonly wanted: string | number; readonly shortDay: string | number }): string => '' + d.wanted + " by " + d.shortDay + "?",
	goingThroughTheSeasonWeek: (): string => "Going through the season, week by week …",
	asItStandsWithNothing: (): string => "As it stands, with nothing changed",
	keepThisForecast: (): string => "Keep this forecast",
	aForecastOfMatsBy: (d: { readonly wanted: string | number; readonly by: string | number }): string => "a forecast of " + d.wanted + " mats by " + d.by,
	keptOnceItsDayIs: (): string => "Kept: once its day is over, it says how it did.",
	seasonSheetPdf: (): string => "Season sheet (PDF)",
	inLargePrint: (): string => "In large print",
	calendarOfTheSeason: (): string => "Calendar of the season",
	whatWasForetold: (): string => "What was foretold",
	workingItOut: (): string => "Working it out …",
	whatWouldHelp: (): string => "What would help",
	whatOneMoreOfEach: (): string => "What one more of each would add is being worked out.",
	whatWouldMakeItNine: (): string => "What would make it nine in ten?",
	findTheSmallestChange: (): string => "Find the smallest change",
	itIsThatLikelyAs: (): string => "It is that likely as it stands.",
	then: (d: { readonly levers: string | number; readonly chance: string | number }): string => '' + d.levers + ": then " + d.chance + ".",
	seeIt: (): string => "See it",
	noChangeOfUpTo: (): string => "No change of up to six of these does. More time would, or fewer mats: say so to the places soon."
};

export const SeasonKeptPage = {
	whatWasForetoldAndWhat: (): string => "What was foretold, and what came",
	noForecastIsKeptYet: (): string => "No forecast is kept yet. Keep one under",
	willWeMakeIt: (): string => "Will we make it",
	andOnceItsDayIs: (): string => ", and once its day is over it says here how it did.",
	by: (d: { readonly wanted: string | number; readonly yearDay: string | number }): string => '' + d.wanted + " by " + d.yearDay,
	betweenAnd: (d: { readonly chance: string | number; readonly low: string | number; readonly high: string | number }): string => ": " + d.chance + ", between " + d.low + " and " + d.high + ".",
	saidOnWithThereThen: (d: { readonly moment: string | number; readonly there: string | number }): string => "Said on " + d.moment + ", with " + d.there + " there then.",
	itsDayIsStillTo: (): string => "Its day is still to come.",
	withinWhatWasSaid: (): string => "within what was said.",
	moreThanWasSaid: (): string => "more than was said.",
	fewerThanWasSaid: (): string => "fewer than was said.",
	came: (d: { readonly came: string | number; readonly part: string | number }): string => '' + d.came + " came: " + d.part,
	theForecastBy: (d: { readonly yearDay: string | number }): string => "the forecast by " + d.yearDay,
	theBoxIsWhatWas: (): string => "The box is what was said four times in five, the dashed line what was wanted, the thick line what came."
};

export const SeasonWordsPage = {
	theNoteOfTheWeek: (): string => "The note of the week",
	onePerson: (): string => "one person",
	people: (d: { readonly people: string | number }): string => '' + d.people + " people",
	putItInTheOutbox: (d: { readonly part: string | number }): string => "Put it in the outbox for " + d.part,
	madeOfWhatIsKept: (): string => "Made of what is kept; change it as you like. Nobody is named in it, and nobody is ranked.",
	whatEveryoneReads: (): string => "What everyone reads",
	outbox: (): string => "Outbox",
	before: (d: { readonly weekday: string | number }): string => "Before " + d.weekday,
	beforeATableDay: (): string => "Before a table day",
	noTableDayIsTo: (): string => "No table day is to come.",
	setOne: (): string => "Set one",
	andThoseWhoSayThey: (): string => ", and those who say they come can be reminded of it.",
	nobodySaidYetThatThey: (): string => "Nobody said yet that they come:",
	askWhoDoes: (): string => "ask who does",
	wasWrittenTo: (): string => " was written to.",
	putItInTheOutbox2: (): string => "Put it in the outbox",
	putAllInTheOutbox: (d: { readonly length: string | number }): string => "Put all " + d.length + " in the outbox",
	aWordToThoseWho: (d: { readonly weekday: string | number }): string => "a word to those who come on " + d.weekday,
	theyLieInTheOutbox: (): string => "They lie in the outbox."
};

export const foretold = {
	nothingIsAskedForBy: (): string => "Nothing is asked for by that day any more.",
	soFewSayLittleYet: (): string => " So few say little yet.",
	theOneForecastThatCan: (d: { readonly hits: number; readonly few: string | number }): string => "The one forecast that can be looked back on came out " + plural(d.hits, 0, en, { one: "within", other: "outside" }) + " its band." + d.few,
	ofForecastsCameOutWithin: (d: { readonly hits: string | number; readonly length: string | number; readonly few: string | number }): string => '' + d.hits + " of " + d.length + " forecasts came out within their band; four in five should." + d.few
};

export const wordsToPeople = {
	nobodyOfTheTableIs: (): string => "Nobody of the table is noted under People: there is nobody to write to.",
	thatTableDayIsNot: (): string => "That table day is not there any more.",
	nobodySaidYetThatThey: (): string => "Nobody said yet that they come: there is nobody to write to.",
	everyoneWhoSaidTheyCome: (): string => "Everyone who said they come was written to already."
};

export const restsWords = {
	noneIsKnownYetWhat: (): string => " None is known yet: what tables usually do stands for it.",
	oneIs: (): string => "one is",
	are: (d: { readonly count: string | number }): string => '' + d.count + " are",
	onlyKnownThisSaysLittle: (d: { readonly part: string | number }): string => " Only " + d.part + " known: this says little, and the band is wide.",
	aWeekBringsToOf: (d: { readonly percent: string | number; readonly percent2: string | number }): string => " A week brings " + d.percent + " to " + d.percent2 + " of a mat, by who makes it.",
	nobodyWhoMadeOneBefore: (): string => "nobody who made one before has",
	oneWhoMadeOneBefore: (): string => "one who made one before has",
	whoMadeOneBeforeHave: (d: { readonly length: string | number }): string => '' + d.length + " who made one before have",
	matsAreInHandMats: (d: { readonly length: string | number; readonly made: string | number; readonly part: string | number; readonly weeks: string | number; readonly spread: string | number; readonly thin: string | number }): string => '' + d.length + " mats are in hand, " + d.made + " mats’ worth of them made; " + d.part + " none just now. " + d.weeks + " weeks of theirs are known." + d.spread + d.thin,
	toBagsOnAverage: (d: { readonly bags: string | number; readonly bags2: string | number; readonly bags3: string | number }): string => '' + d.bags + " to " + d.bags2 + " bags, " + d.bags3 + " on average",
	itTakesBagsAndIts: (d: { readonly bags: string | number; readonly makingSeconds: string | number }): string => "It takes " + d.bags + " bags, and its maker some " + d.makingSeconds + " hours, by the plans that are wanted.",
	keptPlans: (): string => "Kept plans",
	bagsSortedAWeek: (): string => "Bags sorted a week",
	inWeeks: (d: { readonly length: string | number; readonly spread: string | number }): string => "In " + d.length + " weeks: " + d.spread + ".",
	lieThereAndInBalls: (d: { readonly part: string | number; readonly thin: string | number; readonly bags: string | number; readonly bags2: string | number }): string => '' + d.part + d.thin + " " + d.bags + " lie there, and " + d.bags2 + " in balls.",
	store: (): string => "Store",
	oneGo: (): string => "one go",
	goes: (d: { readonly times: string | number }): string => '' + d.times + " goes",
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
	noneIsKeptAsMany: (): string => "None is kept: as many are counted on as it takes.",
	standThereAMatIs: (d: { readonly tools: string | number }): string => '' + d.tools + " stand there; a mat is on one until it is made.",
	tools: (): string => "Tools",
	checks: (): string => "Checks",
	ofGoodPluralOneOther: (d: { readonly checked: string | number; readonly part: string | number; readonly good: number }): string => "Of " + d.checked + ", " + d.part + " " + plural(d.good, 0, en, { one: "was", other: "were" }) + " good at once.",
	check: (): string => "Check"
};

export const seasonFile = {
	thisIsADayLike: (): string => "This is a day, like 2026-11-26.",
	thisIsACountOf: (): string => "This is a count of mats: whole, 0 to 10,000.",
	thisIsAnAmountIn: (): string => "This is an amount in mats’ worth: 0 to 10,000.",
	thisIsAShareOf: (): string => "This is a share of a mat in a week: 0 to 20.",
	thisIsTheShareOf: (): string => "This is the share of the mat that is made: 0 or more.",
	thisIsAListOf: (): string => "This is a list of at most 520.",
	thisIsASeedA: (): string => "This is a seed: a whole number from 0 to 4,294,967,295.",
	thisIsANumberOf: (): string => "This is a number of runs: whole, 1 to 20,000.",
	thisIsHowManyBags: (): string => "This is how many bags a mat takes: more than 0, at most 100,000.",
	thisIsAMatIn: (): string => "This is a mat in hand: done and weeks.",
	thisIsAListOf2: (): string => "This is a list of mats in hand.",
	thisIsAMakerWithout: (): string => "This is a maker without a mat: weeks.",
	thisIsAListOf3: (): string => "This is a list of makers without a mat.",
	thisIsWhatATable: (): string => "This is what a table day made: an amount, or made and short.",
	theseAreChecksGoodAnd: (): string => "These are checks: good and mended.",
	thisIsASeasonToday: (): string => "This is a season: today, by, wanted, and what there is.",
	theSeasonEndsBeforeIt: (): string => "The season ends before it begins.",
	thatIsMoreThanFive: (): string => "That is more than five years ahead.",
	theseAreMoreMatsWeeks: (): string => "These are more mats, weeks and runs than are gone through at once. Ask for fewer runs."
};

export const seasonWords = {
	almostSurely: (): string => "almost surely",
	"in": (d: { readonly of: string | number; readonly all: string | number }): string => '' + d.of + " in " + d.all,
	oneMoreTableDay: (): string => "one more table day",
	moreTableDays: (d: { readonly count: string | number }): string => '' + d.count + " more table days",
	moreMakers: (d: { readonly what: string | number }): string => '' + d.what + " more makers",
	bagsMore: (d: { readonly what: string | number }): string => '' + d.what + " bags more",
	noMatMore: (): string => "no mat more",
	matsIsaddsSelectYesOther: (d: { readonly abs: string | number; readonly isAdds: 'yes' | 'no' }): string => '' + d.abs + " mats " + select(d.isAdds, { yes: "more", other: "fewer" }),
	allNewMatsBy: (d: { readonly name: string | number }): string => "all new mats by “" + d.name + "”",
	under5: (): string => "under 5 %",
	over95: (): string => "over 95 %",
	about: (d: { readonly min: string | number }): string => "about " + d.min + " %",
	asGoodAsSurely: (d: { readonly low: string | number }): string => '' + d.low + ", as good as surely",
	aboutFourTimesInFive: (d: { readonly round: string | number; readonly low: string | number; readonly high: string | number }): string => "About " + d.round + ", four times in five between " + d.low + " and " + d.high,
	ofTheseWentThereAlready: (d: { readonly count: string | number; readonly count2: string | number; readonly isReady: 'yes' | 'no'; readonly count3: string | number; readonly isInCheck: 'yes' | 'no' }): string => "Of these " + d.count + " went there already, " + d.count2 + " " + select(d.isReady, { yes: "lies", other: "lie" }) + " ready and " + d.count3 + " wait" + select(d.isInCheck, { yes: "s", other: "" }) + " for a check or for mending.",
	asManyAsAreWanted: (): string => "As many as are wanted will be there.",
	whatLacksIsUnderWay: (): string => "What lacks is under way: it waits for its check by then.",
	thereIsNoLoomFor: (): string => "There is no loom for more hands.",
	loomsLackBeforeStrandDoes: (): string => "Looms lack, before strand does.",
	aMatThatIsBegun: (): string => "A mat that is begun so late is not done in time.",
	handsLackBeforeStrandDoes: (): string => "Hands lack, before strand does.",
	strandLacksAndNewHands: (): string => "Strand lacks, and new hands take of it.",
	whatIsBegunSoLate: (): string => "What is begun so late is not done in time.",
	asManyBags: (): string => "as many bags",
	bagsIsroundedSelectYesOther: (d: { readonly abs: string | number; readonly isRounded: 'yes' | 'no' }): string => '' + d.abs + " bags " + select(d.isRounded, { yes: "more", other: "fewer" })
};

export const SeasonSheetPdfDoor = {
	noPlaceAsksForMats: (): string => "No place asks for mats by a day to come.",
	theSeason: (): string => "The season"
};

export const SeasonWordsActs = {
	theTable: (): string => "The table"
};

export const SeasonChart = {
	theDashedLineIsWhat: (): string => "The dashed line is what is wanted; four times in five it comes out within the band.",
	weekByWeek: (): string => "Week by week",
	atLeast: (): string => "At least",
	atMost: (): string => "At most",
	lessThanAWeekIs: (): string => "Less than a week is left: it is what there is."
};
