// Made of hand-over.json by `npm run words -- --make`: change the words there.
import { plural, select } from '@messageformat/runtime';
import { en } from './number';

export const AccountChart = {
	whenTheyWent: (): string => "When they went",
	mats: (d: { readonly bars: string | number }): string => "Mats: " + d.bars + "."
};

export const AskBar = {
	handedOverReadyForeseenOf: (d: { readonly handed: string | number; readonly ready: string | number; readonly range: string | number; readonly mats: string | number }): string => '' + d.handed + " handed over, " + d.ready + " ready, " + d.range + " foreseen, of " + d.mats
};

export const AskForm = {
	aPlaceAsks: (): string => "A place asks",
	keepIt: (): string => "Keep it",
	whichPlace: (): string => "Which place",
	howManyMats: (): string => "How many mats",
	byWhichDay: (): string => "By which day",
	howLong: (): string => "How long",
	howWide: (): string => "How wide",
	leaveBothEmptyWhereAny: (): string => "Leave both empty where any size will do.",
	aWordOnIt: (): string => "A word on it"
};

export const AskList = {
	noPlaceAsksForMats: (): string => "No place asks for mats just now",
	whatPlacesAskFor: (): string => "What places ask for",
	by: (d: { readonly mats: string | number; readonly yearDay: string | number; readonly part: string | number }): string => ": " + d.mats + " by " + d.yearDay + d.part,
	theyHaveAllTheyAsked: (): string => "They have all they asked for.",
	whatAsksFor: (d: { readonly placeName: string | number }): string => "what " + d.placeName + " asks for",
	of: (d: { readonly range: string | number; readonly open: string | number }): string => '' + d.range + " of " + d.open,
	byThenAsTheMats: (d: { readonly foreseen: string | number }): string => '' + d.foreseen + " by then, as the mats in hand are foreseen",
	nothingIsPromised: (d: { readonly by: string | number }): string => "Nothing is promised. " + d.by + ".",
	whatWasPromisedIsThere: (): string => "What was promised is there.",
	promisedAllOfThemLie: (d: { readonly promised: string | number }): string => '' + d.promised + " promised: all of them lie ready.",
	promisedAndLikelyKept: (d: { readonly promised: string | number; readonly by: string | number }): string => '' + d.promised + " promised, and likely kept: " + d.by + ".",
	promisedAndItMayCome: (d: { readonly promised: string | number; readonly by: string | number }): string => '' + d.promised + " promised, and it may come short: " + d.by + ".",
	promisedAndItWillCome: (d: { readonly promised: string | number; readonly by: string | number }): string => '' + d.promised + " promised, and it will come short: " + d.by + ". Tell them soon."
};

export const Crates = {
	theRollFills: (): string => "The roll fills",
	theRollsFill: (d: { readonly length: string | number }): string => "The " + d.length + " rolls fill",
	tooLargeForOneLength2: (d: { readonly length: string | number; readonly length2: number }): string => "; " + d.length + " too large for one " + plural(d.length2, 0, en, { one: "goes", other: "go" }) + " beside them",
	length2PluralOneOtherOf: (d: { readonly part: string | number; readonly length: string | number; readonly length2: number; readonly crate: string | number; readonly part2: string | number }): string => '' + d.part + " " + d.length + " " + plural(d.length2, 0, en, { one: "crate", other: "crates" }) + " of " + d.crate + d.part2 + ".",
	crate: (d: { readonly at: string | number; readonly namesIn: string | number }): string => "Crate " + d.at + ": " + d.namesIn
};

export const DeliverForm = {
	sendMats: (): string => "Send mats",
	theyGo: (): string => "They go",
	whichOfThem: (): string => "Which of them",
	theirLabels: (): string => "Their labels",
	toWhichPlace: (): string => "To which place",
	onWhichDay: (): string => "On which day",
	aWordOnIt: (): string => "A word on it",
	pillowsThatGoWithThem: (): string => "Pillows that go with them",
	onePillowLies: (): string => "One pillow lies",
	pillowsLie: (d: { readonly length: string | number }): string => '' + d.length + " pillows lie",
	there: (d: { readonly part: string | number }): string => '' + d.part + " there.",
	"with": (d: { readonly chosen: string | number }): string => "with " + d.chosen,
	byItself: (): string => "by itself",
	aPillowWithEach: (): string => "A pillow with each",
	cratesOfAGathering: (d: { readonly crate: string | number }): string => "Crates of " + d.crate + ", a gathering",
	crateWide: (): string => "Crate, wide",
	deep: (): string => "deep",
	high: (): string => "high",
	aGatheringGoesWithIt: (): string => "A gathering goes with it",
	whatForAndWhenIt: (): string => "What for, and when: it stands in the calendar."
};

