// Made of making.json by `npm run words -- --make`: change the words there.
import { plural, select } from '@messageformat/runtime';
import { en } from './number';

export const BeginForm = {
	beginAMat: (): string => "Begin a mat",
	beginIt: (): string => "Begin it",
	byWhichPlan: (): string => "By which plan",
	whoMakesIt: (): string => "Who makes it",
	atTheTable: (): string => "at the table",
	itsLabelIfItHas: (): string => "Its label, if it has one"
};

export const LoomEnds = {
	whichEnd: (): string => "Which end",
	endRows: (d: { readonly end: string | number; readonly made: string | number }): string => '' + d.end + " end, " + d.made + " rows",
	theFirstPassOfThe: (d: { readonly side: string | number; readonly first: string | number }): string => "The first pass of the " + d.side + " end went " + d.first + " the strand at the weaver’s own left.",
	noItWentIsfirstSelect: (d: { readonly isFirst: 'yes' | 'no' }): string => "No, it went " + select(d.isFirst, { yes: "under", other: "over" }),
	rowsStillFitBetweenThe: (d: { readonly left: string | number }): string => '' + d.left + " rows still fit between the ends.",
	whereTheyMeetThePasses: (): string => "Where they meet, the passes are opposites.",
	whereTheyMeetTwoRows: (): string => "Where they meet, two rows would be alike: weave one row more, or one less, before closing.",
	twoRowsAreAlikeWhere: (): string => "Two rows are alike where they meet: take one out, or press them together for one more."
};

export const MakerLink = {
	aLinkForItsMaker: (): string => "A link for its maker",
	copyItNowOrLet: (): string => "Copy it now, or let the phone read it: it is shown this once, and kept nowhere.",
	theLinkAsASquare: (): string => "The link as a square code for a phone",
	whoeverHasItCountsThe: (d: { readonly days: string | number }): string => "Whoever has it counts the rows of this mat on a phone, with or without network, and sees nothing else. It opens for " + d.days + " days, or until you revoke it.",
	makeALink: (): string => "Make a link",
	used: (d: { readonly moment: string | number }): string => "used " + d.moment,
	notUsedYet: (): string => "not used yet",
	made: (d: { readonly yearDay: string | number; readonly part: string | number }): string => "made " + d.yearDay + ", " + d.part,
	revoke: (): string => "Revoke",
	theLinkMade: (d: { readonly yearDay: string | number }): string => "the link made " + d.yearDay
};

export const MatSays = {
	measureIt: (): string => "Measure it",
	keepIt: (): string => "Keep it",
	whatItSays: (): string => "What it says",
	it: (d: { readonly course: string | number }): string => "It " + d.course + ".",
	theLastStitchOfA: (d: { readonly rows: string | number; readonly sinceRow: string | number }): string => "The last stitch of a row is missed easily: show it, add one at the end of each of the next " + d.rows + ", or go back to row " + d.sinceRow + ".",
	oneStitchTooManyAt: (): string => "One stitch too many at a row’s end, or a hook too big.",
	asPlanned: (): string => "as planned",
	isdriftSelectYesOtherThan: (d: { readonly abs: string | number; readonly isDrift: 'yes' | 'no' }): string => '' + d.abs + " % " + select(d.isDrift, { yes: "higher", other: "lower" }) + " than planned",
	atRowItIsIts: (d: { readonly row: string | number; readonly length: string | number; readonly rowMm: string | number; readonly part: string | number; readonly length2: string | number }): string => "At row " + d.row + " it is " + d.length + ": its rows are " + d.rowMm + " mm high, " + d.part + ". As it goes it reaches " + d.length2 + ".",
	itTakesIsmorerowsSelectYes: (d: { readonly rows: string | number; readonly isMoreRows: 'yes' | 'no'; readonly abs: string | number; readonly abs2: string | number }): string => "It takes " + d.rows + " " + select(d.isMoreRows, { yes: "more", other: "fewer" }) + " to be as long as its plan: " + d.abs + " m of strand, " + d.abs2 + " bags",
	andAboutDaysmore2PluralOne: (d: { readonly daysMore: string | number; readonly daysMore2: number }): string => ", and about " + d.daysMore + " " + plural(d.daysMore2, 0, en, { one: "day", other: "days" }),
	more: (): string => "more",
	less: (): string => "less",
	makeItRows: (d: { readonly rows: string | number }): string => "Make it " + d.rows + " rows",
	atRow: (): string => "At row",
	lengthSoFar: (): string => "Length so far",
	widthThere: (): string => "Width there",
	howGoesOn: (d: { readonly code: string | number }): string => "how " + d.code + " goes on",
	itGoesOnSo: (): string => "It goes on so."
};

