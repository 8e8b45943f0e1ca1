// Made of house.json by `npm run words -- --make`: change the words there.

export const someoneElseTypedThisIt = (): string => "Someone else typed this. It waits until they sign in.";
export const somethingWentWrongHereNothing = (): string => "Something went wrong here. Nothing you saved is lost.";
