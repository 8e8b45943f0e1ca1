// Made of people.json by `npm run words -- --make`: change the words there.
import { select } from '@messageformat/runtime';

export const PersonForm = {
	nameTheTableUses: (): string => "Name the table uses",
	likesDoing: (): string => "Likes doing",
	seatsTheyMayTake: (): string => "Seats they may take",
	tapASeatUsualPractised: (): string => "Tap a seat: usual, practised, new to it, or not theirs. It makes the day’s sums fair; nobody is compared.",
	notTheirs: (): string => "not theirs",
	change: (d: { readonly seatWords: string | number; readonly level: string | number }): string => '' + d.seatWords + ": " + d.level + ". Change",
	noChild: (): string => "no child",
	whatTheTableMinds: (): string => "What the table minds",
	aChildAnAdultBeside: (): string => "a child: an adult beside them, blunt scissors at most",
	onlyForSeatingItStands: (): string => "Only for seating: it stands on no wall, tablet or paper.",
	canComeOn: (): string => "Can come on",
	sitsWellWith: (): string => "Sits well with",
	keepWhatIsSaidOf: (d: { readonly name: string | number }): string => "Keep what is said of " + d.name,
	close: (): string => "Close"
};

export const Practised = {
	practised: (): string => "Practised",
	rightOfIssitsSelectYes: (d: { readonly exerciseNames: string | number; readonly right: string | number; readonly asked: string | number; readonly isSits: 'yes' | 'no' }): string => '' + d.exerciseNames + ": right " + d.right + " of " + d.asked + select(d.isSits, { yes: ", it sits", other: "" }),
	itMayOpenASeat: (): string => "It may open a seat, if you wish it so. No practice opens a seat with a blade: for those, hands are trained.",
	openToAsNewTo: (d: { readonly seatWords: string | number; readonly name: string | number }): string => "Open " + d.seatWords + " to " + d.name + ", as new to it"
};

export const PeoplePage = {
	peopleAndPlaces: (): string => "People and places",
	people: (): string => "People",
	aFirstNameOrA: (): string => "A first name or a nickname, and what the table has to know to seat them well. A name stands here and nowhere else, so it can be forgotten everywhere at once.",
	somebodyNew: (): string => "Somebody new",
	addThem: (): string => "Add them",
	noNameHasBeenTyped: (): string => "No name has been typed yet. Nobody has to give one.",
	forget: (): string => "Forget",
	sNameGoesFromEverything: (d: { readonly name: string | number }): string => '' + d.name + "’s name goes from everything kept here, and from lists that lie on the table; so do the seats they may take, what the table minds and whom they sit with. Bags that were brought, counts, measures and the places taken on table days stay, without a name. What stands in a free remark stays as it was written: look for it there. Copies of the database made before today have the name until they are thrown away. This cannot be undone.",
	forget2: (d: { readonly name: string | number }): string => "Forget " + d.name,
	keepTheName: (): string => "Keep the name",
	placesThatReceiveMats: (): string => "Places that receive mats",
	placesThatGiveBagsStand: (): string => "Places that give bags stand under",
	gather: (): string => "Gather",
	onePlaceCanDoBoth: (): string => "; one place can do both.",
	givesBagsToo: (): string => ", gives bags, too",
	receivesNoneAnyMore: (): string => "Receives none any more",
	aPlaceThatReceivesMats: (): string => "A place that receives mats",
	addIt: (): string => "Add it",
	removed: (): string => "Removed"
};

export const day = {
	thatPlanIsNotIn: (): string => "That plan is not in the list any more.",
	aChildCutsWithBlunt: (): string => "A child cuts with blunt scissors at most, never with sharp ones or a blade.",
	aChildHasAnAdult: (): string => "A child has an adult beside them at the same station, all the while."
};

export const people = {
	thereIsAAlreadyAdd: (d: { readonly name: string | number }): string => "There is a " + d.name + " already. Add a letter or a nickname, so that the two are told apart.",
	thatPersonIsNotIn: (): string => "That person is not in the list any more.",
	somebodyChangedThisPersonMeanwhile: (): string => "Somebody changed this person meanwhile: what they wrote stands below. Say yours again.",
	isAChildBluntScissors: (d: { readonly name: string | number }): string => '' + d.name + " is a child: blunt scissors at most, never sharp ones or a blade, on any day they are seated. Take the seat away first.",
	thereIsAPersonOf: (): string => "There is a person of that name already. Give one of them a nickname."
};

export const presence = {
	thatTableDayIsNot: (): string => "That table day is not there any more.",
	nobodyOfThatNameIs: (): string => "Nobody of that name is at this table."
};

export const readDay = {
	thisIsATimeLike: (): string => "This is a time, like 18:00.",
	aTableDayEndsTwenty: (): string => "A table day ends twenty minutes after it begins, or later.",
	theseAreTimesLike18: (): string => "These are times, like 18:45, 19:35.",
	sixBreaksAtMost: (): string => "Six breaks at most.",
	aBreakLiesBetweenThe: (): string => "A break lies between the beginning and the end.",
	chooseAPlanOfThe: (): string => "Choose a plan of the list."
};

export const readPerson = {
	aChildGetsBluntScissors: (): string => "A child gets blunt scissors at most, never sharp ones or a blade: take those seats away."
};

export const tableDays = {
	thereIsATableThere: (): string => "There is a table there on that day already.",
	somebodyChangedThisDayMeanwhile: (): string => "Somebody changed this day meanwhile: what they set stands here. Say yours again."
};

export const seatsWords = {
	noSeatSaidYet: (): string => "no seat said yet"
};

export const seats = {
	cutBluntScissors: (): string => "Cut, blunt scissors",
	cutSharpScissors: (): string => "Cut, sharp scissors",
	cutRollingBlade: (): string => "Cut, rolling blade",
	windBalls: (): string => "Wind balls",
	loadALoom: (): string => "Load a loom",
	weaveBands: (): string => "Weave bands",
	stuffPillows: (): string => "Stuff pillows",
	worksSittingOnly: (): string => "works sitting only",
	worksWithOneHand: (): string => "works with one hand",
	seesLittle: (): string => "sees little",
	worksInShortSpells: (): string => "works in short spells",
	aChildCutsWithAn: (): string => "A child cuts with an adult beside them, all the while.",
	adultsSharpScissorsLieClosed: (): string => "Adults; sharp scissors lie closed when they are put down.",
	trainedAdultsOnlyCutAway: (): string => "Trained adults only: cut away from the body, gloves on, the blade closed when it is put down.",
	rodsSitUnderTensionMind: (): string => "Rods sit under tension: mind eyes and fingers.",
	theSameMoveAgainAnd: (): string => "The same move again and again: a break in every three quarters of an hour.",
	theSameMoveAgainAnd2: (): string => "The same move again and again: change seats before hands hurt.",
	scrapCanSuffocateKeepIt: (): string => "Scrap can suffocate: keep it bagged and away from small children."
};

export const PeopleActs = {
	pleaseLoadThisPageAnew: (): string => "Please load this page anew.",
	nobodyWasForgottenThatPerson: (): string => "Nobody was forgotten: that person is not in the list, or the list cannot be reached just now.",
	thatPlaceIsNotAmong: (): string => "That place is not among those that receive mats."
};