export const MatStrip = {
	theMatAsFarAs: (d: { readonly matFar: string | number }): string => "The mat as far as it is made: " + d.matFar
};

export const NeedAct = {
	writeTo: (d: { readonly name: string | number }): string => "Write to " + d.name,
	aWordOn: (d: { readonly code: string | number }): string => "a word on " + d.code,
	writtenItLiesInThe: (): string => "Written: it lies in the outbox.",
	itIsFinished: (): string => "It is finished",
	finished: (d: { readonly code: string | number }): string => '' + d.code + " finished",
	finishedItWaitsUnderCheck: (): string => "Finished: it waits under Check."
};

export const NotesOnMat = {
	notes: (): string => "Notes",
	keepTheNote: (): string => "Keep the note",
	byItsMaker: (): string => ", by its maker",
	aWordOnIt: (): string => "A word on it"
};

export const RowCounter = {
	rows: (): string => "Rows",
	ofRowsOfNextIts: (d: { readonly total: string | number; readonly part: string | number; readonly part2: string | number; readonly parts: string | number; readonly row: string | number; readonly each: string | number }): string => "of " + d.total + " rows · " + d.part + " " + d.part2 + " of " + d.parts + ", next its row " + d.row + " of " + d.each,
	ofRows: (d: { readonly total: string | number }): string => "of " + d.total + " rows",
	rowDone: (): string => "Row done",
	allRowsOfThePlan: (): string => "All rows of the plan are made.",
	nextToRow: (d: { readonly colour: string | number; readonly last: string | number }): string => "Next: " + d.colour + ", to row " + d.last + ".",
	atEveryReturnItLinks: (d: { readonly part: string | number }): string => "At every return it links into the edge of band " + d.part + ".",
	theFirstBandClipIts: (): string => "The first band: clip its end, and make it as long as the sleeper.",
	atItsEndTheStrands: (): string => "At its end the strands are braided and turned: six crossings bring them home.",
	thisRowPassesUnderEach: (): string => "This row passes under each nail’s loop.",
	stitchesARow: (d: { readonly count: string | number }): string => '' + d.count + " stitches a row.",
	theBallEndsInRow: (d: { readonly code: string | number; readonly row: string | number }): string => "The ball " + d.code + " ends in row " + d.row + ".",
	theNextPassBegins: (d: { readonly nextPass: string | number }): string => "The next pass begins " + d.nextPass + ".",
	readyAbout: (d: { readonly day: string | number; readonly between: string | number }): string => "Ready about " + d.day + " (" + d.between + ").",
	oneBack: (): string => "One back",
	toRow: (): string => "To row",
	saySo: (): string => "Say so",
	noRowIsMadeHere: (): string => "No row is made here yet: there is none to take back.",
	row: (d: { readonly made: string | number }): string => "row " + d.made,
	oneBackToRow: (d: { readonly made: string | number }): string => "one back, to row " + d.made,
	thisIsANumberOf: (): string => "This is a number of rows, like 88.",
	itsPlanHasRowsIs: (d: { readonly total: string | number; readonly typed: string | number }): string => "Its plan has " + d.total + " rows: " + d.typed + " is far beyond them.",
	toRow2: (d: { readonly typed: string | number }): string => "to row " + d.typed,
	theFirstPassOfThe: (d: { readonly end: string | number; readonly pass: string | number }): string => "the first pass of the " + d.end + " end went " + d.pass
};