export const DeliveryTable = {
	deliveryByDelivery: (): string => "Delivery by delivery",
	kg: (d: { readonly filmKg: string | number }): string => '' + d.filmKg + " kg",
	olderMore2PluralOneOther: (d: { readonly more: string | number; readonly more2: number }): string => '' + d.more + " older " + plural(d.more2, 0, en, { one: "one is", other: "ones are" }) + " counted above and not listed here: every mat stands in the CSV.",
	toLieOn: (): string => "To lie on",
	hoursTimed: (): string => "Hours timed",
	hoursEstimated: (): string => "Hours estimated"
};

export const HandedTable = {
	matByMat: (): string => "Mat by mat",
	kg: (d: { readonly filmG: string | number }): string => '' + d.filmG + " kg",
	toLieOn: (): string => "To lie on",
	hoursTimed: (): string => "Hours timed",
	hoursEstimated: (): string => "Hours estimated"
};

export const PillowForm = {
	aPillowIsMade: (): string => "A pillow is made",
	keepThePillow: (): string => "Keep the pillow",
	scrapInItWeighed: (): string => "Scrap in it, weighed",
	tornBagsInIt: (): string => "Torn bags in it",
	scrapCanSuffocateKeepIt: (): string => "Scrap can suffocate: keep it bagged, and pillows away from small children and infants."
};

export const PlaceForm = {
	nothingIsSaidYet: (): string => "nothing is said yet",
	keepIt: (): string => "Keep it",
	of: (d: { readonly name: string | number }): string => "of " + d.name,
	whenSomebodyIsThere: (): string => "When somebody is there",
	theWayInStairsDoors: (): string => "The way in: stairs, doors, a lift",
	aWordAboutTheirOwn: (): string => "A word about their own rules"
};

export const PromiseForm = {
	promiseThem: (): string => "Promise them",
	promised: (): string => "Promised",
	to: (d: { readonly placeName: string | number }): string => "to " + d.placeName,
	matsPromisedTo: (d: { readonly typed: string | number; readonly placeName: string | number }): string => '' + d.typed + " mats promised to " + d.placeName
};

export const ReceiveButton = {
	byWhomInAWord: (): string => "By whom, in a word",
	onAnotherDayThanToday: (): string => "On another day than today",
	itWasReceived: (): string => "It was received",
	kept: (): string => "Kept."
};

export const HandOverLayout = {
	handOver: (): string => "Hand over"
};

export const HandOverPage = {
	nothingWentOutYet: (): string => "Nothing went out yet",
	whatWentOut: (): string => "What went out",
	ofOne: (): string => "of one",
	of: (d: { readonly toCome: string | number }): string => "of " + d.toCome,
	nobodyHasSaidYetThat: (d: { readonly part: string | number }): string => '' + d.part + " nobody has said yet that it was received",
	forACalendar: (): string => "For a calendar",
	and: (d: { readonly pillows: string | number }): string => " and " + d.pillows,
	withIt: (d: { readonly gathering: string | number }): string => "With it: " + d.gathering,
	received: (d: { readonly yearDay: string | number; readonly part: string | number }): string => "received " + d.yearDay + d.part,
	olderOnes: (): string => "Older ones",
	sayFirstWhichPlacesReceive: (): string => "Say first which places receive mats, under",
	peopleAndPlaces: (): string => "People and places"
};

export const HandOverAccountPage = {
	whatItCameTo: (d: { readonly period: string | number }): string => '' + d.period + " · What it came to",
	whichTime: (): string => "Which time",
	onOnePageToPrint: (): string => "On one page, to print",
	everyMatAsCsv: (): string => "Every mat as CSV",
	everyDeliveryAsCsv: (): string => "Every delivery as CSV",
	nothingWasHandedOverThen: (): string => "Nothing was handed over then. What goes to a place stands here, counted.",
	eachFigureOpensToHow: (): string => "Each figure opens to how it was counted. A season runs from September to the end of August."
};

