// Made of check.json by `npm run words -- --make`: change the words there.
import { select } from '@messageformat/runtime';

export const CameBack = {
	itWentOut: (): string => "Delivered",
	itCameBack: (): string => "It was sent back",
	whyItCameBack: (): string => "Why it was sent back",
	itCountsAsHandedOver: (): string => "It no longer counts as delivered and is checked again."
};

export const CheckForm = {
	checkIt: (): string => "Check the mat",
	keepTheCheck: (): string => "Save check",
	goOverItWithA: (): string => "Go over it with a finger, spot by spot. Tap where the finger goes through. For anything else, choose what it is first.",
	aTapMarks: (): string => "A tap marks",
	aFingertipGoesThrough: (): string => "a fingertip goes through",
	length: (): string => "Length",
	width: (): string => "Width",
	itWeighsDry: (): string => "Dry weight",
	someMinutes: (d: { readonly minutes: string | number }): string => ", about " + d.minutes + " minutes",
	ofItsPlans: (d: { readonly density: string | number; readonly round: string | number }): string => '' + d.density + ", " + d.round + " % of its plan",
	theCallIsAnother: (): string => "I disagree",
	whatYouMakeOfIt: (): string => "Your decision",
	asTheFiguresSay: (): string => "as the figures say",
	whyInAWord: (): string => "Why"
};

export const CheckList = {
	someMinutes: (d: { readonly minutes: string | number; readonly whoOf: string | number }): string => "about " + d.minutes + " minutes, " + d.whoOf,
	since: (d: { readonly shortDay: string | number }): string => "since " + d.shortDay,
	byHandsThatKnowThe: (): string => "someone who knows the technique",
	byAnyone: (): string => "anyone can do it"
};

export const CheckMap = {
	placeAlongAcross: (d: { readonly place: string | number; readonly floor: string | number; readonly wordsOf: string | number }): string => "Spot " + d.place + " along, " + d.floor + " across: " + d.wordsOf,
	aFingertipGoesThrough: (): string => "a fingertip goes through",
	nothingFound: (): string => "nothing found"
};

export const FaultTallyLine = {
	comesWith: (d: { readonly share: string | number; readonly stepWords: string | number }): string => ": " + d.share + ", comes with " + d.stepWords,
	whereItComes: (): string => "Where it happens",
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
	soTheLabelsOfIts: (d: { readonly words: string | number }): string => "So say the labels of its balls. " + d.words + " Did every ball it got have a label, and is none left over? Until you answer, it is not used for our own measures.",
	whetherTeaches: (d: { readonly code: string | number }): string => "whether " + d.code + " teaches",
	itIsSoLetIt: (): string => "Yes, use it",
	itTeachesNow: (): string => "It is used now.",
	leaveItOut: (): string => "Leave it out",
	itIsLeftOutOf: (): string => "It is not used for the measures."
};

export const Remedy = {
	aFingertipGoesThroughEight: (): string => "Gap. 8 minutes each, anyone can do it",
	minutesEachIswhoSelectYes: (d: { readonly name: string | number; readonly minutes: string | number; readonly isWho: 'yes' | 'no' }): string => '' + d.name + ". " + d.minutes + " minutes each, " + select(d.isWho, { yes: "someone who knows the technique", other: "anyone can do it" }),
	drawn: (d: { readonly step: string | number }): string => "Drawn: " + d.step,
	soThatItDoesNot: (): string => "To avoid it next time:"
};

export const UnwoundForm = {
	itIsTakenApart: (): string => "Taken apart",
	backToTheStore: (): string => "Save to store",
	byTheBookOfFilm: (d: { readonly mass: string | number }): string => "It should hold " + d.mass + " of plastic. Wind back the good yarn and weigh it. The rest is scrap.",
	goodStrandWeighed: (): string => "Good yarn, weighed",
	keepScrapBaggedAwayFrom: (): string => "Keep scrap bagged, away from small children.",
	itIsTakenApartBy: (): string => "Taken apart. By the records nothing is in it: its yarn is back in store, or no ball was given for it by label. Count what there is at the table."
};

export const CheckPage = {
	noMatWaitsToBe: (): string => "No mats to check",
	oneMatToCheckOr: (): string => "One mat to check or mend",
	matsToCheckOrMend: (d: { readonly length: string | number }): string => '' + d.length + " mats to check or mend",
	aSheetToCheckThem: (): string => "Check sheet to print",
	aMatComesHereOnce: (): string => "A mat comes here when it is finished, under",
	make: (): string => "Make",
	whatIsWrongWithThis: (): string => "What is wrong with this mat?",
	fromWhatOneSeesTo: (): string => "From what you see to what to do.",
	goodAtOnce: (): string => "Good at first check",
	noMatWasCheckedYet: (): string => "No mat was checked yet.",
	of100MatsToIsthin: (d: { readonly percent: string | number; readonly percent2: string | number; readonly percent3: string | number; readonly isThin: 'yes' | 'no' }): string => "About " + d.percent + " of 100 mats (" + d.percent2 + "–" + d.percent3 + ")" + select(d.isThin, { yes: ". Only a few were checked so far", other: "" }) + ".",
	whatToShowAgain: (): string => "What to show again",
	byFirstChecksOfLate: (): string => "From recent first checks. Nobody is named: a step is shown again to everyone."
};

