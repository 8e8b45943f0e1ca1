// Made of hand-over.json by `npm run words -- --make`: change the words there.
import { plural, select } from '@messageformat/runtime';
import { en } from './number';

export const AccountChart = {
	whenTheyWent: (): string => "When they were delivered",
	mats: (d: { readonly bars: string | number }): string => "Mats: " + d.bars + "."
};

export const AskBar = {
	handedOverReadyForeseenOf: (d: { readonly handed: string | number; readonly ready: string | number; readonly range: string | number; readonly mats: string | number }): string => '' + d.handed + " delivered, " + d.ready + " ready, " + d.range + " expected, of " + d.mats
};

export const AskForm = {
	aPlaceAsks: (): string => "A receiving place asks",
	keepIt: (): string => "Save",
	whichPlace: (): string => "Receiving place",
	howManyMats: (): string => "Mats",
	byWhichDay: (): string => "By",
	howLong: (): string => "Length",
	howWide: (): string => "Width",
	leaveBothEmptyWhereAny: (): string => "Leave both empty if any size is fine.",
	aWordOnIt: (): string => "Note"
};

export const AskList = {
	noPlaceAsksForMats: (): string => "No place asks for mats right now",
	whatPlacesAskFor: (): string => "What places ask for",
	by: (d: { readonly mats: string | number; readonly yearDay: string | number; readonly part: string | number }): string => ": " + d.mats + " by " + d.yearDay + d.part,
	theyHaveAllTheyAsked: (): string => "They have all they asked for.",
	whatAsksFor: (d: { readonly placeName: string | number }): string => "what " + d.placeName + " asks for",
	of: (d: { readonly range: string | number; readonly open: string | number }): string => '' + d.range + " of " + d.open,
	byThenAsTheMats: (d: { readonly foreseen: string | number }): string => '' + d.foreseen + " expected by then",
	nothingIsPromised: (d: { readonly by: string | number }): string => "Nothing is promised. " + d.by + ".",
	whatWasPromisedIsThere: (): string => "What was promised is ready.",
	promisedAllOfThemLie: (d: { readonly promised: string | number }): string => '' + d.promised + " promised: all are ready.",
	promisedAndLikelyKept: (d: { readonly promised: string | number; readonly by: string | number }): string => '' + d.promised + " promised, likely: " + d.by + ".",
	promisedAndItMayCome: (d: { readonly promised: string | number; readonly by: string | number }): string => '' + d.promised + " promised, perhaps too few: " + d.by + ".",
	promisedAndItWillCome: (d: { readonly promised: string | number; readonly by: string | number }): string => '' + d.promised + " promised, too few: " + d.by + ". Tell them soon."
};

export const Crates = {
	theRollFills: (): string => "The roll fills",
	theRollsFill: (d: { readonly length: string | number }): string => "The " + d.length + " rolls fill",
	tooLargeForOneLength2: (d: { readonly length: string | number; readonly length2: number }): string => "; " + d.length + " too large for a box " + plural(d.length2, 0, en, { one: "goes", other: "go" }) + " beside them",
	length2PluralOneOtherOf: (d: { readonly part: string | number; readonly length: string | number; readonly length2: number; readonly crate: string | number; readonly part2: string | number }): string => '' + d.part + " " + d.length + " " + plural(d.length2, 0, en, { one: "box", other: "boxes" }) + " of " + d.crate + d.part2 + ".",
	crate: (d: { readonly at: string | number; readonly namesIn: string | number }): string => "Box " + d.at + ": " + d.namesIn
};

export const DeliverForm = {
	sendMats: (): string => "Send mats",
	theyGo: (): string => "Record delivery",
	whichOfThem: (): string => "Which mats",
	theirLabels: (): string => "Their labels",
	toWhichPlace: (): string => "Receiving place",
	onWhichDay: (): string => "Day",
	aWordOnIt: (): string => "Note for them",
	pillowsThatGoWithThem: (): string => "Pillows",
	onePillowLies: (): string => "One pillow",
	pillowsLie: (d: { readonly length: string | number }): string => '' + d.length + " pillows",
	there: (d: { readonly part: string | number }): string => '' + d.part + " ready.",
	"with": (d: { readonly chosen: string | number }): string => "with " + d.chosen,
	byItself: (): string => "on its own",
	aPillowWithEach: (): string => "A pillow with each",
	cratesOfAGathering: (d: { readonly crate: string | number }): string => "Boxes of " + d.crate + ", a gathering",
	crateWide: (): string => "Box width",
	deep: (): string => "depth",
	high: (): string => "height",
	aGatheringGoesWithIt: (): string => "Event at the delivery",
	whatForAndWhenIt: (): string => "What and when. It goes into the calendar."
};

