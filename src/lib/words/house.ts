// Made of house.json by `npm run words -- --make`: change the words there.
import { select } from '@messageformat/runtime';

export const AccountFields = {
	whatYouAreCalled: (): string => "What you are called",
	yourAddress: (): string => "Your address",
	youSignInWithIt: (): string => "You sign in with it, and a way back is sent there.",
	aPassphrase: (): string => "A passphrase",
	twelveCharactersOrMoreFour: (): string => "Twelve characters or more. Four words that do not belong together will do; pasting is fine."
};

export const DoorPage = {
	nestRow: (d: { readonly title: string | number }): string => '' + d.title + " · Nest Row",
	nestRow2: (): string => "Nest Row"
};

export const AAddressPage = {
	bagsWanted: (d: { readonly name: string | number }): string => "Bags wanted · " + d.name,
	bagsWanted2: (): string => "Bags wanted",
	turnsUsedPlasticBagsInto: (d: { readonly name: string | number }): string => '' + d.name + " turns used plastic bags into sleeping mats.",
	nothingIsWantedJustNow: (): string => "Nothing is wanted just now: the store has enough. Thank you.",
	anyColour: (): string => "any colour",
	cleanDryAndEmptyNothing: (): string => "Clean, dry and empty; nothing mouldy, nothing from medical or chemical use.",
	theSameAsASheet: (): string => "The same as a sheet to print"
};

export const AccountPage = {
	groups: (): string => "Groups",
	youAreInNoGroup: (): string => "You are in no group. Ask a coordinator for a link that lets you in, or make a group.",
	asA: (d: { readonly role: string | number }): string => ", as a " + d.role,
	youWorkForThisOne: (): string => "you work for this one now",
	workForIt: (): string => "Work for it",
	makeDeleteOrTakeBack: (): string => "Make, delete or take back a group",
	whoIsInThisGroup: (): string => "Who is in this group",
	links: (): string => "Links",
	whatWasDoneByWhom: (): string => "What was done, by whom",
	passkeys: (): string => "Passkeys",
	aPasskeySignsYouIn: (): string => "A passkey signs you in by the lock of a device, without a passphrase to type or to be overheard.",
	aDevice: (): string => "A device",
	since: (d: { readonly yearDay: string | number }): string => ", since " + d.yearDay,
	nameOfThePasskey: (): string => "Name of the passkey",
	rename: (): string => "Rename",
	remove: (): string => "Remove",
	thePasskeyOf: (d: { readonly name: string | number }): string => "the passkey of " + d.name,
	yourPassphraseToMakeA: (): string => "Your passphrase, to make a passkey",
	makeAPasskeyOfThis: (): string => "Make a passkey of this device",
	passphrase: (): string => "Passphrase",
	thePassphraseYouHaveNow: (): string => "The passphrase you have now",
	aNewOne: (): string => "A new one",
	twelveCharactersOrMoreFour: (): string => "Twelve characters or more. Four words that do not belong together will do.",
	changeItAndSignOther: (): string => "Change it, and sign other devices out",
	signOut: (): string => "Sign out",
	signOutHere: (): string => "Sign out here",
	signOutEverywhereElse: (): string => "Sign out everywhere else",
	thisDevice: (): string => "This device"
};

export const GroupsPage = {
	groups: (): string => "Groups",
	wasDeletedOnDaysAfter: (d: { readonly part: string | number; readonly undoDays: string | number }): string => "was deleted on " + d.part + "; " + d.undoDays + " days after that it is gone.",
	takeItBack: (): string => "Take it back",
	aNewGroup: (): string => "A new group",
	itBeginsEmptyWithYou: (): string => "It begins empty, with you as its coordinator. Nothing of one is seen in another.",
	whatItIsCalled: (): string => "What it is called",
	makeTheGroup: (): string => "Make the group",
	"delete": (d: { readonly here: string | number }): string => "Delete " + d.here,
	allItHasIsClosed: (d: { readonly undoDays: string | number }): string => "All it has is closed to everyone at once, links too, and gone in " + d.undoDays + " days. Take",
	everythingAsFiles: (): string => "everything as files",
	withYouFirst: (): string => "with you first.",
	typeItsNameToDelete: (): string => "Type its name to delete it",
	deleteTheGroup: (): string => "Delete the group",
	backToYourAccount: (): string => "Back to your account"
};

