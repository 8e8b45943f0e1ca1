// Made of making.json by `npm run words -- --make`: change the words there.
import { plural, select } from '@messageformat/runtime';
import { en } from './number';

export const BeginForm = {
	beginAMat: (): string => "Start a mat",
	beginIt: (): string => "Start",
	byWhichPlan: (): string => "Plan",
	whoMakesIt: (): string => "Maker",
	atTheTable: (): string => "at the table",
	itsLabelIfItHas: (): string => "Label (optional)"
};

export const LoomEnds = {
	whichEnd: (): string => "Which end",
	endRows: (d: { readonly end: string | number; readonly made: string | number }): string => '' + d.end + " end, " + d.made + " rows",
	theFirstPassOfThe: (d: { readonly side: string | number; readonly first: string | number }): string => "The first pass of the " + d.side + " end went " + d.first + " the strand at the weaver’s left.",
	noItWentIsfirstSelect: (d: { readonly isFirst: 'yes' | 'no' }): string => "No, it went " + select(d.isFirst, { yes: "under", other: "over" }),
	rowsStillFitBetweenThe: (d: { readonly left: string | number }): string => '' + d.left + " rows still fit between the ends.",
	whereTheyMeetThePasses: (): string => "Where they meet, the passes are opposites.",
	whereTheyMeetTwoRows: (): string => "Where they meet, two rows would be alike. Weave one row more or one less before closing.",
	twoRowsAreAlikeWhere: (): string => "Two rows are alike where they meet. Take one out, or press them together for one more."
};

export const MakerLink = {
	aLinkForItsMaker: (): string => "Link for its maker",
	copyItNowOrLet: (): string => "Copy it now, or let the phone scan it. It is shown only once.",
	theLinkAsASquare: (): string => "QR code of the link",
	whoeverHasItCountsThe: (d: { readonly days: string | number }): string => "With it the maker counts rows on a phone, with or without network, and sees nothing else. It works for " + d.days + " days, or until you revoke it.",
	makeALink: (): string => "Create link",
	used: (d: { readonly moment: string | number }): string => "used " + d.moment,
	notUsedYet: (): string => "not used yet",
	made: (d: { readonly yearDay: string | number; readonly part: string | number }): string => "made " + d.yearDay + ", " + d.part,
	revoke: (): string => "Revoke",
	theLinkMade: (d: { readonly yearDay: string | number }): string => "the link of " + d.yearDay
};

export const MatSays = {
	measureIt: (): string => "Measure it",
	keepIt: (): string => "Save",
	whatItSays: (): string => "Result",
	it: (d: { readonly course: string | number }): string => "It " + d.course + ".",
	theLastStitchOfA: (d: { readonly rows: string | number; readonly sinceRow: string | number }): string => "The last stitch of a row is easily missed. Show it, add one at the end of each of the next " + d.rows + ", or go back to row " + d.sinceRow + ".",
	oneStitchTooManyAt: (): string => "One stitch too many at the end of a row, or a hook too big.",
	asPlanned: (): string => "as planned",
	isdriftSelectYesOtherThan: (d: { readonly abs: string | number; readonly isDrift: 'yes' | 'no' }): string => '' + d.abs + " % " + select(d.isDrift, { yes: "higher", other: "lower" }) + " than planned",
	atRowItIsIts: (d: { readonly row: string | number; readonly length: string | number; readonly rowMm: string | number; readonly part: string | number; readonly length2: string | number }): string => "At row " + d.row + " it is " + d.length + ": rows are " + d.rowMm + " mm high, " + d.part + ". It will be " + d.length2 + " long.",
	itTakesIsmorerowsSelectYes: (d: { readonly rows: string | number; readonly isMoreRows: 'yes' | 'no'; readonly abs: string | number; readonly abs2: string | number }): string => "It needs " + d.rows + " " + select(d.isMoreRows, { yes: "more", other: "fewer" }) + " to be as long as planned: " + d.abs + " m of yarn, " + d.abs2 + " bags",
	andAboutDaysmore2PluralOne: (d: { readonly daysMore: string | number; readonly daysMore2: number }): string => ", and about " + d.daysMore + " " + plural(d.daysMore2, 0, en, { one: "day", other: "days" }),
	more: (): string => "more",
	less: (): string => "less",
	makeItRows: (d: { readonly rows: string | number }): string => "Make it " + d.rows + " rows",
	atRow: (): string => "At row",
	lengthSoFar: (): string => "Length so far",
	widthThere: (): string => "Width there",
	howGoesOn: (d: { readonly code: string | number }): string => "how " + d.code + " goes on",
	itGoesOnSo: (): string => "Saved."
};

export const MatStrip = {
	theMatAsFarAs: (d: { readonly matFar: string | number }): string => "The mat so far: " + d.matFar
};

