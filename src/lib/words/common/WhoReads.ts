// Made of common.json by `npm run words -- --make`: change the words there.

export const signedInAs = (): string => "Signed in as";
export const signOut = (): string => "Sign out";
export const noSignInHere = (): string => "Nobody signs in on this computer.";