export const JoinAddressPage = {
	comeInTo: (d: { readonly group: string | number }): string => "Come in to " + d.group,
	youComeInAsA: (): string => "You come in as a",
	makeAnAccountAndCome: (): string => "Make an account and come in",
	comeInAs: (d: { readonly name: string | number }): string => "Come in as " + d.name,
	ifYouHaveAnAccount: (): string => "If you have an account here,",
	signIn: (): string => "sign in",
	firstAndOpenThisLink: (): string => "first and open this link again."
};

export const LAddressPage = {
	nestRow: (d: { readonly name: string | number }): string => '' + d.name + " · Nest Row"
};

export const LinksPage = {
	links: (): string => "Links",
	aLinkLetsWhoeverHas: (d: { readonly days: string | number }): string => "A link lets whoever has it do one thing, and nothing else: read a plan as it stood, count the rows of a mat, tap at a station, read what is asked for, or follow the calendar. It opens for " + d.days + " days at most, or until you revoke it.",
	theLinkIsMade: (): string => "The link is made",
	copyItNowItIs: (): string => "Copy it now: it is shown this once, and kept nowhere.",
	cameLate: (): string => "Came late",
	theseCameByALink: (): string => "These came by a link after it was closed. They are counted nowhere until you say what becomes of them.",
	someone: (d: { readonly entry: string | number }): string => "Someone " + d.entry,
	came: (d: { readonly values: string | number; readonly moment: string | number }): string => '' + d.values + "; came " + d.moment,
	keepIt: (): string => "Keep it",
	throwItAway: (): string => "Throw it away",
	aNewLink: (): string => "A new link",
	toWhatIsAskedFor: (): string => "To what is asked for",
	toTheCalendar: (): string => "To the calendar",
	aTableDay: (): string => "A table day",
	itsStation: (): string => "Its station",
	toThisStationForIts: (): string => "To this station, for its tablet",
	linksThatWereMade: (): string => "Links that were made",
	noneYetUnder: (): string => "None yet. Under",
	keptPlans: (): string => "Kept plans",
	eachPlanCanBeGiven: (): string => "each plan can be given one, and on its own page under",
	make: (): string => "Make",
	eachMat: (): string => "each mat.",
	usedLast: (): string => "Used last",
	notYet: (): string => "not yet",
	revoked: (): string => "revoked",
	itsTimeIsOver: (): string => "its time is over",
	revoke: (): string => "Revoke",
	theLinkTo: (d: { readonly opens: string | number }): string => "the link to " + d.opens,
	theMat: (d: { readonly mat: string | number }): string => "the mat " + d.mat,
	theDoor: (): string => "the door",
	whatIsAskedFor: (): string => "what is asked for",
	theCalendar: (): string => "the calendar",
	version: (d: { readonly planVersion: string | number }): string => "version " + d.planVersion,
	toCount: (d: { readonly planName: string | number }): string => '' + d.planName + ", to count",
	forOneToComeIn: (d: { readonly role: string | number }): string => "for one to come in as a " + d.role,
	toTapAt: (): string => "to tap at",
	toRead: (): string => "to read",
	toFollow: (): string => "to follow"
};

export const MembersPage = {
	members: (): string => "Members",
	whoSignsInToThis: (): string => "Who signs in to this group. The people of the table are a list of their own: a member is one of them only where you say so.",
	visitorsComeByWayOf: (): string => "Visitors come by way of a proxy that nobody named, so they all count as one: wrong passphrases of one shut the door for all. Whoever runs the machine names it in ADDRESS_HEADER.",
	nestRowRunsAsRoot: (): string => "Nest Row runs as root on its machine, which it need not. Whoever runs the machine puts it into a folder that every user may read, and starts it again.",
	theLinkIsMade: (): string => "The link is made",
	itLetsOnePersonIn: (d: { readonly role: string | number }): string => "It lets one person in as a " + d.role + ". Copy it now: it is shown this once, and kept nowhere.",
	letSomeoneIn: (): string => "Let someone in",
	asWhat: (): string => "As what",
	makeALinkForDays: (d: { readonly days: string | number }): string => "Make a link, for " + d.days + " days",
	whoIsIn: (): string => "Who is in",
	you: (): string => ", you",
	may: (): string => "May",
	isAtTheTableAs: (): string => "Is at the table as",
	nobodyThere: (): string => "nobody there",
	keep: (): string => "Keep",
	whatMay: (d: { readonly name: string | number }): string => "what " + d.name + " may",
	takeOut: (): string => "Take out",
	ofTheGroup: (d: { readonly name: string | number }): string => "of the group: " + d.name
};