export const NeedAct = {
	writeTo: (d: { readonly name: string | number }): string => "Write to " + d.name,
	aWordOn: (d: { readonly code: string | number }): string => "a message about " + d.code,
	writtenItLiesInThe: (): string => "Written. It is in the outbox.",
	itIsFinished: (): string => "Finished",
	finished: (d: { readonly code: string | number }): string => '' + d.code + " finished",
	finishedItWaitsUnderCheck: (): string => "Finished. It is under Check now."
};

export const NotesOnMat = {
	notes: (): string => "Notes",
	keepTheNote: (): string => "Save note",
	byItsMaker: (): string => ", by its maker",
	aWordOnIt: (): string => "Note"
};

export const RowCounter = {
	rows: (): string => "Rows",
	ofRowsOfNextIts: (d: { readonly total: string | number; readonly part: string | number; readonly part2: string | number; readonly parts: string | number; readonly row: string | number; readonly each: string | number }): string => "of " + d.total + " rows · " + d.part + " " + d.part2 + " of " + d.parts + ", next its row " + d.row + " of " + d.each,
	ofRows: (d: { readonly total: string | number }): string => "of " + d.total + " rows",
	rowDone: (): string => "Row done",
	allRowsOfThePlan: (): string => "All rows of the plan are made.",
	nextToRow: (d: { readonly colour: string | number; readonly last: string | number }): string => "Next: " + d.colour + ", to row " + d.last + ".",
	atEveryReturnItLinks: (d: { readonly part: string | number }): string => "At every turn, link it into the edge of band " + d.part + ".",
	theFirstBandClipIts: (): string => "The first band: clip its end. Make it as long as the sleeper.",
	atItsEndTheStrands: (): string => "At the end, braid the strands and turn: six crossings.",
	thisRowPassesUnderEach: (): string => "This row passes under the loop of each nail.",
	stitchesARow: (d: { readonly count: string | number }): string => '' + d.count + " stitches a row.",
	theBallEndsInRow: (d: { readonly code: string | number; readonly row: string | number }): string => "The ball " + d.code + " ends in row " + d.row + ".",
	theNextPassBegins: (d: { readonly nextPass: string | number }): string => "The next pass starts " + d.nextPass + ".",
	readyAbout: (d: { readonly day: string | number; readonly between: string | number }): string => "Ready about " + d.day + " (" + d.between + ").",
	oneBack: (): string => "One back",
	toRow: (): string => "To row",
	saySo: (): string => "Save",
	noRowIsMadeHere: (): string => "No row is made here yet.",
	row: (d: { readonly made: string | number }): string => "row " + d.made,
	oneBackToRow: (d: { readonly made: string | number }): string => "one back, to row " + d.made,
	thisIsANumberOf: (): string => "Type a number of rows, like 88.",
	itsPlanHasRowsIs: (d: { readonly total: string | number; readonly typed: string | number }): string => "Its plan has " + d.total + " rows; " + d.typed + " is too many.",
	toRow2: (d: { readonly typed: string | number }): string => "to row " + d.typed,
	theFirstPassOfThe: (d: { readonly end: string | number; readonly pass: string | number }): string => "the first pass of the " + d.end + " end went " + d.pass
};

export const StrandInHand = {
	strandInHand: (): string => "Yarn at hand",
	noBallWasGivenFor: (): string => "No ball was given for it by label yet.",
	inHandStillToGo: (d: { readonly colour: string | number; readonly metres: string | number; readonly metres2: string | number }): string => '' + d.colour + ": " + d.metres + " at hand, " + d.metres2 + " still needed",
	wantedInRow: (d: { readonly row: string | number }): string => "needed in row " + d.row,
	itEndsInRow: (d: { readonly row: string | number }): string => "it ends in row " + d.row,
	soThatItsStripesCome: (): string => "Ready balls that keep its stripes:",
	ofWhatLiesThere: (): string => "Ready balls:",
	thatOne: (): string => "that one",
	these: (d: { readonly length: string | number }): string => "these " + d.length,
	give: (d: { readonly part: string | number }): string => "Give " + d.part,
	noBallThatLiesThere: (): string => "No ready ball suits it.",
	giveItABall: (): string => "Give it a ball",
	giveIt: (): string => "Give",
	theBallsLabel: (): string => "The ball’s label",
	givenFor: (d: { readonly code: string | number; readonly code2: string | number }): string => '' + d.code + " given for " + d.code2,
	theNetworkIsAway: (d: { readonly code: string | number }): string => '' + d.code + ": no network.",
	notGiven: (d: { readonly not: string | number }): string => "Not given: " + d.not,
	given: (): string => "Given."
};