export const DeliveryTable = {
	deliveryByDelivery: (): string => "Each delivery",
	kg: (d: { readonly filmKg: string | number }): string => '' + d.filmKg + " kg",
	olderMore2PluralOneOther: (d: { readonly more: string | number; readonly more2: number }): string => '' + d.more + " older " + plural(d.more2, 0, en, { one: "one is", other: "ones are" }) + " counted above but not listed. The CSV has every mat.",
	toLieOn: (): string => "Area",
	hoursTimed: (): string => "Hours timed",
	hoursEstimated: (): string => "Hours estimated"
};

export const HandedTable = {
	matByMat: (): string => "Each mat",
	kg: (d: { readonly filmG: string | number }): string => '' + d.filmG + " kg",
	toLieOn: (): string => "Area",
	hoursTimed: (): string => "Hours timed",
	hoursEstimated: (): string => "Hours estimated"
};

export const PillowForm = {
	aPillowIsMade: (): string => "New pillow",
	keepThePillow: (): string => "Save",
	scrapInItWeighed: (): string => "Weight of scrap in it",
	tornBagsInIt: (): string => "Torn bags in it",
	scrapCanSuffocateKeepIt: (): string => "Scrap can suffocate. Keep it bagged. Keep pillows away from small children and infants."
};

export const PlaceForm = {
	nothingIsSaidYet: (): string => "nothing known yet",
	keepIt: (): string => "Save",
	of: (d: { readonly name: string | number }): string => "of " + d.name,
	whenSomebodyIsThere: (): string => "When someone is there",
	theWayInStairsDoors: (): string => "The way in: stairs, doors, a lift",
	aWordAboutTheirOwn: (): string => "Their own rules"
};

export const PromiseForm = {
	promiseThem: (): string => "Promise",
	promised: (): string => "Promised",
	to: (d: { readonly placeName: string | number }): string => "to " + d.placeName,
	matsPromisedTo: (d: { readonly typed: string | number; readonly placeName: string | number }): string => '' + d.typed + " mats promised to " + d.placeName
};

export const ReceiveButton = {
	byWhomInAWord: (): string => "By whom",
	onAnotherDayThanToday: (): string => "On another day than today",
	itWasReceived: (): string => "Confirm",
	kept: (): string => "Saved."
};

export const HandOverLayout = {
	handOver: (): string => "Hand over"
};

export const HandOverPage = {
	nothingWentOutYet: (): string => "No deliveries yet",
	whatWentOut: (): string => "Deliveries",
	ofOne: (): string => "of one",
	of: (d: { readonly toCome: string | number }): string => "of " + d.toCome,
	nobodyHasSaidYetThat: (d: { readonly part: string | number }): string => '' + d.part + " not confirmed yet",
	forACalendar: (): string => "Add to calendar",
	and: (d: { readonly pillows: string | number }): string => " and " + d.pillows,
	withIt: (d: { readonly gathering: string | number }): string => "Event: " + d.gathering,
	received: (d: { readonly yearDay: string | number; readonly part: string | number }): string => "received " + d.yearDay + d.part,
	olderOnes: (): string => "Older",
	sayFirstWhichPlacesReceive: (): string => "First add a receiving place under",
	peopleAndPlaces: (): string => "People and places"
};

export const HandOverAccountPage = {
	whatItCameTo: (d: { readonly period: string | number }): string => '' + d.period + " · Results so far",
	whichTime: (): string => "Period",
	onOnePageToPrint: (): string => "One page to print",
	everyMatAsCsv: (): string => "Every mat as CSV",
	everyDeliveryAsCsv: (): string => "Every delivery as CSV",
	nothingWasHandedOverThen: (): string => "Nothing was delivered in that time. Deliveries are counted here.",
	eachFigureOpensToHow: (): string => "Tap a figure to see how it was counted. A season runs from September to August."
};

