// Made of house.json by `npm run words -- --make`: change the words there.

export const join = (d: { readonly group: string | number }): string => "Join " + d.group;
export const youComeInAsA = (): string => "You join as a";
export const createAccountAndJoin = (): string => "Create account and join";
export const joinAs = (d: { readonly name: string | number }): string => "Join as " + d.name;
export const ifYouHaveAnAccount = (): string => "If you have an account,";
export const signIn = (): string => "sign in";
export const firstAndOpenThisLink = (): string => "first and open this link again.";
