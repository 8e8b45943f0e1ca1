// Made of today.json by `npm run words -- --make`: change the words there.
import { plural } from '@messageformat/runtime';
import { en } from './number';

export const FilmStrip = {
	whereTheFilmIs: (): string => "Where the bags are"
};

export const HomePage = {
	today: (): string => "Today",
	whatIsNext: (): string => "What to do next",
	nothingIsToBeDone: (): string => "Nothing to do right now",
	nothingPressesNoMatWaits: (): string => "No mat waits, nothing hangs to dry and every table day has its seats. Take a rest.",
	theNoteOfTheWeek: (): string => "Weekly note and invitations",
	moreCanWait: (d: { readonly more: string | number }): string => '' + d.more + " more can wait.",
	by: (d: { readonly wanted: string | number; readonly yearDay: string | number }): string => '' + d.wanted + " by " + d.yearDay + "?",
	theSeason: (): string => "The season",
	theSeasonIsGoneThrough: (): string => "The season is being worked out. Look again in a moment.",
	noPlaceAsksForMats: (): string => "No receiving place asks for mats by a date yet. Add what they ask for under",
	askedAndPromised: (): string => "Asked and promised"
};

export const filmStrip = {
	inSacks: (): string => "in sacks",
	inPieces: (): string => "in pieces",
	inHand: (): string => "being made",
	toCheck: (): string => "to check",
	handedOver: (): string => "delivered"
};

export const suggestions = {
	finishIt: (): string => "Finish it",
	giveABall: (): string => "Give a ball",
	seeToIt: (): string => "Take care of it",
	seeWhatLacks: (): string => "See what is missing",
	lookAtIt: (): string => "Look at it",
	writeAWord: (): string => "Write a message",
	thisWeek: (): string => "this week",
	willComeShortTellThem: (d: { readonly placeName: string | number }): string => '' + d.placeName + " will get too few mats: tell them",
	arePromisedStillAndAt: (d: { readonly owed: string | number; readonly high: string | number }): string => '' + d.owed + " are still promised. At most " + d.high + " will be ready.",
	lookAtThePromise: (): string => "Look at the promise",
	packFor: (d: { readonly ready: string | number; readonly placeName: string | number }): string => "Pack " + d.ready + " for " + d.placeName,
	theyAskForMoreBy: (d: { readonly open: string | number; readonly shortDay: string | number; readonly ready: string | number }): string => "They ask for " + d.open + " more by " + d.shortDay + ". " + d.ready + " are ready.",
	packThem: (): string => "Pack them",
	whoComesOn: (d: { readonly name: string | number }): string => "Who comes on " + d.name + "?",
	withoutASeatOn: (d: { readonly open: string | number; readonly name: string | number }): string => '' + d.open + " without a seat on " + d.name,
	nobodyHasSaidYesYet: (): string => "Nobody has said yes yet. Ask who comes.",
	saidTheyComeASeat: (d: { readonly people: string | number }): string => '' + d.people + " said they come. Give each a seat.",
	sayWhoComes: (): string => "Choose who comes",
	seatThem: (): string => "Choose seats",
	oneMatTo: (d: { readonly act: string | number }): string => "One mat to " + d.act,
	matsTo: (d: { readonly count: string | number; readonly act: string | number }): string => '' + d.count + " mats to " + d.act,
	aGoodOneCanGo: (): string => "A good mat can go this week. One that needs mending goes a week later.",
	checkIt: (): string => "Check it",
	checkThem: (): string => "Check them",
	minutesEachAndItIs: (): string => "A few minutes each, and one more mat is ready.",
	seeHow: (): string => "See how",
	bagsHangToDry: (d: { readonly hanging: string | number }): string => '' + d.hanging + " bags hang to dry",
	fromWhatStaysDampSmells: (d: { readonly place: string | number }): string => "From " + d.place + ". Damp bags start to smell. Dry them soon.",
	lookAgain: (): string => "Look again",
	askForBags: (): string => "Ask for bags",
	whatToAskFor: (): string => "What to ask for",
	findADayMoreFor: (): string => "Find another table day",
	setADay: (): string => "Plan a day",
	askWhoElseWouldMake: (): string => "Ask who else would make a mat",
	lookWhoThereIs: (): string => "See who is free",
	andTheSeasonIsMade: (d: { readonly lever: string | number; readonly adds: string | number; readonly chance: string | number }): string => '' + d.lever + ": " + d.adds + ". Chance to make the season: " + d.chance + ".",
	aMatCouldBeBegun: (): string => "A mat could be started",
	matsCouldBeBegun: (d: { readonly count: string | number }): string => '' + d.count + " mats could be started",
	bagsLieInBallsAnd: (d: { readonly strandMats: string | number; readonly length: string | number; readonly length2: number }): string => "Yarn of " + d.strandMats + " bags is ready in balls. " + d.length + " " + plural(d.length2, 0, en, { one: "maker has", other: "makers have" }) + " no mat now.",
	beginOne: (): string => "Start one"
};

