// Made of house.json by `npm run words -- --make`: change the words there.
import { select } from '@messageformat/runtime';

export const AccountFields = {
	whatYouAreCalled: (): string => "Your name",
	yourAddress: (): string => "Your email",
	youSignInWithIt: (): string => "You sign in with it. If you forget your passphrase, we write to it.",
	aPassphrase: (): string => "Passphrase",
	twelveCharactersOrMoreFour: (): string => "At least 12 characters. Four unrelated words are a good choice. You may paste it."
};

export const DoorPage = {
	nestRow: (d: { readonly title: string | number }): string => '' + d.title + " · Nest Row",
	nestRow2: (): string => "Nest Row"
};

export const AAddressPage = {
	bagsWanted: (d: { readonly name: string | number }): string => "Bags wanted · " + d.name,
	bagsWanted2: (): string => "Bags wanted",
	turnsUsedPlasticBagsInto: (d: { readonly name: string | number }): string => '' + d.name + " makes sleeping mats from used plastic bags.",
	nothingIsWantedJustNow: (): string => "No bags are needed right now. Thank you.",
	anyColour: (): string => "any colour",
	cleanDryAndEmptyNothing: (): string => "Clean, dry and empty, please. Nothing mouldy, nothing from medical or chemical use.",
	theSameAsASheet: (): string => "Sheet to print"
};

export const AccountPage = {
	groups: (): string => "Groups",
	youAreInNoGroup: (): string => "You are in no group. Ask a coordinator for a link, or create a group.",
	asA: (d: { readonly role: string | number }): string => ", as a " + d.role,
	youWorkForThisOne: (): string => "in use now",
	workForIt: (): string => "Switch to it",
	makeDeleteOrTakeBack: (): string => "Create, delete or restore a group",
	whoIsInThisGroup: (): string => "Members",
	links: (): string => "Links",
	whatWasDoneByWhom: (): string => "History",
	passkeys: (): string => "Passkeys",
	aPasskeySignsYouIn: (): string => "With a passkey you sign in by the lock of your device. No passphrase needed.",
	aDevice: (): string => "A device",
	since: (d: { readonly yearDay: string | number }): string => ", since " + d.yearDay,
	nameOfThePasskey: (): string => "Name of the passkey",
	rename: (): string => "Rename",
	remove: (): string => "Remove",
	thePasskeyOf: (d: { readonly name: string | number }): string => "the passkey of " + d.name,
	yourPassphraseToMakeA: (): string => "Your passphrase, to add a passkey",
	makeAPasskeyOfThis: (): string => "Add this device",
	passphrase: (): string => "Passphrase",
	thePassphraseYouHaveNow: (): string => "Current passphrase",
	aNewOne: (): string => "New passphrase",
	twelveCharactersOrMoreFour: (): string => "At least 12 characters. Four unrelated words are a good choice.",
	changeItAndSignOther: (): string => "Change it and sign out other devices",
	signOut: (): string => "Sign out",
	signOutHere: (): string => "Sign out here",
	signOutEverywhereElse: (): string => "Sign out everywhere else",
	thisDevice: (): string => "This device"
};

export const GroupsPage = {
	groups: (): string => "Groups",
	wasDeletedOnDaysAfter: (d: { readonly part: string | number; readonly undoDays: string | number }): string => "was deleted on " + d.part + ". It is gone " + d.undoDays + " days later.",
	takeItBack: (): string => "Restore",
	aNewGroup: (): string => "New group",
	itBeginsEmptyWithYou: (): string => "It starts empty, with you as its coordinator. Groups cannot see each other.",
	whatItIsCalled: (): string => "Name",
	makeTheGroup: (): string => "Create group",
	"delete": (d: { readonly here: string | number }): string => "Delete " + d.here,
	allItHasIsClosed: (d: { readonly undoDays: string | number }): string => "Everything in it is closed for everyone at once, links too. It is gone in " + d.undoDays + " days. First download",
	everythingAsFiles: (): string => "everything as files",
	withYouFirst: (): string => ".",
	typeItsNameToDelete: (): string => "Type its name to delete it",
	deleteTheGroup: (): string => "Delete group",
	backToYourAccount: (): string => "Back to your account"
};