export const HandOverAsksPage = {
	howTheyReceiveThem: (): string => "How they receive them",
	sayFirstWhichPlacesReceive: (): string => "Say first which places receive mats, under",
	peopleAndPlaces: (): string => "People and places"
};

export const HandOverDeliveriesCodePage = {
	deliveryNote: (): string => "Delivery note",
	tagsWithCareWords: (): string => "Tags with care words",
	whatItCameTo: (): string => "What it came to",
	whatToCarry: (): string => "What to carry",
	and: (d: { readonly pillows: string | number }): string => " and " + d.pillows,
	some: (d: { readonly mats: string | number; readonly part: string | number }): string => '' + d.mats + d.part + ", some",
	howThickRollsNoPlan: (d: { readonly unrolled: string | number }): string => "How thick " + d.unrolled + " rolls, no plan says any more: look before you pack.",
	withPillow: (d: { readonly pillow: string | number }): string => ", with pillow " + d.pillow,
	care: (): string => "Care",
	howTheyReceiveMatsIs: (): string => "How they receive mats is not said yet.",
	sayHowTheyReceiveThem: (): string => "Say how they receive them",
	withIt: (d: { readonly gathering: string | number }): string => "With it: " + d.gathering + ".",
	forACalendar: (): string => "For a calendar",
	itWasReceived: (): string => "It was received",
	wasItReceived: (): string => "Was it received?",
	aMistake: (): string => "A mistake"
};

export const HandOverMatsCodePage = {
	itsOwnPage: (d: { readonly code: string | number }): string => '' + d.code + " · Its own page",
	itsTag: (): string => "Its tag",
	inHand: (): string => "In hand",
	itsChecks: (): string => "Its checks",
	drawnByItsBallsIts: (): string => "Drawn by its balls: its plan has other colours.",
	fromWhichBags: (): string => "From which bags",
	noBallWasGivenFor: (): string => "No ball was given for it by its label: which bags lie in it, nothing says.",
	bagsAreInIt: (): string => "bags are in it.",
	atLeast: (d: { readonly bags: string | number }): string => "At least " + d.bags,
	bagsAreInItLabels: (d: { readonly mass: string | number; readonly mass2: string | number }): string => "bags are in it. Labels tell of " + d.mass + " of its " + d.mass2 + ". The rest is not known.",
	someCameFrom: (d: { readonly bags: string | number; readonly name: string | number }): string => "some " + d.bags + " came from " + d.name,
	bagsLieTogetherInThe: (): string => "Bags lie together in the store: each place has its share of what was sorted there by the day a ball was wound.",
	fromWhichPlacesTheyCame: (): string => "From which places they came, no sorting says.",
	byHowManyHands: (): string => "By how many hands",
	nobodyWasNamedNoCount: (): string => "Nobody was named: no count is made.",
	one: (): string => "one",
	isatleastSelectYesOtherHands: (d: { readonly isAtLeast: 'yes' | 'no'; readonly part: string | number; readonly hands: number; readonly part2: string | number; readonly isHands: 'yes' | 'no' }): string => '' + select(d.isAtLeast, { yes: "At least ", other: "" }) + d.part + " " + plural(d.hands, 0, en, { one: "pair of hands", other: "pairs of hands" }) + ": " + d.part2 + " had it to make" + select(d.isHands, { yes: ", the others were at the table on the days its balls were wound", other: "" }) + ".",
	whoWoundItsBallsIs: (): string => "Who wound its balls is not known.",
	oneOfItsBalls: (): string => "one of its balls",
	ofItsBalls: (d: { readonly unknownBalls: string | number }): string => '' + d.unknownBalls + " of its balls",
	whoWoundIsNotKnown: (d: { readonly part: string | number }): string => "Who wound " + d.part + " is not known.",
	whoWoundItsOtherBalls: (): string => "Who wound its other balls is not known.",
	onWhichDays: (): string => "On which days",
	itWentToWith: (d: { readonly placeName: string | number }): string => "It went to " + d.placeName + " with",
	andPillowWithIt: (d: { readonly pillow: string | number }): string => ", and pillow " + d.pillow + " with it",
	whoSleepsOnItIs: (d: { readonly careWords: string | number }): string => '' + d.careWords + " Who sleeps on it is never written down.",
	ballsForItWereWound: (): string => "balls for it were wound"
};