export const RemovedPage = {
	removed: (): string => "Removed",
	whatIsRemovedCanBe: (d: { readonly removedDays: string | number }): string => "What is removed can be brought back for " + d.removedDays + " days. Then it ends.",
	nothingWasRemovedInThe: (d: { readonly removedDays: string | number }): string => "Nothing was removed in the last " + d.removedDays + " days.",
	removed2: (d: { readonly sortWords: string | number; readonly yearDay: string | number }): string => '' + d.sortWords + ", removed " + d.yearDay,
	bringBack: (): string => "Bring back",
	kindOfBag: (): string => "kind of bag",
	receivingPlace: (): string => "receiving place"
};

export const SAddressPage = {
	nestRow: (d: { readonly stationWords: string | number; readonly yearDay: string | number }): string => '' + d.stationWords + " · " + d.yearDay + " · Nest Row"
};

export const SettingsPage = {
	wordsUnitsAndLook: (): string => "Words, units and look",
	onThisDevice: (): string => "On this device",
	asTheGroupHasThem: (): string => "as the group has them",
	stitchNames: (): string => "Stitch names",
	asGoesWithTheUnits: (): string => "as goes with the units",
	look: (): string => "Look",
	useTheseHere: (): string => "Use these here",
	whatElseIsKept: (): string => "What else is kept",
	peopleAndPlaces: (): string => "People and places",
	linksThatOpenAPlan: (): string => "Links that open a plan",
	forTheWholeGroup: (): string => "For the whole group",
	everyDeviceThatHasNot: (): string => "Every device that has not chosen for itself goes by these.",
	whatTheGroupIsCalled: (): string => "What the group is called",
	itStandsOnListsAnd: (): string => "It stands on lists and ask sheets.",
	timeZoneOfTheHall: (): string => "Time zone of the hall",
	aDayIsTheHalls: (): string => "A day is the hall’s day, wherever it is typed.",
	languageAndCountryWhoseWay: (): string => "Language and country whose way of writing numbers you have",
	suchAsEnGbPt: (): string => "Such as en-GB, pt-PT or de-CH.",
	daysThatPagesStayOn: (): string => "Days that pages stay on a device without network",
	useTheseForAll: (): string => "Use these for all",
	removed: (): string => "Removed",
	whatWasDoneByWhom: (): string => "What was done, by whom",
	centimetresAndGrams: (): string => "centimetres and grams",
	feetAndInchesPoundsAnd: (): string => "feet and inches, pounds and ounces",
	usSingleHalfDoubleDouble: (): string => "US: single, half double, double",
	ukDoubleHalfTrebleTreble: (): string => "UK: double, half treble, treble"
};

export const SignInPage = {
	signIn: (): string => "Sign in",
	address: (): string => "Address",
	usernameWebauthn: (): string => "username webauthn",
	passphrase: (): string => "Passphrase",
	signInWithAPasskey: (): string => "Sign in with a passkey",
	iDoNotKnowMy: (): string => "I do not know my passphrase",
	readTheKnowHowWithout: (): string => "Read the know-how without signing in"
};

export const SignInAnewPage = {
	chooseANewPassphrase: (): string => "Choose a new passphrase",
	everyDeviceThatIsSigned: (): string => "Every device that is signed in with the old one is signed out.",
	aPassphrase: (): string => "A passphrase",
	twelveCharactersOrMoreFour: (): string => "Twelve characters or more. Four words that do not belong together will do; pasting is fine.",
	keepMyPasskeysLeaveThis: (): string => "Keep my passkeys. Leave this empty if you lost a device.",
	useThisOneFromNow: (): string => "Use this one from now on",
	askForAnotherWayBack: (): string => "Ask for another way back"
};