export const JoinAddressPage = {
	comeInTo: (d: { readonly group: string | number }): string => "Join " + d.group,
	youComeInAsA: (): string => "You join as a",
	makeAnAccountAndCome: (): string => "Create account and join",
	comeInAs: (d: { readonly name: string | number }): string => "Join as " + d.name,
	ifYouHaveAnAccount: (): string => "If you have an account,",
	signIn: (): string => "sign in",
	firstAndOpenThisLink: (): string => "first and open this link again."
};

export const LAddressPage = {
	nestRow: (d: { readonly name: string | number }): string => '' + d.name + " · Nest Row"
};

export const LinksPage = {
	links: (): string => "Links",
	aLinkLetsWhoeverHas: (d: { readonly days: string | number }): string => "A link lets anyone who has it do one thing: see a plan, count the rows of a mat, tap at a station, see what is asked for, or follow the calendar. It works for at most " + d.days + " days, or until you revoke it.",
	theLinkIsMade: (): string => "Your new link",
	copyItNowItIs: (): string => "Copy it now. It is shown only once.",
	cameLate: (): string => "Came late",
	theseCameByALink: (): string => "These entries came by a link after it was closed. They do not count until you decide.",
	someone: (d: { readonly entry: string | number }): string => "Someone " + d.entry,
	came: (d: { readonly values: string | number; readonly moment: string | number }): string => '' + d.values + "; came " + d.moment,
	keepIt: (): string => "Save",
	throwItAway: (): string => "Delete",
	aNewLink: (): string => "New link",
	toWhatIsAskedFor: (): string => "Bags to ask for",
	toTheCalendar: (): string => "Calendar",
	aTableDay: (): string => "A table day",
	itsStation: (): string => "Its station",
	toThisStationForIts: (): string => "This station, for its tablet",
	linksThatWereMade: (): string => "Your links",
	noneYetUnder: (): string => "None yet. Each plan can have one under",
	keptPlans: (): string => "Plans",
	eachPlanCanBeGiven: (): string => "and each mat on its own page under",
	make: (): string => "Make",
	eachMat: (): string => ".",
	usedLast: (): string => "Last used",
	notYet: (): string => "not yet",
	revoked: (): string => "revoked",
	itsTimeIsOver: (): string => "expired",
	revoke: (): string => "Revoke",
	theLinkTo: (d: { readonly opens: string | number }): string => "the link to " + d.opens,
	theMat: (d: { readonly mat: string | number }): string => "the mat " + d.mat,
	theDoor: (): string => "joining the group",
	whatIsAskedFor: (): string => "bags to ask for",
	theCalendar: (): string => "the calendar",
	version: (d: { readonly planVersion: string | number }): string => "version " + d.planVersion,
	toCount: (d: { readonly planName: string | number }): string => '' + d.planName + ", to count",
	forOneToComeIn: (d: { readonly role: string | number }): string => "for one person to join as a " + d.role,
	toTapAt: (): string => "to tap at",
	toRead: (): string => "to read",
	toFollow: (): string => "to follow"
};