export const HandOverAsksPage = {
	howTheyReceiveThem: (): string => "How they receive mats",
	sayFirstWhichPlacesReceive: (): string => "First add a receiving place under",
	peopleAndPlaces: (): string => "People and places"
};

export const HandOverDeliveriesCodePage = {
	deliveryNote: (): string => "Delivery note",
	tagsWithCareWords: (): string => "Tags with care instructions",
	whatItCameTo: (): string => "Results so far",
	whatToCarry: (): string => "What to carry",
	and: (d: { readonly pillows: string | number }): string => " and " + d.pillows,
	some: (d: { readonly mats: string | number; readonly part: string | number }): string => '' + d.mats + d.part + ", about",
	howThickRollsNoPlan: (d: { readonly unrolled: string | number }): string => "No plan says how thick " + d.unrolled + " rolls. Look before you pack.",
	withPillow: (d: { readonly pillow: string | number }): string => ", with pillow " + d.pillow,
	care: (): string => "Care",
	howTheyReceiveMatsIs: (): string => "How they receive mats is not known yet.",
	sayHowTheyReceiveThem: (): string => "Add how they receive them",
	withIt: (d: { readonly gathering: string | number }): string => "Event: " + d.gathering + ".",
	forACalendar: (): string => "Add to calendar",
	itWasReceived: (): string => "Received",
	wasItReceived: (): string => "Was it received?",
	aMistake: (): string => "Made a mistake?"
};

export const HandOverMatsCodePage = {
	itsOwnPage: (d: { readonly code: string | number }): string => '' + d.code + " · About this mat",
	itsTag: (): string => "Its tag",
	inHand: (): string => "Being made",
	itsChecks: (): string => "Its checks",
	drawnByItsBallsIts: (): string => "Drawn by its balls. Its plan has other colours.",
	fromWhichBags: (): string => "Bags in it",
	noBallWasGivenFor: (): string => "No ball was given for it by label, so its bags are not known.",
	bagsAreInIt: (): string => "bags are in it.",
	atLeast: (d: { readonly bags: string | number }): string => "At least " + d.bags,
	bagsAreInItLabels: (d: { readonly mass: string | number; readonly mass2: string | number }): string => "bags are in it. Labels tell of " + d.mass + " of its " + d.mass2 + ". The rest is not known.",
	someCameFrom: (d: { readonly bags: string | number; readonly name: string | number }): string => "about " + d.bags + " came from " + d.name,
	bagsLieTogetherInThe: (): string => "Bags are mixed in the store. Each source has its share of what was sorted there before a ball was wound.",
	fromWhichPlacesTheyCame: (): string => "The sorting does not say which sources they came from.",
	byHowManyHands: (): string => "People",
	nobodyWasNamedNoCount: (): string => "Nobody was named, so people are not counted.",
	one: (): string => "one",
	isatleastSelectYesOtherHands: (d: { readonly isAtLeast: 'yes' | 'no'; readonly part: string | number; readonly hands: number; readonly part2: string | number; readonly isHands: 'yes' | 'no' }): string => '' + select(d.isAtLeast, { yes: "At least ", other: "" }) + d.part + " " + plural(d.hands, 0, en, { one: "person", other: "people" }) + ": " + d.part2 + " made it" + select(d.isHands, { yes: ", the others were at the table when its balls were wound", other: "" }) + ".",
	whoWoundItsBallsIs: (): string => "Who wound its balls is not known.",
	oneOfItsBalls: (): string => "one of its balls",
	ofItsBalls: (d: { readonly unknownBalls: string | number }): string => '' + d.unknownBalls + " of its balls",
	whoWoundIsNotKnown: (d: { readonly part: string | number }): string => "Who wound " + d.part + " is not known.",
	whoWoundItsOtherBalls: (): string => "Who wound its other balls is not known.",
	onWhichDays: (): string => "Days",
	itWentToWith: (d: { readonly placeName: string | number }): string => "It went to " + d.placeName + " with",
	andPillowWithIt: (d: { readonly pillow: string | number }): string => ", and pillow " + d.pillow + " with it",
	whoSleepsOnItIs: (d: { readonly careWords: string | number }): string => '' + d.careWords + " Who sleeps on it is never written down.",
	ballsForItWereWound: (): string => "balls for it were wound"
};