export const SignInForgotPage = {
	aNewPassphrase: (): string => "A new passphrase",
	ifThatAddressHasAn: (): string => "If that address has an account, a message with a way back is on its way. It is open for half an hour.",
	yourAddress: (): string => "Your address",
	sendMeAWayBack: (): string => "Send me a way back",
	backToSigningIn: (): string => "Back to signing in"
};

export const TrailPage = {
	whatWasDone: (): string => "What was done",
	whoDidWhatAndWhen: (): string => "Who did what, and when, the newest first. Nobody can change it.",
	nothingYetIsfirstSelectYes: (d: { readonly isFirst: 'yes' | 'no' }): string => "Nothing yet" + select(d.isFirst, { yes: "", other: ", before that" }) + ".",
	theNewest: (): string => "The newest",
	whatWasBeforeThat: (): string => "What was before that"
};

export const WelcomePage = {
	theFirstCoordinator: (): string => "The first coordinator",
	nestRowPrintedAWord: (): string => "Nest Row printed a word where it was started. Whoever has it begins here, once.",
	theWord: (): string => "The word",
	begin: (): string => "Begin",
	iHaveAnAccountAlready: (): string => "I have an account already"
};

export const passkeys = {
	thatDidNotGoTry: (): string => "That did not go. Try it again, or use your passphrase.",
	signInAnewFirstA: (): string => "Sign in anew first: a passkey is made soon after signing in."
};

export const roleWords = {
	allOfTheGroupIts: (): string => "all of the group, its settings, people and links",
	typingWhateverIsGatheredPrepared: (): string => "typing whatever is gathered, prepared, made and checked, and reading",
	readingWithoutWhatPeopleNeed: (): string => "reading, without what people need"
};

export const auth = {
	nestRow: (): string => "Nest Row",
	aNewPassphraseForNest: (): string => "A new passphrase for Nest Row",
	someoneAskedForANew: (d: { readonly origin: string | number; readonly token: string | number }): string => "Someone asked for a new passphrase for this address. If it was you, open " + d.origin + "/sign-in/anew?token=" + d.token + " within half an hour. If it was not, nothing has changed."
};

export const beginHouse = {
	thatIsNotTheWord: (): string => "That is not the word that was printed at the start, or it was used. A new start prints another while there is no coordinator.",
	theWordWasJustUsed: (): string => "The word was just used.",
	noAccountCouldBeMade: (): string => "No account could be made of that. Start Nest Row again for another word."
};

export const join = {
	someoneCameInByThis: (): string => "Someone came in by this link already. Ask whoever gave it to you for another.",
	noAccountCouldBeMade: (): string => "No account could be made of that address. If it has one here, sign in first and open this link again."
};

export const limits = {
	aMinute: (): string => "a minute",
	minutes: (d: { readonly minutes: string | number }): string => '' + d.minutes + " minutes",
	thatWasTriedTooOften: (d: { readonly part: string | number }): string => "That was tried too often. It can be tried again in " + d.part + "."
};

export const newAccount = {
	sayWhatYouAreCalled: (): string => "Say what you are called.",
	atMost120Characters: (): string => "At most 120 characters.",
	writeItAsNamePlace: (): string => "Write it as name@place.example: ways back are sent there."
};

export const ownAccount = {
	thatIsNotThePassphrase: (): string => "That is not the passphrase you have now."
};

export const passphrase = {
	itHasCharactersItNeeds: (d: { readonly length: string | number; readonly least: string | number }): string => "It has " + d.length + " characters; it needs " + d.least + ". Four words that do not belong together will do.",
	itHasCharactersAtMost: (d: { readonly length: string | number; readonly most: string | number }): string => "It has " + d.length + " characters; at most " + d.most + " are taken.",
	nestRow: (): string => "nest row",
	sleepingMat: (): string => "sleeping mat",
	thatWouldSoonBeGuessed: (): string => "That would soon be guessed. Take a few words more, that do not belong together."
};