export const MembersPage = {
	members: (): string => "Members",
	whoSignsInToThis: (): string => "People who sign in to this group. Volunteers at the table are a separate list: link them here if they are the same person.",
	visitorsComeByWayOf: (): string => "Visitors come through a proxy that is not set up here, so they all count as one: wrong passphrases of one lock out all. Whoever runs the machine sets ADDRESS_HEADER.",
	nestRowRunsAsRoot: (): string => "Nest Row runs as root on its machine. It does not need to. Whoever runs the machine moves it to a folder that every user may read and starts it again.",
	theLinkIsMade: (): string => "Your new link",
	itLetsOnePersonIn: (d: { readonly role: string | number }): string => "It lets one person join as a " + d.role + ". Copy it now. It is shown only once.",
	letSomeoneIn: (): string => "Invite someone",
	asWhat: (): string => "Role",
	makeALinkForDays: (d: { readonly days: string | number }): string => "Create link for " + d.days + " days",
	whoIsIn: (): string => "Members now",
	you: (): string => ", you",
	may: (): string => "Role",
	isAtTheTableAs: (): string => "Volunteer",
	nobodyThere: (): string => "nobody",
	keep: (): string => "Save",
	whatMay: (d: { readonly name: string | number }): string => "role of " + d.name,
	takeOut: (): string => "Remove",
	ofTheGroup: (d: { readonly name: string | number }): string => "from the group: " + d.name
};

export const RemovedPage = {
	removed: (): string => "Removed",
	whatIsRemovedCanBe: (d: { readonly removedDays: string | number }): string => "You can restore what was removed for " + d.removedDays + " days. Then it is gone.",
	nothingWasRemovedInThe: (d: { readonly removedDays: string | number }): string => "Nothing was removed in the last " + d.removedDays + " days.",
	removed2: (d: { readonly sortWords: string | number; readonly yearDay: string | number }): string => '' + d.sortWords + ", removed " + d.yearDay,
	bringBack: (): string => "Restore",
	kindOfBag: (): string => "kind of bag",
	receivingPlace: (): string => "receiving place"
};

export const SAddressPage = {
	nestRow: (d: { readonly stationWords: string | number; readonly yearDay: string | number }): string => '' + d.stationWords + " · " + d.yearDay + " · Nest Row"
};

export const SettingsPage = {
	wordsUnitsAndLook: (): string => "Settings",
	onThisDevice: (): string => "On this device",
	asTheGroupHasThem: (): string => "same as the group",
	stitchNames: (): string => "Stitch names",
	asGoesWithTheUnits: (): string => "to match the units",
	look: (): string => "Look",
	useTheseHere: (): string => "Save for this device",
	whatElseIsKept: (): string => "More",
	peopleAndPlaces: (): string => "People and places",
	linksThatOpenAPlan: (): string => "Links",
	forTheWholeGroup: (): string => "For the whole group",
	everyDeviceThatHasNot: (): string => "For every device without settings of its own.",
	whatTheGroupIsCalled: (): string => "Name of the group",
	itStandsOnListsAnd: (): string => "It is printed on lists and ask sheets.",
	timeZoneOfTheHall: (): string => "Time zone of the hall",
	aDayIsTheHalls: (): string => "Days change at midnight in the hall, wherever you type.",
	languageAndCountryWhoseWay: (): string => "Language and country, for how numbers are written",
	suchAsEnGbPt: (): string => "Like en-GB, pt-PT or de-CH.",
	daysThatPagesStayOn: (): string => "Days that pages stay on a device without network",
	useTheseForAll: (): string => "Save for all",
	removed: (): string => "Removed",
	whatWasDoneByWhom: (): string => "History",
	centimetresAndGrams: (): string => "centimetres and grams",
	feetAndInchesPoundsAnd: (): string => "feet and inches, pounds and ounces",
	usSingleHalfDoubleDouble: (): string => "US: single, half double, double",
	ukDoubleHalfTrebleTreble: (): string => "UK: double, half treble, treble"
};

export const SignInPage = {
	signIn: (): string => "Sign in",
	address: (): string => "Email",
	usernameWebauthn: (): string => "username webauthn",
	passphrase: (): string => "Passphrase",
	signInWithAPasskey: (): string => "Sign in with a passkey",
	iDoNotKnowMy: (): string => "I forgot my passphrase",
	readTheKnowHowWithout: (): string => "Read the know-how without signing in"
};

