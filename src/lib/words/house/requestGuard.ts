// Made of house.json by `npm run words -- --make`: change the words there.

export const onlyCoordinatorsCanDoThis = (): string => "Only coordinators can do this. Ask a coordinator of your group.";
export const thisActionDoesNotExist = (): string => "This action does not exist.";
export const thereIsNoSignIn = (): string => "There is no sign-in here: Nest Row is open on this machine only.";
export const signInFirst = (): string => "Sign in first.";
export const thisPageBelongsToA = (): string => "This page belongs to a group you are not in any more.";
export const youAreInNoGroup = (): string => "You are in no group yet.";
