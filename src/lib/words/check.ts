// Made of check.json by `npm run words -- --make`: change the words there.
import { select } from '@messageformat/runtime';

export const CameBack = {
	itWentOut: (): string => "It went out",
	itCameBack: (): string => "It came back",
	whyItCameBack: (): string => "Why it came back",
	itCountsAsHandedOver: (): string => "It counts as handed over no more, and is checked again."
};

export const CheckForm = {
	checkIt: (): string => "Check it",
	keepTheCheck: (): string => "Keep the check",
	goOverItWithA: (): string => "Go over it with a finger, place by place. Tap where it goes through; for anything else choose what it is first.",
	aTapMarks: (): string => "A tap marks",
	aFingertipGoesThrough: (): string => "a fingertip goes through",
	length: (): string => "Length",
	width: (): string => "Width",
	itWeighsDry: (): string => "It weighs, dry",
	someMinutes: (d: { readonly minutes: string | number }): string => ", some " + d.minutes + " minutes",
	ofItsPlans: (d: { readonly density: string | number; readonly round: string | number }): string => '' + d.density + ", " + d.round + " % of its plan’s",
	theCallIsAnother: (): string => "The call is another",
	whatYouMakeOfIt: (): string => "What you make of it",
	asTheFiguresSay: (): string => "as the figures say",
	whyInAWord: (): string => "Why, in a word"
};

export const CheckList = {
	someMinutes: (d: { readonly minutes: string | number; readonly whoOf: string | number }): string => "some " + d.minutes + " minutes, " + d.whoOf,
	since: (d: { readonly shortDay: string | number }): string => "since " + d.shortDay,
	byHandsThatKnowThe: (): string => "by hands that know the technique",
	byAnyone: (): string => "by anyone"
};

export const CheckMap = {
	placeAlongAcross: (d: { readonly place: string | number; readonly floor: string | number; readonly wordsOf: string | number }): string => "Place " + d.place + " along, " + d.floor + " across: " + d.wordsOf,
	aFingertipGoesThrough: (): string => "a fingertip goes through",
	nothingFound: (): string => "nothing found"
};

export const FaultTallyLine = {
	comesWith: (d: { readonly share: string | number; readonly stepWords: string | number }): string => ": " + d.share + ", comes with " + d.stepWords,
	whereItComes: (): string => "Where it comes",
	of: (d: { readonly mats: string | number; readonly of: string | number }): string => '' + d.mats + " of " + d.of,
	byTechnique: (): string => "by technique",
	byBag: (): string => "by bag",
	byWeek: (): string => "by week",
	from: (d: { readonly shortDay: string | number; readonly share: string | number }): string => "from " + d.shortDay + " " + d.share
};

export const MendingList = {
	nothingToMend: (): string => "Nothing to mend",
	oneMatToMend: (): string => "One mat to mend",
	matsToMend: (d: { readonly length: string | number }): string => '' + d.length + " mats to mend",
	inOf: (d: { readonly stepWords: string | number; readonly name: string | number; readonly had: string | number; readonly of: string | number }): string => '' + d.stepWords + " (" + d.name + " in " + d.had + " of " + d.of + ")",
	showAgain: (d: { readonly toShow: string | number }): string => "Show again: " + d.toShow + "."
};

export const OddMat = {
	didItTakeBags: (d: { readonly bags: string | number }): string => "Did it take " + d.bags + " bags?",
	soTheLabelsOfIts: (d: { readonly words: string | number }): string => "So the labels of its balls say. " + d.words + " Were all its balls given by their labels, and none left over? Until that is said, it teaches the measures nothing.",
	whetherTeaches: (d: { readonly code: string | number }): string => "whether " + d.code + " teaches",
	itIsSoLetIt: (): string => "It is so: let it teach",
	itTeachesNow: (): string => "It teaches now.",
	leaveItOut: (): string => "Leave it out",
	itIsLeftOutOf: (): string => "It is left out of the measures."
};

export const Remedy = {
	aFingertipGoesThroughEight: (): string => "A fingertip goes through: eight minutes a place, by anyone",
	minutesEachIswhoSelectYes: (d: { readonly name: string | number; readonly minutes: string | number; readonly isWho: 'yes' | 'no' }): string => '' + d.name + ": " + d.minutes + " minutes each" + select(d.isWho, { yes: ", by hands that know the technique", other: ", by anyone" }),
	drawn: (d: { readonly step: string | number }): string => "Drawn: " + d.step,
	soThatItDoesNot: (): string => "So that it does not come again:"
};

export const UnwoundForm = {
	itIsTakenApart: (): string => "It is taken apart",
	backToTheStore: (): string => "Back to the store",
	byTheBookOfFilm: (d: { readonly mass: string | number }): string => "By the book " + d.mass + " of film lies in it. Wind back what is good, and weigh that; the rest is scrap.",
	goodStrandWeighed: (): string => "Good strand, weighed",
	keepScrapBaggedAwayFrom: (): string => "Keep scrap bagged, away from small children.",
	itIsTakenApartBy: (): string => "It is taken apart. By the book nothing lies in it: its strand is back in the store, or no ball was given for it by its label. What there is, is counted at the table."
};