export const SignInAnewPage = {
	chooseANewPassphrase: (): string => "Choose a new passphrase",
	everyDeviceThatIsSigned: (): string => "All devices signed in with the old one are signed out.",
	aPassphrase: (): string => "Passphrase",
	twelveCharactersOrMoreFour: (): string => "At least 12 characters. Four unrelated words are a good choice. You may paste it.",
	keepMyPasskeysLeaveThis: (): string => "Keep my passkeys. Leave this off if you lost a device.",
	useThisOneFromNow: (): string => "Save passphrase",
	askForAnotherWayBack: (): string => "Ask for a new message"
};

export const SignInForgotPage = {
	aNewPassphrase: (): string => "Forgotten passphrase",
	ifThatAddressHasAn: (): string => "If that email has an account, a message with a link is on its way. The link works for half an hour.",
	yourAddress: (): string => "Your email",
	sendMeAWayBack: (): string => "Send message",
	backToSigningIn: (): string => "Back to sign in"
};

export const TrailPage = {
	whatWasDone: (): string => "History",
	whoDidWhatAndWhen: (): string => "Who did what, newest first. Nobody can change it.",
	nothingYetIsfirstSelectYes: (d: { readonly isFirst: 'yes' | 'no' }): string => "Nothing yet" + select(d.isFirst, { yes: "", other: ", before that" }) + ".",
	theNewest: (): string => "Newest",
	whatWasBeforeThat: (): string => "Older"
};

export const WelcomePage = {
	theFirstCoordinator: (): string => "The first coordinator",
	nestRowPrintedAWord: (): string => "Nest Row printed a word when it was started. Type it here once to begin.",
	theWord: (): string => "The word",
	begin: (): string => "Begin",
	iHaveAnAccountAlready: (): string => "I already have an account"
};

export const passkeys = {
	thatDidNotGoTry: (): string => "That did not work. Try again, or use your passphrase.",
	signInAnewFirstA: (): string => "Sign in again first, then add the passkey."
};

export const roleWords = {
	allOfTheGroupIts: (): string => "can do everything: settings, people and links too",
	typingWhateverIsGatheredPrepared: (): string => "can record gathering, preparing, making and checking",
	readingWithoutWhatPeopleNeed: (): string => "can read, except what volunteers need"
};

export const auth = {
	nestRow: (): string => "Nest Row",
	aNewPassphraseForNest: (): string => "A new passphrase for Nest Row",
	someoneAskedForANew: (d: { readonly origin: string | number; readonly token: string | number }): string => "Someone asked for a new passphrase for this email. If it was you, open " + d.origin + "/sign-in/anew?token=" + d.token + " within half an hour. If not, you need to do nothing."
};

export const beginHouse = {
	thatIsNotTheWord: (): string => "That is not the word, or it was already used. Start Nest Row again for a new one.",
	theWordWasJustUsed: (): string => "The word was just used.",
	noAccountCouldBeMade: (): string => "The account could not be created. Start Nest Row again for a new word."
};

export const join = {
	someoneCameInByThis: (): string => "Someone already joined with this link. Ask for another.",
	noAccountCouldBeMade: (): string => "The account could not be created. If this email has one here, sign in first and open this link again."
};

export const limits = {
	aMinute: (): string => "a minute",
	minutes: (d: { readonly minutes: string | number }): string => '' + d.minutes + " minutes",
	thatWasTriedTooOften: (d: { readonly part: string | number }): string => "Too many tries. Try again in " + d.part + "."
};

export const newAccount = {
	sayWhatYouAreCalled: (): string => "Type your name.",
	atMost120Characters: (): string => "At most 120 characters.",
	writeItAsNamePlace: (): string => "Write it like name@place.example."
};

export const ownAccount = {
	thatIsNotThePassphrase: (): string => "That is not your current passphrase."
};