export const HandOverPillowsPage = {
	noPillowLiesThere: (): string => "No pillows ready",
	lengthPluralOneOtherThere: (d: { readonly pillows: string | number; readonly length: number }): string => '' + d.pillows + " " + plural(d.length, 0, en, { one: "is", other: "are" }) + " ready",
	byTheBookTheStore: (d: { readonly mass: string | number; readonly bags: string | number; readonly pillows: string | number; readonly mass2: string | number }): string => "The store has " + d.mass + " of scrap and " + d.bags + " torn bags: enough for " + d.pillows + " of " + d.mass2 + ".",
	tornBagsInIt: (d: { readonly bags: string | number }): string => ", " + d.bags + " torn bags in it",
	made: (d: { readonly yearDay: string | number }): string => "made " + d.yearDay,
	aPillowGoesWithA: (): string => "Add pillows to a mat when you send it, under Send."
};

export const asks = {
	thatPlaceIsNotAmong: (): string => "That place is not a receiving place.",
	thatAskIsNotThere: (): string => "That request is gone.",
	theyAskForPromiseNo: (d: { readonly mats: string | number }): string => "They ask for " + d.mats + ". You cannot promise more."
};

export const calendar = {
	oneMat: (): string => "one mat",
	wantedBy: (d: { readonly groupName: string | number; readonly mats: string | number; readonly place: string | number }): string => '' + d.groupName + ": " + d.mats + " wanted by " + d.place,
	to: (d: { readonly groupName: string | number; readonly mats: string | number; readonly place: string | number }): string => '' + d.groupName + ": " + d.mats + " to " + d.place,
	to2: (d: { readonly groupName: string | number; readonly gathering: string | number; readonly mats: string | number; readonly place: string | number }): string => '' + d.groupName + ": " + d.gathering + " (" + d.mats + " to " + d.place + ")"
};

export const deliver = {
	noMatOfThisGroup: (d: { readonly code: string | number }): string => "No mat of this group has the label " + d.code + ".",
	wentOutAlreadyItCannot: (d: { readonly code: string | number }): string => '' + d.code + " was already delivered.",
	wasNotFoundGoodYet: (d: { readonly code: string | number }): string => '' + d.code + " is not checked and good yet. Check it first.",
	noPillowOfThisGroup: (d: { readonly code: string | number }): string => "No pillow of this group has the label " + d.code + ".",
	thatPlaceIsNotAmong: (): string => "That place is not a receiving place.",
	thisGroupHasUsedAll: (): string => "This group has used all label codes.",
	nothingSaysHowLargeIs: (d: { readonly code: string | number }): string => "The size of " + d.code + " is not known. Check it again.",
	noDeliveryOfThisGroup: (): string => "No delivery of this group has that code.",
	wasReceivedAlready: (d: { readonly delivery: string | number }): string => '' + d.delivery + " was already received.",
	noMatOfThisGroup2: (): string => "No mat of this group has that label.",
	didNotGoOut: (d: { readonly mat: string | number }): string => '' + d.mat + " was not delivered."
};

export const pillows = {
	thisGroupHasUsedAll: (): string => "This group has used all label codes.",
	byTheBookTheStore: (d: { readonly round: string | number }): string => "The store has only " + d.round + " g of scrap. Weigh it there first.",
	byTheBookTheStore2: (d: { readonly bags: string | number }): string => "The store has only " + d.bags + " torn bags. Count them there first."
};

