// Made of house.json by `npm run words -- --make`: change the words there.

export const thisIsForThoseWho = (): string => "Only coordinators can do this. Ask a coordinator of your group.";
export const thereIsNoSuchAct = (): string => "This action does not exist.";
export const nobodySignsInHereIt = (): string => "There is no sign-in here: Nest Row is open on this machine only.";
export const signInFirst = (): string => "Sign in first.";
export const thisPageWasOpenedFor = (): string => "This page belongs to a group you are not in any more.";
export const youAreInNoGroup = (): string => "You are in no group yet.";