export const HandOverPillowsPage = {
	noPillowLiesThere: (): string => "No pillow lies there",
	lengthPluralOneOtherThere: (d: { readonly pillows: string | number; readonly length: number }): string => '' + d.pillows + " " + plural(d.length, 0, en, { one: "lies", other: "lie" }) + " there",
	byTheBookTheStore: (d: { readonly mass: string | number; readonly bags: string | number; readonly pillows: string | number; readonly mass2: string | number }): string => "By the book the store has " + d.mass + " of scrap and " + d.bags + " torn bags: stuffing for " + d.pillows + " of " + d.mass2 + ".",
	tornBagsInIt: (d: { readonly bags: string | number }): string => ", " + d.bags + " torn bags in it",
	made: (d: { readonly yearDay: string | number }): string => "made " + d.yearDay,
	aPillowGoesWithA: (): string => "A pillow goes with a mat when that is sent, under Send."
};

export const asks = {
	thatPlaceIsNotAmong: (): string => "That place is not among those that receive mats.",
	thatAskIsNotThere: (): string => "That ask is not there any more.",
	theyAskForPromiseNo: (d: { readonly mats: string | number }): string => "They ask for " + d.mats + ": promise no more."
};

export const calendar = {
	oneMat: (): string => "one mat",
	wantedBy: (d: { readonly groupName: string | number; readonly mats: string | number; readonly place: string | number }): string => '' + d.groupName + ": " + d.mats + " wanted by " + d.place,
	to: (d: { readonly groupName: string | number; readonly mats: string | number; readonly place: string | number }): string => '' + d.groupName + ": " + d.mats + " to " + d.place,
	to2: (d: { readonly groupName: string | number; readonly gathering: string | number; readonly mats: string | number; readonly place: string | number }): string => '' + d.groupName + ": " + d.gathering + " (" + d.mats + " to " + d.place + ")"
};

export const deliver = {
	noMatOfThisGroup: (d: { readonly code: string | number }): string => "No mat of this group has the label " + d.code + ".",
	wentOutAlreadyItCannot: (d: { readonly code: string | number }): string => '' + d.code + " went out already: it cannot go twice.",
	wasNotFoundGoodYet: (d: { readonly code: string | number }): string => '' + d.code + " was not found good yet: check it first.",
	noPillowOfThisGroup: (d: { readonly code: string | number }): string => "No pillow of this group has the label " + d.code + ".",
	thatPlaceIsNotAmong: (): string => "That place is not among those that receive mats.",
	thisGroupHasUsedAll: (): string => "This group has used all the codes there are.",
	nothingSaysHowLargeIs: (d: { readonly code: string | number }): string => "Nothing says how large " + d.code + " is: check it again.",
	noDeliveryOfThisGroup: (): string => "No delivery of this group has that label.",
	wasReceivedAlready: (d: { readonly delivery: string | number }): string => '' + d.delivery + " was received already.",
	noMatOfThisGroup2: (): string => "No mat of this group has that label.",
	didNotGoOut: (d: { readonly mat: string | number }): string => '' + d.mat + " did not go out."
};

export const pillows = {
	thisGroupHasUsedAll: (): string => "This group has used all the codes there are.",
	byTheBookTheStore: (d: { readonly round: string | number }): string => "By the book the store has " + d.round + " g of scrap. Weigh it there first.",
	byTheBookTheStore2: (d: { readonly bags: string | number }): string => "By the book the store has " + d.bags + " torn bags. Count them there first."
};