export const requestGuard = {
	thisIsForThoseWho: (): string => "Only coordinators can do this. Ask a coordinator of your group.",
	thereIsNoSuchAct: (): string => "This action does not exist.",
	nobodySignsInHereIt: (): string => "There is no sign-in here: Nest Row is open on this machine only.",
	signInFirst: (): string => "Sign in first.",
	thisPageWasOpenedFor: (): string => "This page belongs to a group you are not in any more.",
	youAreInNoGroup: (): string => "You are in no group yet."
};

export const signIn = {
	theAddressAndThePassphrase: (): string => "Email or passphrase is wrong."
};

export const wayBack = {
	writeYourAddressAsName: (): string => "Write your email like name@place.example.",
	thisWayBackIsUsed: (): string => "This link was used, or its half hour is over. Ask for a new message."
};

export const things = {
	noLabelWithThatCode: (): string => "No label with that code was printed for this group. Look at it again.",
	thatLabelIsOnSomething: (): string => "That label is already on something. Take the next one."
};

export const holdLate = {
	tooMuchCameByThis: (): string => "Too much came by this link after it was closed.",
	thatWasSettledAlready: (): string => "That was already decided."
};

export const keepEntry = {
	thisCouldNotBeRead: (): string => "This could not be read. Type it again.",
	thisWasKeptAlreadyAnd: (): string => "This was already saved and counts once. Is it a second one? Send it again.",
	kept: (): string => "Saved."
};

export const linkEntries = {
	thisLinkKeepsTheRows: (): string => "This link is for the rows, notes and wishes of its mat only.",
	thisLinkOpensAnotherMat: (): string => "This link is for another mat. Ask whoever gave it to you.",
	thisLinkKeepsTheTaps: (): string => "This link is for the taps of its station only.",
	thisLinkOpensAnotherStation: (): string => "This link is for another station. Ask whoever gave it to you."
};

export const notTheirs = {
	youReadHereAHelper: (): string => "You can read here. A helper or a coordinator can save this.",
	thatIsNotInThe: (): string => "That entry is not there any more.",
	thisIsTypedByA: (): string => "Only a coordinator of the group can save this."
};

export const takeEach = {
	thisCouldNotBeRead: (): string => "This could not be read: a field is too long, or something is missing."
};

export const takeEntry = {
	somethingElseWasKeptUnder: (): string => "This was already saved with other content. Type it again.",
	whatIsEditedIsNot: (): string => "What you edit is not there any more. Type it as a new one.",
	itCouldNotBeEdited: (): string => "It could not be changed.",
	whatIsEditedCouldNot: (): string => "What you edit could not be read."
};

export const answerJson = {
	theBodyIsLargerThan: (): string => "The request is larger than any plan file.",
	notJson: (): string => "not JSON"
};

export const reader = {
	nestRow: (): string => "Nest Row"
};

export const AAddressActs = {
	thisLinkOpensNothingIt: (): string => "This link does not work. It may be revoked or expired: ask whoever gave it to you.",
	bagsOfAnyKind: (): string => "bags of any kind"
};

export const AAddressSheetPdfDoor = {
	thisLinkOpensNothing: (): string => "This link does not work."
};

export const AccountActs = {
	thePassphraseIsChangedAnd: (): string => "Passphrase changed. All other devices are signed out.",
	everyOtherDeviceIsSigned: (): string => "All other devices are signed out."
};

export const ApiAuthRestDoor = {
	thereIsNothingHere: (): string => "Page not found.",
	sayYourPassphraseFirst: (): string => "Type your passphrase first.",
	thatDidNotGo: (): string => "That did not work."
};

export const ApiMixDoor = {
	noMixWasFoundIn: (): string => "No mix was found in the available time."
};

export const ApiPlansDoor = {
	theBodyIsLargerThan: (): string => "The request is larger than any plan file.",
	anotherPlanWasKeptUnder: (): string => "Another plan was saved under this key."
};