export const StrandInHand = {
	strandInHand: (): string => "Strand in hand",
	noBallWasGivenFor: (): string => "No ball was given for it by its label yet.",
	inHandStillToGo: (d: { readonly colour: string | number; readonly metres: string | number; readonly metres2: string | number }): string => '' + d.colour + ": " + d.metres + " in hand, " + d.metres2 + " still to go",
	wantedInRow: (d: { readonly row: string | number }): string => "wanted in row " + d.row,
	itEndsInRow: (d: { readonly row: string | number }): string => "it ends in row " + d.row,
	soThatItsStripesCome: (): string => "So that its stripes come out, of what lies there:",
	ofWhatLiesThere: (): string => "Of what lies there:",
	thatOne: (): string => "that one",
	these: (d: { readonly length: string | number }): string => "these " + d.length,
	give: (d: { readonly part: string | number }): string => "Give " + d.part,
	noBallThatLiesThere: (): string => "No ball that lies there suits it.",
	giveItABall: (): string => "Give it a ball",
	giveIt: (): string => "Give it",
	theBallsLabel: (): string => "The ball’s label",
	givenFor: (d: { readonly code: string | number; readonly code2: string | number }): string => '' + d.code + " given for " + d.code2,
	theNetworkIsAway: (d: { readonly code: string | number }): string => '' + d.code + ": the network is away.",
	notGiven: (d: { readonly not: string | number }): string => "Not given: " + d.not,
	given: (): string => "Given."
};

export const WaysOut = {
	waysOut: (d: { readonly lacksSoon: string | number }): string => '' + d.lacksSoon + ": ways out",
	chooseTheBall: (): string => "Choose the ball",
	goOnSo: (): string => "Go on so",
	moreOf: (d: { readonly count: string | number; readonly colour: string | number }): string => '' + d.count + " more of " + d.colour,
	send: (d: { readonly balls: string | number }): string => "Send " + d.balls,
	mirrorItFromRow: (d: { readonly row: string | number }): string => "Mirror it from row " + d.row,
	spreadWhatIsLeftNarrower: (): string => "Spread what is left: narrower stripes",
	changeTheOrderOfThe: (): string => "Change the order of the colours",
	howGoesOn: (d: { readonly code: string | number }): string => "how " + d.code + " goes on",
	itGoesOnSo: (): string => "It goes on so."
};

export const WeighBall = {
	weighWhatIsLeft: (): string => "Weigh what is left",
	keepIt: (): string => "Keep it",
	whichColour: (): string => "Which colour",
	itWeighs: (): string => "It weighs",
	takeIt: (): string => "Take it",
	readItFromAScale: (): string => "Read it from a scale",
	atStitchOf: (d: { readonly stitch: string | number; readonly count: string | number }): string => ", at stitch " + d.stitch + " of " + d.count,
	leftToIfItIs: (d: { readonly metres: string | number; readonly metres2: string | number; readonly metres3: string | number; readonly row: string | number; readonly part: string | number }): string => '' + d.metres + " left (" + d.metres2 + " to " + d.metres3 + "): if it is worked next, it ends in row " + d.row + d.part + "."
};

export const MakePage = {
	noMatIsInHand: (): string => "No mat is in hand",
	oneMatInHand: (): string => "One mat in hand",
	matsInHand: (d: { readonly length: string | number }): string => '' + d.length + " mats in hand",
	whatNeedsYouFirst: (): string => "what needs you first",
	beginOneByAPlan: (): string => "Begin one by a plan: it has a label, somebody who makes it, and its rows are counted.",
	planAMat: (): string => "Plan a mat",
	firstAMatIsBegun: (): string => "first: a mat is begun by a plan."
};