export const CheckPage = {
	noMatWaitsToBe: (): string => "No mat waits to be checked",
	oneMatToCheckOr: (): string => "One mat to check or mend",
	matsToCheckOrMend: (d: { readonly length: string | number }): string => '' + d.length + " mats to check or mend",
	aSheetToCheckThem: (): string => "A sheet to check them by, on paper",
	aMatComesHereOnce: (): string => "A mat comes here once it is finished, under",
	make: (): string => "Make",
	whatIsWrongWithThis: (): string => "What is wrong with this mat?",
	fromWhatOneSeesTo: (): string => "From what one sees to what is done about it.",
	goodAtOnce: (): string => "Good at once",
	noMatWasCheckedYet: (): string => "No mat was checked yet.",
	of100MatsToIsthin: (d: { readonly percent: string | number; readonly percent2: string | number; readonly percent3: string | number; readonly isThin: 'yes' | 'no' }): string => '' + d.percent + " of 100 mats (" + d.percent2 + " to " + d.percent3 + ")" + select(d.isThin, { yes: ": few were checked so far, so this says little", other: "" }) + ".",
	whatToShowAgain: (): string => "What to show again",
	byFirstChecksOfLate: (): string => "By first checks of late. Nobody is named: a step is shown again, to all."
};

export const CheckCodePage = {
	check: (d: { readonly code: string | number }): string => '' + d.code + " · Check",
	allMatsToCheck: (): string => "All mats to check",
	itsOwnPage: (): string => "Its own page",
	howItIsMended: (): string => "How it is mended",
	itIsMended: (): string => "It is mended",
	mended: (d: { readonly code: string | number }): string => '' + d.code + " mended",
	mendedCheckItAgain: (): string => "Mended: check it again.",
	itsChecks: (): string => "Its checks",
	somebodyHadCheckedItJust: (): string => "Somebody had checked it just before: both checks are kept, and it stands as the later found it.",
	by: (d: { readonly moment: string | number; readonly length: string | number; readonly length2: string | number }): string => '' + d.moment + ", " + d.length + " by " + d.length2,
	thisCheck: (): string => "this check"
};

export const checks = {
	noMatOfThisGroup: (): string => "No mat of this group has that label.",
	isOnNoMatBut: (d: { readonly code: string | number; readonly sort: string | number }): string => '' + d.code + " is on no mat, but on a " + d.sort + ".",
	wasTakenBackItIs: (d: { readonly code: string | number }): string => '' + d.code + " was taken back: it is no mat any more.",
	isBeingMadeStillFinish: (d: { readonly code: string | number }): string => '' + d.code + " is being made still: finish it first.",
	isNotWaitingForThat: (d: { readonly code: string | number }): string => '' + d.code + " is not waiting for that any more. Look at how it stands.",
	nothingIsAskedOfThat: (): string => "Nothing is asked of that mat, or it was said already.",
	thePlanOfCannotBe: (d: { readonly mat: string | number }): string => "The plan of " + d.mat + " cannot be made any more: nothing says how it should be.",
	oneOfTheFaultsIs: (): string => "One of the faults is none that such a mat can have."
};

export const takenApart = {
	noMatOfThisGroup: (): string => "No mat of this group has that label.",
	wasNotFoundOneTo: (d: { readonly mat: string | number }): string => '' + d.mat + " was not found one to take apart.",
	byTheBookNothingLies: (d: { readonly mat: string | number }): string => "By the book nothing lies in " + d.mat + ": its strand is back already, or no ball was given for it by its label. Count what there is at the table.",
	byTheBookGOf: (d: { readonly round: string | number }): string => "By the book " + d.round + " g of film lies in it. Was the basket weighed, too?"
};

