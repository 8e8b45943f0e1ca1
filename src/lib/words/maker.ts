// Made of maker.json by `npm run words -- --make`: change the words there.

export const MakerPage = {
	theMat: (d: { readonly code: string | number }): string => "The mat " + d.code,
	whatYouCountedSinceIs: (): string => "What you counted since is on this phone still.",
	whatCameFromHereSince: (): string => "What came from here since it was closed is held for a coordinator of the group.",
	keptOnThisPhone: (d: { readonly waiting: string | number }): string => '' + d.waiting + " kept on this phone",
	noNetworkTheyGoUp: (): string => ": no network. They go up by themselves.",
	goingUp: (): string => ", going up.",
	notKept: (d: { readonly values: string | number }): string => "Not kept: " + d.values,
	yesItIsRight: (): string => "Yes, it is right",
	throwItAway: (): string => "Throw it away",
	theSameMovementOverAnd: (): string => "The same movement over and over: rest your hands five minutes in 45. Where it hurts, stop.",
	sayAWord: (): string => "Say a word",
	youAskedForABall: (): string => "You asked for a ball. The table sees it here; nobody has answered yet.",
	youAskedThatItBe: (): string => "You asked that it be fetched. The table sees it here; nobody has answered yet.",
	yourWordIsKept: (): string => "Your word is kept.",
	aWordOnIt: (): string => "A word on it",
	sendIt: (): string => "Send it",
	whatIsWrongWithIt: (): string => "What is wrong with it?",
	thisMatIsNotBeing: (): string => "This mat is not being made any more: it is done, or it began anew. Thank you for your work.",
	mat: (d: { readonly groupId: string | number; readonly code: string | number }): string => '' + d.groupId + " mat " + d.code,
	writeAWordFirst: (): string => "Write a word first.",
	notKept2: (): string => "Not kept",
	iNeedABall: (): string => "I need a ball",
	keptTheTableSeesThat: (): string => "Kept. The table sees that you need a ball.",
	iCannotGoOnPlease: (): string => "I cannot go on: please fetch it",
	keptTheTableSeesThat2: (): string => "Kept. The table sees that it is to be fetched. Thank you for what you made."
};

export const makerView = {
	thisLinkOpensNothingAny: (): string => "This link opens nothing any more. It may have been revoked, or its time is over; ask whoever gave it to you."
};