export const WaysOut = {
	waysOut: (d: { readonly lacksSoon: string | number }): string => '' + d.lacksSoon + ": what you can do",
	chooseTheBall: (): string => "Choose the ball",
	goOnSo: (): string => "Carry on",
	moreOf: (d: { readonly count: string | number; readonly colour: string | number }): string => '' + d.count + " more of " + d.colour,
	send: (d: { readonly balls: string | number }): string => "Send " + d.balls,
	mirrorItFromRow: (d: { readonly row: string | number }): string => "Mirror it from row " + d.row,
	spreadWhatIsLeftNarrower: (): string => "Spread what is left: narrower stripes",
	changeTheOrderOfThe: (): string => "Change the order of the colours",
	howGoesOn: (d: { readonly code: string | number }): string => "how " + d.code + " goes on",
	itGoesOnSo: (): string => "Saved."
};

export const WeighBall = {
	weighWhatIsLeft: (): string => "Weigh what is left",
	keepIt: (): string => "Save",
	whichColour: (): string => "Which colour",
	itWeighs: (): string => "Weight",
	takeIt: (): string => "Use it",
	readItFromAScale: (): string => "Read from a scale",
	atStitchOf: (d: { readonly stitch: string | number; readonly count: string | number }): string => ", at stitch " + d.stitch + " of " + d.count,
	leftToIfItIs: (d: { readonly metres: string | number; readonly metres2: string | number; readonly metres3: string | number; readonly row: string | number; readonly part: string | number }): string => '' + d.metres + " left (" + d.metres2 + "–" + d.metres3 + "). Used next, it lasts to row " + d.row + d.part + "."
};

export const MakePage = {
	noMatIsInHand: (): string => "No mats being made",
	oneMatInHand: (): string => "One mat being made",
	matsInHand: (d: { readonly length: string | number }): string => '' + d.length + " mats being made",
	whatNeedsYouFirst: (): string => "what needs you first",
	beginOneByAPlan: (): string => "Start one from a plan. It gets a label and a maker, and its rows are counted.",
	planAMat: (): string => "Plan a mat",
	firstAMatIsBegun: (): string => "first: a mat starts from a plan."
};

export const MakeCodePage = {
	allMatsInHand: (): string => "All mats being made",
	lastRow: (d: { readonly yearDay: string | number }): string => " · last row " + d.yearDay,
	versionBegun: (d: { readonly planName: string | number; readonly planVersion: string | number; readonly yearDay: string | number; readonly part: string | number }): string => '' + d.planName + ", version " + d.planVersion + " · started " + d.yearDay + d.part,
	ofStrandsAreLaidIsstrands: (d: { readonly strands: string | number; readonly warpStrands: string | number; readonly isStrands: 'yes' | 'no' }): string => '' + d.strands + " of " + d.warpStrands + " strands are on the loom" + select(d.isStrands, { yes: ": add the others before the first row", other: "" }) + ". Keep each knot 75 mm from the pegs.",
	writtenTo: (d: { readonly yearDay: string | number }): string => "Message sent " + d.yearDay + ":",
	theOutbox: (): string => "the outbox",
	itsRowSheetOnPaper: (): string => "Row sheet to print",
	fromRowOnWhatWas: (d: { readonly near: string | number }): string => "From row " + d.near + " on. Type what was ticked on it above, like: to row 88.",
	whatIsWrongWithIt: (): string => "What is wrong with it?",
	passItOn: (): string => "Pass it on",
	whoHasItFromNow: (): string => "New maker",
	atTheTable: (): string => "at the table",
	itsRowsAndItsHistory: (): string => "Its rows and history go with it."
};

export const MakeOutboxPage = {
	allMatsInHand: (): string => "All mats being made",
	outbox: (): string => "Outbox",
	aStandInForMessages: (): string => "Messages wait here for you to pass on. Nothing leaves this machine.",
	nobodyWasWrittenToYet: (): string => "No messages yet.",
	somebodyWhoIsForgotten: (): string => "someone whose name was deleted",
	of: (): string => "of",
	on: (d: { readonly weekday: string | number }): string => "on " + d.weekday,
	whatTheWeekBrings: (): string => "the weekly note"
};

export const begin = {
	thatPersonIsNotIn: (): string => "That person is not in the list any more.",
	thatPlanIsNotIn: (): string => "That plan is not in the list any more.",
	thisGroupHasUsedAll: (): string => "This group has used all label codes."
};