export const checkWords = {
	stripTornAtAJoint: (): string => "strip torn at a joint",
	cutBackToSoundFilm: (): string => "Cut back to sound film on both sides.",
	tieTheEndsWithAn: (): string => "Tie the ends with an overhand knot.",
	pullFromTheKnotNot: (): string => "Pull from the knot, not from the far end, and lay the tails under.",
	ringUnevenOneSideBowed: (): string => "ring uneven, one side bowed",
	loosenTheJoint: (): string => "Loosen the joint.",
	slideBothSidesLevel: (): string => "Slide both sides level.",
	tightenItSnugAndSmall: (): string => "Tighten it, snug and small.",
	stripOfDoubleWidthSlipped: (): string => "strip of double width slipped in",
	freeTheStrip: (): string => "Free the strip.",
	splitItAlongItsMiddle: (): string => "Split it along its middle, or keep it for the border.",
	joinOneHalfInIts: (): string => "Join one half in its place.",
	jointTooTight: (): string => "joint too tight",
	cutTheJointOut: (): string => "Cut the joint out.",
	joinTheEndsAnewSnug: (): string => "Join the ends anew: snug, small, undoable.",
	jointTooLoose: (): string => "joint too loose",
	drawBothEndsFromThe: (): string => "Draw both ends from the joint.",
	stopWhenItIsSnug: (): string => "Stop when it is snug, before it is hard.",
	matNarrows: (): string => "mat narrows",
	countTheStitchesOfThe: (): string => "Count the stitches of the last row against the plan.",
	addTheMissingOnesAt: (): string => "Add the missing ones at the end of the next rows, one a row;",
	matWaves: (): string => "mat waves",
	takeTheRowBack: (): string => "Take the row back.",
	workFewerStitchesOrWith: (): string => "Work fewer stitches, or with a bigger hook.",
	matCups: (): string => "mat cups",
	workItLooser: (): string => "Work it looser.",
	rowsNotBeaten: (): string => "rows not beaten",
	pushTheRowsDownWith: (): string => "Push the rows down with fingers or a fork.",
	bothEndsMeetAlike: (): string => "both ends meet alike",
	takeOneOfTheTwo: (): string => "Take one of the two rows out, or weave one between them.",
	closeIt: (): string => "Close it.",
	knotAtAPeg: (): string => "knot at a peg",
	shortenOnePieceOfThe: (): string => "Shorten one piece of the strand.",
	moveTheKnot75Mm: (): string => "Move the knot 75 mm in.",
	edgeStrandOfTheFrame: (): string => "edge strand of the frame missed",
	beforeItComesOffDraw: (): string => "Before it comes off, draw a strand through with a hook, row by row.",
	firstOrLastRowNot: (): string => "first or last row not under the nails’ loops",
	threadTheRowUnderEach: (): string => "Thread the row under each loop with a hook.",
	backStitchTwice: (): string => "Back-stitch twice.",
	rodPoppedOff: (): string => "rod popped off",
	holdTheRodWithEyes: (): string => "Hold the rod with eyes or clips.",
	pullTheEdgeBackBefore: (): string => "Pull the edge back before the next row.",
	bandCurlsOrRounds: (): string => "band curls or rounds",
	undoIt: (): string => "Undo it.",
	layItFlat: (): string => "Lay it flat.",
	weaveItAgainWithLess: (): string => "Weave it again with less pull.",
	tailCameLoose: (): string => "tail came loose",
	leadItBackUnderFive: (): string => "Lead it back under five stitches, against the pull.",
	tieIsWeak: (): string => "tie is weak",
	openIt: (): string => "Open it.",
	workANewOneInto: (): string => "Work a new one into the edge, through two stitches.",
	pullToTryIt: (): string => "Pull to try it.",
	dampOrSmell: (): string => "damp or smell",
	hoseIt: (): string => "Hose it.",
	hangItForADay: (): string => "Hang it for a day.",
	neverPackItWet: (): string => "Never pack it wet.",
	mendIt: (): string => "mend it",
	takeItApartForStrand: (): string => "take it apart for strand",
	anotherUse: (): string => "another use",
	toCheck: (): string => "to check",
	mendedCheckItAgain: (): string => "mended: check it again",
	toMend: (): string => "to mend",
	forAnotherUse: (): string => "for another use",
	takenApart: (): string => "taken apart",
	onItsWay: (): string => "on its way",
	shorterThanItsPlan: (d: { readonly percent: string | number }): string => '' + d.percent + " shorter than its plan",
	longerThanItsPlan: (d: { readonly percent: string | number }): string => '' + d.percent + " longer than its plan",
	narrowerThanItsPlan: (d: { readonly percent: string | number }): string => '' + d.percent + " narrower than its plan",
	widerThanItsPlan: (d: { readonly percent: string | number }): string => '' + d.percent + " wider than its plan",
	thinOfItsPlansGrams: (d: { readonly percent: string | number }): string => "thin: " + d.percent + " of its plan’s grams a square metre",
	aFingertipGoesThroughAt: (d: { readonly places: string | number }): string => "a fingertip goes through at " + d.places + " of 15 places",
	findHowFarItIs: (): string => "Find how far it is loose.",
	darnItWithAStrand: (): string => "Darn it with a strand and a hook, through the stitches around it.",
	pushTheRowsTogetherThere: (): string => "Push the rows together there, and add rows.",
	pushTheRowsTogetherThere2: (): string => "Push the rows together there, and add a row.",
	drawTheBandsEdgesTogether: (): string => "Draw the band’s edges together with a strand, in and out."
};

export const menders = {
	andNobodyWhoComesKnows: (): string => "and nobody who comes knows the technique yet",
	byAnyone: (): string => "by anyone",
	atTheSeatOf: (d: { readonly names: string | number }): string => "at the seat of " + d.names,
	maySeatThemAtFinishing: (d: { readonly names: string | number }): string => '' + d.names + " may: seat them at finishing",
	someMinutes: (d: { readonly minutes: string | number; readonly part: string | number }): string => "some " + d.minutes + " minutes, " + d.part
};

export const CheckCodeActs = {
	noFinishedMatHasThat: (): string => "No finished mat has that label."
};

export const CheckSheetPdfDoor = {
	noMatWaitsToBe: (): string => "No mat waits to be checked.",
	matsToCheck: (): string => "Mats to check"
};