export const wordsToPeople = {
	windingBalls: (): string => "winding balls",
	loadingALoom: (): string => "loading a loom",
	weavingBands: (): string => "weaving bands",
	stuffingPillows: (): string => "stuffing pillows",
	onAtFromTo: (d: { readonly weekday: string | number; readonly place: string | number; readonly clock: string | number; readonly clock2: string | number }): string => "on " + d.weekday + " at " + d.place + ", from " + d.clock + " to " + d.clock2,
	youBeginWith: (d: { readonly doings: string | number }): string => " You begin with " + d.doings + ".",
	theTableMeetsYouSaid: (d: { readonly when: string | number; readonly seat: string | number }): string => "The table meets " + d.when + ". You said you come." + d.seat + " If you cannot come, tell us: someone else takes your seat.",
	oneMat: (): string => "one mat",
	noneIsLikely: (): string => "none is likely",
	aboutOneIsLikely: (): string => "about one is likely",
	aboutAreLikely: (d: { readonly count: string | number }): string => "about " + d.count + " are likely",
	theTableMeetsSaidThey: (d: { readonly when: string | number; readonly length: string | number }): string => "The table meets " + d.when + ". " + d.length + " said they come. Everyone with time is welcome.",
	lengthPluralOneOtherIn: (d: { readonly mats: string | number; readonly length: number }): string => '' + d.mats + " " + plural(d.length, 0, en, { one: "is", other: "are" }) + " being made.",
	tocheckPluralOneOtherFor: (d: { readonly mats: string | number; readonly toCheck: number }): string => '' + d.mats + " " + plural(d.toCheck, 0, en, { one: "waits", other: "wait" }) + " for a check.",
	tomendPluralOneOtherMending: (d: { readonly mats: string | number; readonly toMend: number }): string => '' + d.mats + " " + plural(d.toMend, 0, en, { one: "needs", other: "need" }) + " mending: minutes of work.",
	readyPluralOneOtherReady: (d: { readonly mats: string | number; readonly ready: number }): string => '' + d.mats + " " + plural(d.ready, 0, en, { one: "is", other: "are" }) + " ready to go.",
	ballsAreThereForWho: (d: { readonly mats: string | number }): string => "There is yarn for " + d.mats + ". Who would like to start one?",
	bagsLackMostBringWhat: (): string => " We need bags most. Bring what you have, clean and dry.",
	strandLacksMostEveryPair: (): string => " We need yarn most. Every volunteer at the table helps.",
	handsForMatsLackMost: (): string => " We need makers most. Do you know someone who would like to learn?",
	wantedPluralOneOtherAsked: (d: { readonly mats: string | number; readonly wanted: number; readonly yearDay: string | number; readonly likely: string | number; readonly part: string | number }): string => '' + d.mats + " " + plural(d.wanted, 0, en, { one: "is", other: "are" }) + " asked for by " + d.yearDay + ": " + d.likely + "." + d.part,
	thisWeek: (d: { readonly groupName: string | number }): string => '' + d.groupName + ", this week"
};
