// Made of maker.json by `npm run words -- --make`: change the words there.

export const MakerPage = {
	theMat: (d: { readonly code: string | number }): string => "The mat " + d.code,
	whatYouCountedSinceIs: (): string => "What you counted since then is still on this phone.",
	whatCameFromHereSince: (): string => "What came from here after it was closed waits for a coordinator.",
	keptOnThisPhone: (d: { readonly waiting: string | number }): string => '' + d.waiting + " saved on this phone",
	noNetworkTheyGoUp: (): string => ": no network. They are sent by themselves later.",
	goingUp: (): string => ", being sent.",
	notKept: (d: { readonly values: string | number }): string => "Not saved: " + d.values,
	yesItIsRight: (): string => "Yes, it is right",
	throwItAway: (): string => "Delete",
	theSameMovementOverAnd: (): string => "The same movement again and again tires your hands. Rest five minutes in every 45. If it hurts, stop.",
	sayAWord: (): string => "Write to the table",
	youAskedForABall: (): string => "You asked for a ball. The table sees it. Nobody has answered yet.",
	youAskedThatItBe: (): string => "You asked to pass the mat on. The table sees it. Nobody has answered yet.",
	yourWordIsKept: (): string => "Your note is saved.",
	aWordOnIt: (): string => "Note for them",
	sendIt: (): string => "Send",
	whatIsWrongWithIt: (): string => "What is wrong with it?",
	thisMatIsNotBeing: (): string => "This mat is not being made any more. Thank you for your work.",
	mat: (d: { readonly groupId: string | number; readonly code: string | number }): string => '' + d.groupId + " mat " + d.code,
	writeAWordFirst: (): string => "Write a note first.",
	notKept2: (): string => "Not saved",
	iNeedABall: (): string => "I need a ball",
	keptTheTableSeesThat: (): string => "Saved. The table sees that you need a ball.",
	iCannotGoOnPlease: (): string => "I cannot go on: please collect it",
	keptTheTableSeesThat2: (): string => "Saved. The table sees that the mat must be collected. Thank you for what you made."
};

export const makerView = {
	thisLinkOpensNothingAny: (): string => "This link does not work any more. It may be revoked or expired: ask whoever gave it to you."
};