export const accountWords = {
	oneMat: (): string => "one mat",
	ofNoLabelSaysWhich: (d: { readonly mats: string | number }): string => " Of " + d.mats + " no label says which bags lie in them: none of those is counted.",
	ofOnlySomeBallsHad: (d: { readonly mats: string | number }): string => " Of " + d.mats + " only some balls had labels: the other bags are not known, and not counted.",
	ofNeitherAWeightNor: (d: { readonly mats: string | number }): string => " Of " + d.mats + " neither a weight nor a label is known: none of those is counted.",
	matHandedOver: (): string => "mat handed over",
	matsHandedOver: (): string => "mats handed over",
	matsOfTheDeliveriesBelow: (): string => "Mats of the deliveries below. One that came back is left out until it goes again.",
	toLieOn: (): string => "to lie on",
	widthByLengthOfEach: (): string => "Width by length of each mat, as it was measured at its last check before it went.",
	bagsKeptFromTheBin: (): string => "bags kept from the bin",
	bagsByTheLabelsOf: (d: { readonly mats: string | number; readonly matBags: string | number; readonly pillowBags: string | number; readonly uncounted: string | number; readonly partly: string | number }): string => "Bags by the labels of the balls that were given for " + d.mats + ": " + d.matBags + "; and torn bags in the pillows: " + d.pillowBags + ". Counted, not guessed." + d.uncounted + d.partly,
	ofFilm: (): string => "of film",
	pillowsThatWentWithThe: (): string => "Pillows that went with the mats. Scrap in them is weighed, and counts as no bag.",
	fromTheFirstTapOf: (): string => "From the first tap of a row to the last of each sitting, as phones and tablets counted them.",
	whatThePlansReckonBy: (): string => "What the plans reckon, by the group’s own pace, for all that was not timed: rows without a sitting, and flattening, cutting, joining, balls, finishing and checking.",
	inAll: (): string => "In all",
	season: (d: { readonly seasonName: string | number }): string => "Season " + d.seasonName,
	year: (d: { readonly year: string | number }): string => "Year " + d.year,
	delivery: (d: { readonly code: string | number }): string => "Delivery " + d.code
};

export const handOverWords = {
	shakeItOutHoseIt: (): string => "Shake it out. Hose it, and hang it to dry.",
	keepItFromFlamesHeaters: (): string => "Keep it from flames, heaters and cigarettes: film burns and drips.",
	keepItFromSmallChildren: (): string => "Keep it from small children, and never lay an infant on it: film can suffocate.",
	shakeHoseHangToDry: (): string => "Shake, hose, hang to dry",
	awayFromFlamesHeaters: (): string => "Away from flames, heaters",
	awayFromSmallChildren: (): string => "Away from small children",
	neverUnderAnInfant: (): string => "Never under an infant",
	thePlacesOwnRulesCome: (): string => "The place’s own rules come first: ask the people responsible there.",
	by: (d: { readonly formatLength: string | number; readonly formatLength2: string | number }): string => '' + d.formatLength + " by " + d.formatLength2,
	oneMat: (): string => "one mat",
	onePillow: (): string => "one pillow",
	to: (d: { readonly low: string | number; readonly high: string | number }): string => '' + d.low + " to " + d.high
};

export const storyWords = {
	itsRowsWereMadeAnd: (): string => "its rows were made and its ends hidden",
	takenApartForStrand: (): string => "taken apart for strand",
	checkedAndGood: (): string => "checked, and good",
	checkedAndToMend: (): string => "checked, and to mend",
	checkedAndForAnotherUse: (): string => "checked, and for another use",
	handedOver: (): string => "handed over",
	itCameBack: (): string => "it came back",
	inHand: (): string => "in hand",
	goodAndReadyToGo: (): string => "good, and ready to go",
	receivedBy: (d: { readonly placeName: string | number }): string => "received by " + d.placeName,
	onItsWayTo: (d: { readonly placeName: string | number }): string => "on its way to " + d.placeName
};

export const HandOverAccountPdfDoor = {
	nothingWasHandedOverThen: (): string => "Nothing was handed over then.",
	whatItCameTo: (): string => "What it came to"
};

export const HandOverDeliveriesCodeActs = {
	noDeliveryOfThisGroup: (): string => "No delivery of this group has that label, or it was taken back."
};

export const HandOverDeliveriesCodeNotePdfDoor = {
	noDeliveryOfThisGroup: (): string => "No delivery of this group has that label, or it was taken back.",
	delivery: (d: { readonly code: string | number }): string => "Delivery " + d.code
};

export const HandOverMatsCodeActs = {
	noMatOfThisGroup: (): string => "No mat of this group has that label."
};

export const HandOverTagsPdfDoor = {
	noMatOfThisGroup: (): string => "No mat of this group has that label."
};