export const MakeCodePage = {
	allMatsInHand: (): string => "All mats in hand",
	lastRow: (d: { readonly yearDay: string | number }): string => " · last row " + d.yearDay,
	versionBegun: (d: { readonly planName: string | number; readonly planVersion: string | number; readonly yearDay: string | number; readonly part: string | number }): string => '' + d.planName + ", version " + d.planVersion + " · begun " + d.yearDay + d.part,
	ofStrandsAreLaidIsstrands: (d: { readonly strands: string | number; readonly warpStrands: string | number; readonly isStrands: 'yes' | 'no' }): string => '' + d.strands + " of " + d.warpStrands + " strands are laid" + select(d.isStrands, { yes: ": lay the others before the first row", other: "" }) + ". No knot lies at a peg: keep each 75 mm from the ends.",
	writtenTo: (d: { readonly yearDay: string | number }): string => "Written to " + d.yearDay + ":",
	theOutbox: (): string => "the outbox",
	itsRowSheetOnPaper: (): string => "Its row sheet on paper",
	fromRowOnWhatWas: (d: { readonly near: string | number }): string => "From row " + d.near + " on. What was ticked on it is typed above: to row 88.",
	whatIsWrongWithIt: (): string => "What is wrong with it?",
	passItOn: (): string => "Pass it on",
	whoHasItFromNow: (): string => "Who has it from now on",
	atTheTable: (): string => "at the table",
	itsRowsAndItsHistory: (): string => "Its rows and its history go with it."
};

export const MakeOutboxPage = {
	allMatsInHand: (): string => "All mats in hand",
	outbox: (): string => "Outbox",
	aStandInForMessages: (): string => "A stand-in for messages: they lie here to be read and said on by word of mouth. Nothing leaves this machine.",
	nobodyWasWrittenToYet: (): string => "Nobody was written to yet.",
	somebodyWhoIsForgotten: (): string => "somebody who is forgotten",
	of: (): string => "of",
	on: (d: { readonly weekday: string | number }): string => "on " + d.weekday,
	whatTheWeekBrings: (): string => "what the week brings"
};

export const begin = {
	thatPersonIsNotIn: (): string => "That person is not in the list any more.",
	thatPlanIsNotIn: (): string => "That plan is not in the list any more.",
	thisGroupHasUsedAll: (): string => "This group has used all the codes there are."
};

export const course = {
	isOnNoLoom: (d: { readonly mat: string | number }): string => '' + d.mat + " is on no loom.",
	hasRowsInItsS: (d: { readonly mat: string | number; readonly total: string | number; readonly part: string | number }): string => '' + d.mat + " has " + d.total + " rows in its " + d.part + "s: as many as that.",
	hasRowsIsFarBeyond: (d: { readonly mat: string | number; readonly total: string | number; readonly total2: string | number }): string => '' + d.mat + " has " + d.total + " rows: " + d.total2 + " is far beyond them.",
	rowsAreMadeAlreadyThey: (d: { readonly near: string | number }): string => '' + d.near + " rows are made already: they stay."
};

export const issue = {
	noBallOfThisGroup: (): string => "No ball of this group has that label.",
	isOnNoBallBut: (d: { readonly ball: string | number; readonly sort: string | number }): string => '' + d.ball + " is on no ball, but on a " + d.sort + ".",
	doesNotLieThereAny: (d: { readonly ball: string | number }): string => '' + d.ball + " does not lie there any more.",
	theStoreHasNoSuch: (): string => "The store has no such ball by the book. Count the balls again."
};

export const matInHand = {
	noMatOfThisGroup: (): string => "No mat of this group has that label.",
	isOnNoMatBut: (d: { readonly code: string | number; readonly sort: string | number }): string => '' + d.code + " is on no mat, but on a " + d.sort + ".",
	wasTakenBackItIs: (d: { readonly code: string | number }): string => '' + d.code + " was taken back: it is no mat any more.",
	isNotBeingMadeAny: (d: { readonly code: string | number }): string => '' + d.code + " is not being made any more."
};

export const matMade = {
	thePlanOfIsNot: (d: { readonly code: string | number }): string => "The plan of " + d.code + " is not there any more."
};

export const measured = {
	rowsAreMadeCountThem: (d: { readonly made: string | number }): string => '' + d.made + " rows are made: count them first.",
	itWasLongerThanThat: (): string => "It was longer than that some rows ago. Measure again.",
	noWasGivenForIt: (d: { readonly colour: string | number }): string => "No " + d.colour + " was given for it by a label: its weight says nothing.",
	thatIsMoreThanWas: (): string => "That is more than was given for it. Was the basket weighed with it?"
};