export const requestGuard = {
	thisIsForThoseWho: (): string => "This is for those who run the group. Ask a coordinator of it.",
	thereIsNoSuchAct: (): string => "There is no such act.",
	nobodySignsInHereIt: (): string => "Nobody signs in here: it is on this machine alone.",
	signInFirst: (): string => "Sign in first.",
	thisPageWasOpenedFor: (): string => "This page was opened for a group that you are not in any more.",
	youAreInNoGroup: (): string => "You are in no group yet."
};

export const signIn = {
	theAddressAndThePassphrase: (): string => "The address and the passphrase do not fit together."
};

export const wayBack = {
	writeYourAddressAsName: (): string => "Write your address as name@place.example.",
	thisWayBackIsUsed: (): string => "This way back is used up or its half hour is over. Ask for another."
};

export const movementPlace = {
	mEntryIdMPart: (d: { readonly partsOfEntry: string | number }): string => "(m.entry_id, m.part) > ($2::bigint / " + d.partsOfEntry + ", ($2::bigint % " + d.partsOfEntry + ")::integer)"
};

export const piles = {
	unnest2Uuid3Text: (): string => "unnest($2::uuid[], $3::text[], $4::text[], $5::text[], $6::float8[], $7::float8[], $8::float8[], $9::float8[], $10::float8[]) with ordinality as g (kind_id, colour, form, style, width, per_bag, thickness, length, mass, nth) left join cut c on c.group_id = $1 and c.style = g.style and c.strip_width_mm = g.width and c.pieces_per_bag = g.per_bag and c.thickness_um = g.thickness and c.piece_length_mm = g.length and c.piece_g = g.mass"
};

export const things = {
	noLabelWithThatCode: (): string => "No label with that code has been printed for this group. Look at it again.",
	thatLabelIsOnSomething: (): string => "That label is on something already. Take the next one."
};

export const holdLate = {
	tooMuchCameByThis: (): string => "Too much came by this link after it was closed.",
	thatWasSettledAlready: (): string => "That was settled already."
};

export const keepEntry = {
	thisCouldNotBeRead: (): string => "This could not be read. Please type it again.",
	thisWasKeptAlreadyAnd: (): string => "This was kept already and counts once. If it is a further one, send it again.",
	kept: (): string => "Kept."
};

export const linkEntries = {
	thisLinkKeepsTheRows: (): string => "This link keeps the rows, notes and wishes of its mat, nothing else.",
	thisLinkOpensAnotherMat: (): string => "This link opens another mat. Ask whoever gave it to you.",
	thisLinkKeepsTheTaps: (): string => "This link keeps the taps of its station, nothing else.",
	thisLinkOpensAnotherStation: (): string => "This link opens another station. Ask whoever gave it to you."
};

export const notTheirs = {
	youReadHereAHelper: (): string => "You read here; a helper or a coordinator types it.",
	thatIsNotInThe: (): string => "That is not in the book any more.",
	thisIsTypedByA: (): string => "This is typed by a coordinator of the group."
};

export const takeEach = {
	thisCouldNotBeRead: (): string => "This could not be read: a field is too long, or something is missing."
};

export const takeEntry = {
	somethingElseWasKeptUnder: (): string => "Something else was kept under this mark already. Please type it anew.",
	whatIsEditedIsNot: (): string => "What is edited is not in the book any more. Type it as a new one.",
	itCouldNotBeEdited: (): string => "It could not be edited.",
	whatIsEditedCouldNot: (): string => "What is edited could not be read."
};

export const archive = {
	listsToBringInCsv: (d: { readonly list: string | number }): string => "lists to bring in/" + d.list + ".csv"
};

export const answerJson = {
	theBodyIsLargerThan: (): string => "The body is larger than any plan file.",
	notJson: (): string => "not JSON"
};

export const reader = {
	nestRow: (): string => "Nest Row"
};

export const AAddressActs = {
	thisLinkOpensNothingIt: (): string => "This link opens nothing. It may have been revoked, or its time is over; ask whoever gave it to you.",
	bagsOfAnyKind: (): string => "bags of any kind"
};

export const AAddressSheetPdfDoor = {
	thisLinkOpensNothing: (): string => "This link opens nothing."
};

export const AccountActs = {
	thePassphraseIsChangedAnd: (): string => "The passphrase is changed, and every other device is signed out.",
	everyOtherDeviceIsSigned: (): string => "Every other device is signed out."
};

