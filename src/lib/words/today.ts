// Made of today.json by `npm run words -- --make`: change the words there.
import { plural } from '@messageformat/runtime';
import { en } from './number';

export const FilmStrip = {
	whereTheFilmIs: (): string => "Where the film is"
};

export const HomePage = {
	today: (): string => "Today",
	whatIsNext: (): string => "What is next",
	nothingIsToBeDone: (): string => "Nothing is to be done just now",
	nothingPressesNoMatWaits: (): string => "Nothing presses: no mat waits, nothing hangs to dry, no day wants seats. Sit down a while.",
	theNoteOfTheWeek: (): string => "The note of the week, and a word before a table day",
	moreCanWait: (d: { readonly more: string | number }): string => '' + d.more + " more can wait.",
	by: (d: { readonly wanted: string | number; readonly yearDay: string | number }): string => '' + d.wanted + " by " + d.yearDay + "?",
	theSeason: (): string => "The season",
	theSeasonIsGoneThrough: (): string => "The season is gone through just now, week by week: look again in a moment.",
	noPlaceAsksForMats: (): string => "No place asks for mats by a day to come. Say what they ask for under",
	askedAndPromised: (): string => "Asked and promised"
};

export const filmStrip = {
	inSacks: (): string => "in sacks",
	inPieces: (): string => "in pieces",
	inHand: (): string => "in hand",
	toCheck: (): string => "to check",
	handedOver: (): string => "handed over"
};

export const suggestions = {
	finishIt: (): string => "Finish it",
	giveABall: (): string => "Give a ball",
	seeToIt: (): string => "See to it",
	seeWhatLacks: (): string => "See what lacks",
	lookAtIt: (): string => "Look at it",
	writeAWord: (): string => "Write a word",
	thisWeek: (): string => "this week",
	willComeShortTellThem: (d: { readonly placeName: string | number }): string => '' + d.placeName + " will come short: tell them",
	arePromisedStillAndAt: (d: { readonly owed: string | number; readonly high: string | number }): string => '' + d.owed + " are promised still, and " + d.high + " at the most will be there.",
	lookAtThePromise: (): string => "Look at the promise",
	packFor: (d: { readonly ready: string | number; readonly placeName: string | number }): string => "Pack " + d.ready + " for " + d.placeName,
	theyAskForMoreBy: (d: { readonly open: string | number; readonly shortDay: string | number; readonly ready: string | number }): string => "They ask for " + d.open + " more by " + d.shortDay + "; " + d.ready + " lie ready.",
	packThem: (): string => "Pack them",
	whoComesOn: (d: { readonly name: string | number }): string => "Who comes on " + d.name + "?",
	withoutASeatOn: (d: { readonly open: string | number; readonly name: string | number }): string => '' + d.open + " without a seat on " + d.name,
	nobodyHasSaidYesYet: (): string => "Nobody has said yes yet: ask who comes.",
	saidTheyComeASeat: (d: { readonly people: string | number }): string => '' + d.people + " said they come; a seat for each lets the strand flow.",
	sayWhoComes: (): string => "Say who comes",
	seatThem: (): string => "Seat them",
	oneMatTo: (d: { readonly act: string | number }): string => "One mat to " + d.act,
	matsTo: (d: { readonly count: string | number; readonly act: string | number }): string => '' + d.count + " mats to " + d.act,
	aGoodOneCanGo: (): string => "A good one can go this week; one that must be mended, the week after.",
	checkIt: (): string => "Check it",
	checkThem: (): string => "Check them",
	minutesEachAndItIs: (): string => "Minutes, each, and it is a mat more.",
	seeHow: (): string => "See how",
	bagsHangToDry: (d: { readonly hanging: string | number }): string => '' + d.hanging + " bags hang to dry",
	fromWhatStaysDampSmells: (d: { readonly place: string | number }): string => "From " + d.place + ". What stays damp smells, and is lost.",
	lookAgain: (): string => "Look again",
	askForBags: (): string => "Ask for bags",
	whatToAskFor: (): string => "What to ask for",
	findADayMoreFor: (): string => "Find a day more for the table",
	setADay: (): string => "Set a day",
	askWhoElseWouldMake: (): string => "Ask who else would make a mat",
	lookWhoThereIs: (): string => "Look who there is",
	andTheSeasonIsMade: (d: { readonly lever: string | number; readonly adds: string | number; readonly chance: string | number }): string => '' + d.lever + ": " + d.adds + ", and the season is made " + d.chance + ".",
	aMatCouldBeBegun: (): string => "A mat could be begun",
	matsCouldBeBegun: (d: { readonly count: string | number }): string => '' + d.count + " mats could be begun",
	bagsLieInBallsAnd: (d: { readonly strandMats: string | number; readonly length: string | number; readonly length2: number }): string => '' + d.strandMats + " bags lie in balls, and " + d.length + " who made a mat before " + plural(d.length2, 0, en, { one: "has", other: "have" }) + " none.",
	beginOne: (): string => "Begin one"
};

