// Made of people.json by `npm run words -- --make`: change the words there.
import { select } from '@messageformat/runtime';

export const PersonForm = {
	nameTheTableUses: (): string => "Name",
	likesDoing: (): string => "Likes",
	seatsTheyMayTake: (): string => "Seats they can take",
	tapASeatUsualPractised: (): string => "Tap a seat: usual, practised, new to it, or doesn't do this. It is for planning only. No marks, no ranking.",
	notTheirs: (): string => "doesn't do this",
	change: (d: { readonly seatWords: string | number; readonly level: string | number }): string => '' + d.seatWords + ": " + d.level + ". Change",
	noChild: (): string => "not a child",
	whatTheTableMinds: (): string => "Things to allow for",
	aChildAnAdultBeside: (): string => "a child: an adult beside them, blunt scissors only",
	onlyForSeatingItStands: (): string => "Only for planning seats. It is on no wall, tablet or paper.",
	canComeOn: (): string => "Can come on",
	sitsWellWith: (): string => "Likes to sit with",
	keepWhatIsSaidOf: (): string => "Save",
	close: (): string => "Close"
};

export const Practised = {
	practised: (): string => "Practised",
	rightOfIssitsSelectYes: (d: { readonly exerciseNames: string | number; readonly right: string | number; readonly asked: string | number; readonly isSits: 'yes' | 'no' }): string => '' + d.exerciseNames + ": " + d.right + " of " + d.asked + " right" + select(d.isSits, { yes: ", learned", other: "" }),
	itMayOpenASeat: (): string => "You can open a seat with it. Practice never opens a seat with a blade: that needs training.",
	openToAsNewTo: (d: { readonly name: string | number; readonly seatWords: string | number }): string => "Let " + d.name + " sit at " + d.seatWords + ", as new to it"
};

export const PeoplePage = {
	peopleAndPlaces: (): string => "People and places",
	people: (): string => "People",
	aFirstNameOrA: (): string => "A first name or nickname, and what you need to know to seat them well. Names are only here, so they can be deleted everywhere at once.",
	somebodyNew: (): string => "New volunteer",
	addThem: (): string => "Add",
	noNameHasBeenTyped: (): string => "No names yet. Nobody has to give one.",
	forget: (): string => "Delete the name",
	sNameGoesFromEverything: (d: { readonly name: string | number }): string => "The name " + d.name + " is deleted everywhere here, also from lists on the table. So are their seats, things to allow for and who they sit with. Their bags, counts, measures and past seats stay, without a name. Free remarks stay as written: check those yourself. Older copies of the database still have the name until you delete them. This cannot be undone.",
	forget2: (d: { readonly name: string | number }): string => "Delete the name " + d.name,
	keepTheName: (): string => "Cancel",
	placesThatReceiveMats: (): string => "Receiving places",
	placesThatGiveBagsStand: (): string => "Sources of bags are under",
	gather: (): string => "Gather",
	onePlaceCanDoBoth: (): string => ". One place can be both.",
	givesBagsToo: (): string => ", gives bags too",
	receivesNoneAnyMore: (): string => "Remove",
	aPlaceThatReceivesMats: (): string => "New receiving place",
	addIt: (): string => "Add",
	removed: (): string => "Removed"
};

export const day = {
	thatPlanIsNotIn: (): string => "That plan is not in the list any more.",
	aChildCutsWithBlunt: (): string => "A child uses blunt scissors only, never sharp ones or a blade.",
	aChildHasAnAdult: (): string => "A child needs an adult beside them at the same station, all the time."
};

export const people = {
	thereIsAAlreadyAdd: (d: { readonly name: string | number }): string => "There is already a " + d.name + ". Add a letter or a nickname to tell them apart.",
	thatPersonIsNotIn: (): string => "That person is not in the list any more.",
	somebodyChangedThisPersonMeanwhile: (): string => "Someone changed this person at the same time. Their version is below. Enter yours again.",
	isAChildBluntScissors: (d: { readonly name: string | number }): string => '' + d.name + " is a child: blunt scissors only, never sharp ones or a blade. Remove that seat first, on every day.",
	thereIsAPersonOf: (): string => "Someone already has that name. Give one of them a nickname."
};

export const presence = {
	thatTableDayIsNot: (): string => "That table day is gone.",
	nobodyOfThatNameIs: (): string => "Nobody with that name is at this table."
};

export const readDay = {
	thisIsATimeLike: (): string => "Write a time like 18:00.",
	aTableDayEndsTwenty: (): string => "A table day lasts at least twenty minutes.",
	theseAreTimesLike18: (): string => "Write times like 18:45, 19:35.",
	sixBreaksAtMost: (): string => "At most six breaks.",
	aBreakLiesBetweenThe: (): string => "A break must be between start and end.",
	chooseAPlanOfThe: (): string => "Choose a plan from the list."
};

export const readPerson = {
	aChildGetsBluntScissors: (): string => "A child uses blunt scissors only, never sharp ones or a blade. Remove those seats."
};

export const tableDays = {
	thereIsATableThere: (): string => "There is already a table there on that day.",
	somebodyChangedThisDayMeanwhile: (): string => "Someone changed this day at the same time. Their version is here. Enter yours again."
};

export const seatsWords = {
	noSeatSaidYet: (): string => "no seats chosen yet"
};

export const seats = {
	cutBluntScissors: (): string => "Cut, blunt scissors",
	cutSharpScissors: (): string => "Cut, sharp scissors",
	cutRollingBlade: (): string => "Cut, rolling blade",
	windBalls: (): string => "Wind balls",
	loadALoom: (): string => "Load a loom",
	weaveBands: (): string => "Weave bands",
	stuffPillows: (): string => "Stuff pillows",
	worksSittingOnly: (): string => "works sitting down only",
	worksWithOneHand: (): string => "works with one hand",
	seesLittle: (): string => "has poor sight",
	worksInShortSpells: (): string => "needs short spells",
	aChildCutsWithAn: (): string => "A child cuts with an adult beside them, all the time.",
	adultsSharpScissorsLieClosed: (): string => "Adults only. Close sharp scissors when you put them down.",
	trainedAdultsOnlyCutAway: (): string => "Trained adults only. Cut away from the body, wear gloves, close the blade when you put it down.",
	rodsSitUnderTensionMind: (): string => "Rods are under tension: mind eyes and fingers.",
	theSameMoveAgainAnd: (): string => "The same move again and again: take a break every 45 minutes.",
	theSameMoveAgainAnd2: (): string => "The same move again and again: change seats before hands hurt.",
	scrapCanSuffocateKeepIt: (): string => "Scrap can suffocate. Keep it bagged and away from small children."
};

export const PeopleActs = {
	pleaseLoadThisPageAnew: (): string => "Reload this page.",
	nobodyWasForgottenThatPerson: (): string => "No name was deleted: that person is not in the list, or the list cannot be reached now.",
	thatPlaceIsNotAmong: (): string => "That place is not a receiving place."
};