export const ApiAuthRestDoor = {
	thereIsNothingHere: (): string => "There is nothing here.",
	sayYourPassphraseFirst: (): string => "Say your passphrase first.",
	thatDidNotGo: (): string => "That did not go."
};

export const ApiMixDoor = {
	noMixWasFoundIn: (): string => "No mix was found in the time there is."
};

export const ApiPlansDoor = {
	theBodyIsLargerThan: (): string => "The body is larger than any plan file.",
	anotherPlanWasKeptUnder: (): string => "Another plan was kept under this key."
};

export const ApiScaleDoor = {
	data: (d: { readonly stringify: string | number }): string => "data: " + d.stringify + " "
};

export const CAddressDoor = {
	thisLinkOpensNothing: (): string => "This link opens nothing."
};

export const GroupsActs = {
	youAreNotInThat: (): string => "You are not in that group.",
	sayWhatTheGroupIs: (): string => "Say what the group is called.",
	atMost120CharactersAll: (): string => "At most 120 characters, all of which can be read.",
	thisCouldNotBeRead: (): string => "This could not be read. Please try again.",
	typeTheNameAsIt: (): string => "Type the name as it is written above.",
	thatGroupIsGoneOr: (): string => "That group is gone, or you do not run it."
};

export const HealthzDoor = {
	theDatabaseIsAway: (): string => "the database is away"
};

export const JoinAddressActs = {
	thisLinkLetsNobodyIn: (): string => "This link lets nobody in any more. Ask whoever gave it to you for another."
};

export const LAddressActs = {
	thisLinkOpensNothingIt: (): string => "This link opens nothing. It may have been revoked, or its time is over; ask whoever gave it to you."
};

export const LinksActs = {
	whichPlanWasMeantCould: (): string => "Which plan was meant could not be read.",
	noLinkWasMadeThat: (): string => "No link was made: that plan is not in the list any more, or this page made its link already. Go to the plans and make another.",
	whatTheLinkShouldOpen: (): string => "What the link should open could not be read.",
	noLinkWasMadeThis: (): string => "No link was made: this page made it already, or there is no such day any more.",
	whichEntryWasMeantCould: (): string => "Which entry was meant could not be read.",
	thatLinkOpensNothingAny: (): string => "That link opens nothing any more."
};

export const MembersActs = {
	aGroupKeepsOneCoordinator: (): string => "A group keeps one coordinator at least: make someone else one first.",
	thatMemberIsNotIn: (): string => "That member is not in the group any more.",
	asWhatWasMeantCould: (): string => "As what was meant could not be read.",
	thisPageMadeItsLink: (): string => "This page made its link already. Load it anew for another.",
	whatWasMeantCouldNot: (): string => "What was meant could not be read."
};

export const RemovedActs = {
	whatToBringBackCould: (): string => "What to bring back could not be read.",
	anotherHasThatNameNow: (): string => "Another has that name now. Rename that one first.",
	itCannotBeBroughtBack: (): string => "It cannot be brought back any more."
};

export const SAddressActs = {
	thisLinkOpensNothingIt: (): string => "This link opens nothing. It may have been revoked, or its day is over; what this tablet still has is held for a coordinator."
};

export const SAddressEntriesDoor = {
	thisLinkOpensNothing: (): string => "This link opens nothing."
};

export const SettingsActs = {
	sayWhatTheGroupIs: (): string => "Say what the group is called.",
	writeItAsPtPt: (): string => "Write it as pt-PT or en-NZ: the language, then the country."
};

export const TrailActs = {
	someoneWithALink: (): string => "Someone with a link",
	someoneAtThisMachine: (): string => "Someone at this machine"
};

export const dayCalendar = {
	nestRow: (): string => "Nest Row",
	tableDay: (d: { readonly groupName: string | number }): string => '' + d.groupName + ": table day",
	handOver: (): string => "Hand over",
	tableDays: (): string => "Table days"
};

export const MAddressDoor = {
	theMat: (d: { readonly code: string | number }): string => "The mat " + d.code,
	thisCouldNotBeRead: (): string => "This could not be read. Please try again."
};