export const course = {
	isOnNoLoom: (d: { readonly mat: string | number }): string => '' + d.mat + " is not on a loom.",
	hasRowsInItsS: (d: { readonly mat: string | number; readonly total: string | number; readonly part: string | number }): string => '' + d.mat + " has " + d.total + " rows in its " + d.part + "s, so give as many.",
	hasRowsIsFarBeyond: (d: { readonly mat: string | number; readonly total: string | number; readonly total2: string | number }): string => '' + d.mat + " has " + d.total + " rows; " + d.total2 + " is too many.",
	rowsAreMadeAlreadyThey: (d: { readonly near: string | number }): string => '' + d.near + " rows are already made and cannot change."
};

export const issue = {
	noBallOfThisGroup: (): string => "No ball of this group has that label.",
	isOnNoBallBut: (d: { readonly ball: string | number; readonly sort: string | number }): string => '' + d.ball + " is not on a ball, but on a " + d.sort + ".",
	doesNotLieThereAny: (d: { readonly ball: string | number }): string => '' + d.ball + " is not in store any more.",
	theStoreHasNoSuch: (): string => "The store has no such ball. Count the balls again."
};

export const matInHand = {
	noMatOfThisGroup: (): string => "No mat of this group has that label.",
	isOnNoMatBut: (d: { readonly code: string | number; readonly sort: string | number }): string => '' + d.code + " is not on a mat, but on a " + d.sort + ".",
	wasTakenBackItIs: (d: { readonly code: string | number }): string => '' + d.code + " was undone: it is not a mat any more.",
	isNotBeingMadeAny: (d: { readonly code: string | number }): string => '' + d.code + " is not being made any more."
};

export const matMade = {
	thePlanOfIsNot: (d: { readonly code: string | number }): string => "The plan of " + d.code + " is gone."
};

export const measured = {
	rowsAreMadeCountThem: (d: { readonly made: string | number }): string => "Only " + d.made + " rows are counted. Count the others first.",
	itWasLongerThanThat: (): string => "It was longer some rows ago. Measure again.",
	noWasGivenForIt: (d: { readonly colour: string | number }): string => "No " + d.colour + " was given for it by label, so its weight tells nothing.",
	thatIsMoreThanWas: (): string => "That is more than was given for it. Was the basket weighed too?"
};

export const messages = {
	liesAtTheTableThere: (d: { readonly mat: string | number }): string => '' + d.mat + " is at the table: there is nobody to write to.",
	theyWereWrittenToAbout: (): string => "They already got a message about it this week.",
	howIsTheMatComing: (d: { readonly mat: string | number }): string => "How is the mat " + d.mat + " going? There is no hurry. If you need a ball or want to pass it on, tell us and someone comes by."
};

export const rows = {
	itsPlanHasRowsIs: (d: { readonly total: string | number; readonly to: string | number }): string => "Its plan has " + d.total + " rows; " + d.to + " is too many.",
	rowsMoreWithStrandFor: (d: { readonly more: string | number; readonly lasts: string | number }): string => '' + d.more + " rows more, with yarn for " + d.lasts
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
	standsStillForWeeksAsk: (d: { readonly floor: string | number }): string => "no rows for " + d.floor + " weeks: ask how it is going",
	noRowYet: (): string => "no row yet",
	bothEndsWillMeetAs: (): string => "both ends · will meet correctly",
	bothEndsOneRowMore: (): string => "both ends · one row more or less before they meet",
	passItOn: (): string => "Pass it on",
	sendABall: (): string => "Send a ball",
	showTheRowEnd: (): string => "Show the row end",
	showTheLastStitch: (): string => "Show the last stitch"
};

export const readyFile = {
	thisIsTheShareOf: (): string => "The share of the mat that is made: 0 to 1.",
	thisIsAShareOf: (): string => "The share of a mat made in a week: 0 to 20.",
	thisIsASeedA: (): string => "A seed: a whole number from 0 to 4,294,967,295.",
	thisIsANumberOf: (): string => "A number of runs: whole, 1 to 20,000.",
	theseAreTheSharesOf: (): string => "The shares of past weeks: a list of up to 520 numbers.",
	thisIsADayLike: (): string => "A day, like 2026-11-26.",
	thisIsAMatToday: (): string => "A mat has: today, done, weeks, seed, runs.",
	thisIsAListOf: (): string => "A list of mats is needed.",
	theseAreMoreMatsThan: (): string => "At most 1,000 mats at once."
};

export const MakeCodeActs = {
	noMatInHandHas: (): string => "No mat being made has that label.",
	thisCouldNotBeRead: (): string => "This could not be read. Try again.",
	noLinkWasMadeThis: (): string => "No link was created: this page already created its link. See the links below.",
	thatLinkOpensNothingAny: (): string => "That link does not work any more."
};

export const MakeCodeRowsPdfDoor = {
	noMatInHandHas: (): string => "No mat being made has that label.",
	theMatRowByRow: (d: { readonly code: string | number }): string => "The mat " + d.code + " row by row"
};