export const CheckCodePage = {
	check: (d: { readonly code: string | number }): string => '' + d.code + " · Check",
	allMatsToCheck: (): string => "All mats to check",
	itsOwnPage: (): string => "About this mat",
	howItIsMended: (): string => "How to mend it",
	itIsMended: (): string => "Mended",
	mended: (d: { readonly code: string | number }): string => '' + d.code + " mended",
	mendedCheckItAgain: (): string => "Mended: check it again.",
	itsChecks: (): string => "Its checks",
	somebodyHadCheckedItJust: (): string => "Someone checked it just before. Both checks are saved; the later one counts.",
	by: (d: { readonly moment: string | number; readonly length: string | number; readonly length2: string | number }): string => '' + d.moment + ", " + d.length + " by " + d.length2,
	thisCheck: (): string => "this check"
};

export const checks = {
	noMatOfThisGroup: (): string => "No mat of this group has that label.",
	isOnNoMatBut: (d: { readonly code: string | number; readonly sort: string | number }): string => '' + d.code + " is not on a mat, but on a " + d.sort + ".",
	wasTakenBackItIs: (d: { readonly code: string | number }): string => '' + d.code + " was undone: it is not a mat any more.",
	isBeingMadeStillFinish: (d: { readonly code: string | number }): string => '' + d.code + " is still being made. Finish it first.",
	isNotWaitingForThat: (d: { readonly code: string | number }): string => '' + d.code + " is not waiting for that any more. Look at its state.",
	nothingIsAskedOfThat: (): string => "Nothing is open for that mat, or it was already answered.",
	thePlanOfCannotBe: (d: { readonly mat: string | number }): string => "The plan of " + d.mat + " no longer works, so nothing says how the mat should be.",
	oneOfTheFaultsIs: (): string => "Such a mat cannot have one of these faults."
};

export const takenApart = {
	noMatOfThisGroup: (): string => "No mat of this group has that label.",
	wasNotFoundOneTo: (d: { readonly mat: string | number }): string => '' + d.mat + " was not marked to take apart.",
	byTheBookNothingLies: (d: { readonly mat: string | number }): string => "By the records nothing is in " + d.mat + ": its yarn is back in store, or no ball was given for it by label. Count what there is at the table.",
	byTheBookGOf: (d: { readonly round: string | number }): string => "By the records it holds " + d.round + " g of plastic. Was the basket weighed too?"
};

export const checkWords = {
	stripTornAtAJoint: (): string => "strip torn at a joint",
	cutBackToSoundFilm: (): string => "Cut back to sound plastic on both sides.",
	tieTheEndsWithAn: (): string => "Tie the ends with an overhand knot.",
	pullFromTheKnotNot: (): string => "Pull from the knot, not from the far end, and lay the tails under.",
	ringUnevenOneSideBowed: (): string => "loop uneven, one side bowed",
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
	matNarrows: (): string => "mat gets narrower",
	countTheStitchesOfThe: (): string => "Count the stitches of the last row and compare with the plan.",
	addTheMissingOnesAt: (): string => "Add the missing ones at the end of the next rows, one a row;",
	matWaves: (): string => "mat is wavy",
	takeTheRowBack: (): string => "Take the row out.",
	workFewerStitchesOrWith: (): string => "Work fewer stitches, or with a bigger hook.",
	matCups: (): string => "mat curls up",
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
	beforeItComesOffDraw: (): string => "Before it comes off, draw yarn through with a hook, row by row.",
	firstOrLastRowNot: (): string => "first or last row not under the nails’ loops",
	threadTheRowUnderEach: (): string => "Thread the row under each loop with a hook.",
	backStitchTwice: (): string => "Back-stitch twice.",
	rodPoppedOff: (): string => "rod came off",
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
	takeItApartForStrand: (): string => "take it apart for yarn",
	anotherUse: (): string => "another use",
	toCheck: (): string => "to check",
	mendedCheckItAgain: (): string => "mended: check it again",
	toMend: (): string => "to mend",
	forAnotherUse: (): string => "for another use",
	takenApart: (): string => "taken apart",
	onItsWay: (): string => "delivered",
	shorterThanItsPlan: (d: { readonly percent: string | number }): string => '' + d.percent + " shorter than its plan",
	longerThanItsPlan: (d: { readonly percent: string | number }): string => '' + d.percent + " longer than its plan",
	narrowerThanItsPlan: (d: { readonly percent: string | number }): string => '' + d.percent + " narrower than its plan",
	widerThanItsPlan: (d: { readonly percent: string | number }): string => '' + d.percent + " wider than its plan",
	thinOfItsPlansGrams: (d: { readonly percent: string | number }): string => "thin: " + d.percent + " of its plan’s weight",
	aFingertipGoesThroughAt: (d: { readonly places: string | number }): string => "a fingertip goes through at " + d.places + " of 15 spots",
	findHowFarItIs: (): string => "Find how far it is loose.",
	darnItWithAStrand: (): string => "Darn it with yarn and a hook, through the stitches around it.",
	pushTheRowsTogetherThere: (): string => "Push the rows together there, and add rows.",
	pushTheRowsTogetherThere2: (): string => "Push the rows together there, and add a row.",
	drawTheBandsEdgesTogether: (): string => "Draw the band’s edges together with yarn, in and out."
};

export const menders = {
	andNobodyWhoComesKnows: (): string => "and nobody who comes knows the technique yet",
	byAnyone: (): string => "anyone can do it",
	atTheSeatOf: (d: { readonly names: string | number }): string => "at the seat of " + d.names,
	maySeatThemAtFinishing: (d: { readonly names: string | number }): string => '' + d.names + " can do it: give them a finishing seat",
	someMinutes: (d: { readonly minutes: string | number; readonly part: string | number }): string => "about " + d.minutes + " minutes, " + d.part
};

export const CheckCodeActs = {
	noFinishedMatHasThat: (): string => "No finished mat has that label."
};

export const CheckSheetPdfDoor = {
	noMatWaitsToBe: (): string => "No mats to check.",
	matsToCheck: (): string => "Mats to check"
};