export const CAddressDoor = {
	thisLinkOpensNothing: (): string => "This link does not work."
};

export const GroupsActs = {
	youAreNotInThat: (): string => "You are not in that group.",
	sayWhatTheGroupIs: (): string => "Type a name for the group.",
	atMost120CharactersAll: (): string => "At most 120 characters, without signs that cannot be shown.",
	thisCouldNotBeRead: (): string => "This could not be read. Try again.",
	typeTheNameAsIt: (): string => "Type the name exactly as above.",
	thatGroupIsGoneOr: (): string => "That group is gone, or you are not its coordinator."
};

export const HealthzDoor = {
	theDatabaseIsAway: (): string => "the database is away"
};

export const JoinAddressActs = {
	thisLinkLetsNobodyIn: (): string => "This link does not work any more. Ask for another."
};

export const LAddressActs = {
	thisLinkOpensNothingIt: (): string => "This link does not work. It may be revoked or expired: ask whoever gave it to you."
};

export const LinksActs = {
	whichPlanWasMeantCould: (): string => "The plan could not be read. Reload the page.",
	noLinkWasMadeThat: (): string => "No link was created: the plan is gone, or this page already created its link. Open the plans and try again.",
	whatTheLinkShouldOpen: (): string => "Choose what the link is for.",
	noLinkWasMadeThis: (): string => "No link was created: this page already created it, or that day is gone.",
	whichEntryWasMeantCould: (): string => "The entry could not be read. Reload the page.",
	thatLinkOpensNothingAny: (): string => "That link does not work any more."
};

export const MembersActs = {
	aGroupKeepsOneCoordinator: (): string => "A group needs a coordinator. Make someone else coordinator first.",
	thatMemberIsNotIn: (): string => "That member is not in the group any more.",
	asWhatWasMeantCould: (): string => "Choose a role.",
	thisPageMadeItsLink: (): string => "This page already created its link. Reload it for another.",
	whatWasMeantCouldNot: (): string => "That could not be read. Reload the page."
};

export const RemovedActs = {
	whatToBringBackCould: (): string => "That could not be read. Reload the page.",
	anotherHasThatNameNow: (): string => "Something else has that name now. Rename it first.",
	itCannotBeBroughtBack: (): string => "It cannot be restored any more."
};

export const SAddressActs = {
	thisLinkOpensNothingIt: (): string => "This link does not work. It may be revoked, or its day is over. Entries still on this tablet are held for a coordinator."
};

export const SAddressEntriesDoor = {
	thisLinkOpensNothing: (): string => "This link does not work."
};

export const SettingsActs = {
	sayWhatTheGroupIs: (): string => "Type a name for the group.",
	writeItAsPtPt: (): string => "Write it like pt-PT or en-NZ: the language, then the country."
};

export const TrailActs = {
	someoneWithALink: (): string => "Someone with a link",
	someoneAtThisMachine: (): string => "Someone on this machine"
};

export const dayCalendar = {
	nestRow: (): string => "Nest Row",
	tableDay: (d: { readonly groupName: string | number }): string => '' + d.groupName + ": table day",
	handOver: (): string => "Delivery",
	tableDays: (): string => "Table days"
};

export const MAddressDoor = {
	theMat: (d: { readonly code: string | number }): string => "The mat " + d.code,
	thisCouldNotBeRead: (): string => "This could not be read. Try again."
};

export const passphrase = {
	itHasCharactersItNeeds: (d: { readonly length: string | number; readonly least: string | number }): string => "It has " + d.length + " characters and needs " + d.least + ". Four unrelated words are a good choice.",
	itHasCharactersAtMost: (d: { readonly length: string | number; readonly most: string | number }): string => "It has " + d.length + " characters; at most " + d.most + " are allowed.",
	sleepingMat: (): string => "sleeping mat",
	thatWouldSoonBeGuessed: (): string => "That is easy to guess. Add a few unrelated words."
};