export const wordsToPeople = {
	windingBalls: (): string => "winding balls",
	loadingALoom: (): string => "loading a loom",
	weavingBands: (): string => "weaving bands",
	stuffingPillows: (): string => "stuffing pillows",
	onAtFromTo: (d: { readonly weekday: string | number; readonly place: string | number; readonly clock: string | number; readonly clock2: string | number }): string => "on " + d.weekday + " at " + d.place + ", from " + d.clock + " to " + d.clock2,
	youBeginWith: (d: { readonly doings: string | number }): string => " You begin with " + d.doings + ".",
	theTableMeetsYouSaid: (d: { readonly when: string | number; readonly seat: string | number }): string => "The table meets " + d.when + ". You said you come." + d.seat + " Should it not work out, a word is enough: somebody else sits there then.",
	oneMat: (): string => "one mat",
	noneIsLikely: (): string => "none is likely",
	aboutOneIsLikely: (): string => "about one is likely",
	aboutAreLikely: (d: { readonly count: string | number }): string => "about " + d.count + " are likely",
	theTableMeetsSaidThey: (d: { readonly when: string | number; readonly length: string | number }): string => "The table meets " + d.when + ". " + d.length + " said they come; whoever has time is welcome.",
	lengthPluralOneOtherIn: (d: { readonly mats: string | number; readonly length: number }): string => '' + d.mats + " " + plural(d.length, 0, en, { one: "is", other: "are" }) + " in hand.",
	tocheckPluralOneOtherFor: (d: { readonly mats: string | number; readonly toCheck: number }): string => '' + d.mats + " " + plural(d.toCheck, 0, en, { one: "waits", other: "wait" }) + " for a check.",
	tomendPluralOneOtherMending: (d: { readonly mats: string | number; readonly toMend: number }): string => '' + d.mats + " " + plural(d.toMend, 0, en, { one: "wants", other: "want" }) + " mending: minutes of work.",
	readyPluralOneOtherReady: (d: { readonly mats: string | number; readonly ready: number }): string => '' + d.mats + " " + plural(d.ready, 0, en, { one: "lies", other: "lie" }) + " ready to go.",
	ballsAreThereForWho: (d: { readonly mats: string | number }): string => "Balls are there for " + d.mats + ": who would begin one?",
	bagsLackMostBringWhat: (): string => " Bags lack most: bring what you have, clean and dry.",
	strandLacksMostEveryPair: (): string => " Strand lacks most: every pair of hands at the table helps.",
	handsForMatsLackMost: (): string => " Hands for mats lack most: who knows somebody who would like to learn?",
	wantedPluralOneOtherAsked: (d: { readonly mats: string | number; readonly wanted: number; readonly yearDay: string | number; readonly likely: string | number; readonly part: string | number }): string => '' + d.mats + " " + plural(d.wanted, 0, en, { one: "is", other: "are" }) + " asked for by " + d.yearDay + ": " + d.likely + "." + d.part,
	thisWeek: (d: { readonly groupName: string | number }): string => '' + d.groupName + ", this week"
};