export const messages = {
	liesAtTheTableThere: (d: { readonly mat: string | number }): string => '' + d.mat + " lies at the table: there is nobody to write to.",
	theyWereWrittenToAbout: (): string => "They were written to about it within the week already.",
	howIsTheMatComing: (d: { readonly mat: string | number }): string => "How is the mat " + d.mat + " coming along? There is no hurry. If a ball is wanting, or it would rather be somewhere else for a while, say so and somebody comes by."
};

export const rows = {
	itsPlanHasRowsIs: (d: { readonly total: string | number; readonly to: string | number }): string => "Its plan has " + d.total + " rows: " + d.to + " is far beyond them.",
	rowsMoreWithStrandFor: (d: { readonly more: string | number; readonly lasts: string | number }): string => '' + d.more + " rows more, with strand for " + d.lasts
};

export const matWords = {
	ofRowsFromBothEnds: (d: { readonly count: string | number; readonly total: string | number }): string => '' + d.count + " of " + d.total + " rows, from both ends",
	rowOf: (d: { readonly count: string | number; readonly total: string | number }): string => "row " + d.count + " of " + d.total,
	n1Of: (d: { readonly part: string | number; readonly parts: string | number }): string => '' + d.part + " 1 of " + d.parts,
	ofRowOf: (d: { readonly part: string | number; readonly part2: string | number; readonly parts: string | number; readonly row: string | number; readonly each: string | number }): string => '' + d.part + " " + d.part2 + " of " + d.parts + ", row " + d.row + " of " + d.each,
	atTheTable: (): string => "at the table",
	beyondTwoYears: (): string => "beyond two years",
	laterThanTwoYears: (): string => "later than two years",
	keepsItsWidth: (): string => "keeps its width",
	isverdictSelectYesOtherSince: (d: { readonly verdict: string | number; readonly count: string | number; readonly isVerdict: 'yes' | 'no'; readonly sinceRow: string | number }): string => '' + d.verdict + ": " + d.count + " " + select(d.isVerdict, { yes: "lost", other: "added" }) + " since row " + d.sinceRow,
	endsInRow: (d: { readonly colour: string | number; readonly row: string | number }): string => '' + d.colour + " ends in row " + d.row,
	needsABall: (): string => "needs a ball",
	standsStillForWeeksAsk: (d: { readonly floor: string | number }): string => "stands still for " + d.floor + " weeks: ask how it goes",
	noRowYet: (): string => "no row yet",
	bothEndsWillMeetAs: (): string => "both ends · will meet as opposites",
	bothEndsOneRowMore: (): string => "both ends · one row more or less before they meet",
	passItOn: (): string => "Pass it on",
	sendABall: (): string => "Send a ball",
	showTheRowEnd: (): string => "Show the row end",
	showTheLastStitch: (): string => "Show the last stitch"
};

export const readyFile = {
	thisIsTheShareOf: (): string => "This is the share of the mat that is made: 0 to 1.",
	thisIsAShareOf: (): string => "This is a share of a mat in a week: 0 to 20.",
	thisIsASeedA: (): string => "This is a seed: a whole number from 0 to 4,294,967,295.",
	thisIsANumberOf: (): string => "This is a number of runs: whole, 1 to 20,000.",
	theseAreTheSharesOf: (): string => "These are the shares of past weeks: a list of up to 520 numbers.",
	thisIsADayLike: (): string => "This is a day, like 2026-11-26.",
	thisIsAMatToday: (): string => "This is a mat: today, done, weeks, seed, runs.",
	thisIsAListOf: (): string => "This is a list of mats.",
	theseAreMoreMatsThan: (): string => "These are more mats than are asked for at once: 1,000 at most."
};

export const rowInputs = {
	buttonASummaryTypeRadio: (): string => ", button, a, summary, [type=radio]"
};

export const MakeCodeActs = {
	noMatInHandHas: (): string => "No mat in hand has that label.",
	thisCouldNotBeRead: (): string => "This could not be read. Please try again.",
	noLinkWasMadeThis: (): string => "No link was made: this page made its link already. Look at the links below.",
	thatLinkOpensNothingAny: (): string => "That link opens nothing any more."
};

export const MakeCodeRowsPdfDoor = {
	noMatInHandHas: (): string => "No mat in hand has that label.",
	theMatRowByRow: (d: { readonly code: string | number }): string => "The mat " + d.code + " row by row"
};