export const accountWords = {
	oneMat: (): string => "one mat",
	ofNoLabelSaysWhich: (d: { readonly mats: string | number }): string => " For " + d.mats + " no label says which bags are in them. None of those is counted.",
	ofOnlySomeBallsHad: (d: { readonly mats: string | number }): string => " For " + d.mats + " only some balls had labels. The other bags are not counted.",
	ofNeitherAWeightNor: (d: { readonly mats: string | number }): string => " For " + d.mats + " neither weight nor label is known. None of those is counted.",
	matHandedOver: (): string => "mat delivered",
	matsHandedOver: (): string => "mats delivered",
	matsOfTheDeliveriesBelow: (): string => "Mats of the deliveries below. A mat that was sent back does not count until it goes again.",
	toLieOn: (): string => "area",
	widthByLengthOfEach: (): string => "Width times length of each mat, measured at its last check before delivery.",
	bagsKeptFromTheBin: (): string => "bags saved from the bin",
	bagsByTheLabelsOf: (d: { readonly mats: string | number; readonly matBags: string | number; readonly pillowBags: string | number; readonly uncounted: string | number; readonly partly: string | number }): string => "Bags by the labels of the balls given for " + d.mats + ": " + d.matBags + ". Torn bags in the pillows: " + d.pillowBags + ". Counted, not guessed." + d.uncounted + d.partly,
	ofFilm: (): string => "of plastic",
	pillowsThatWentWithThe: (): string => "Pillows delivered with the mats. Scrap in them is weighed and does not count as bags.",
	fromTheFirstTapOf: (): string => "From the first to the last row tapped at each sitting, as phones and tablets counted.",
	whatThePlansReckonBy: (): string => "Work that was not timed, estimated from the plans at the group’s own pace: rows without a sitting, flattening, cutting, joining, balls, finishing and checking.",
	inAll: (): string => "Total",
	season: (d: { readonly seasonName: string | number }): string => "Season " + d.seasonName,
	year: (d: { readonly year: string | number }): string => "Year " + d.year,
	delivery: (d: { readonly code: string | number }): string => "Delivery " + d.code
};

export const handOverWords = {
	shakeItOutHoseIt: (): string => "Shake it out. Hose it, and hang it to dry.",
	keepItFromFlamesHeaters: (): string => "Keep it away from flames, heaters and cigarettes: plastic burns and drips.",
	keepItFromSmallChildren: (): string => "Keep it away from small children. Never lay an infant on it: plastic can suffocate.",
	shakeHoseHangToDry: (): string => "Shake, hose, hang to dry",
	awayFromFlamesHeaters: (): string => "Away from flames, heaters",
	awayFromSmallChildren: (): string => "Away from small children",
	neverUnderAnInfant: (): string => "Never under an infant",
	thePlacesOwnRulesCome: (): string => "The place’s own rules come first. Ask the people responsible there.",
	by: (d: { readonly formatLength: string | number; readonly formatLength2: string | number }): string => '' + d.formatLength + " by " + d.formatLength2,
	oneMat: (): string => "one mat",
	onePillow: (): string => "one pillow",
	to: (d: { readonly low: string | number; readonly high: string | number }): string => '' + d.low + " to " + d.high
};

export const storyWords = {
	itsRowsWereMadeAnd: (): string => "rows finished and ends hidden",
	takenApartForStrand: (): string => "taken apart for yarn",
	checkedAndGood: (): string => "checked: good",
	checkedAndToMend: (): string => "checked: to mend",
	checkedAndForAnotherUse: (): string => "checked: other use",
	handedOver: (): string => "delivered",
	itCameBack: (): string => "sent back",
	inHand: (): string => "being made",
	goodAndReadyToGo: (): string => "ready",
	receivedBy: (d: { readonly placeName: string | number }): string => "received by " + d.placeName,
	onItsWayTo: (d: { readonly placeName: string | number }): string => "delivered to " + d.placeName
};

export const HandOverAccountPdfDoor = {
	nothingWasHandedOverThen: (): string => "Nothing was delivered in that time.",
	whatItCameTo: (): string => "Results so far"
};

export const HandOverDeliveriesCodeActs = {
	noDeliveryOfThisGroup: (): string => "No delivery of this group has that code, or it was undone."
};

export const HandOverDeliveriesCodeNotePdfDoor = {
	noDeliveryOfThisGroup: (): string => "No delivery of this group has that code, or it was undone.",
	delivery: (d: { readonly code: string | number }): string => "Delivery " + d.code
};

export const HandOverMatsCodeActs = {
	noMatOfThisGroup: (): string => "No mat of this group has that label."
};

export const HandOverTagsPdfDoor = {
	noMatOfThisGroup: (): string => "No mat of this group has that label."
};
