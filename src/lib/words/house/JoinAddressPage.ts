// Made of house.json by `npm run words -- --make`: change the words there.

export const comeInTo = (d: { readonly group: string | number }): string => "Join " + d.group;
export const youComeInAsA = (): string => "You join as a";
export const makeAnAccountAndCome = (): string => "Create account and join";
export const comeInAs = (d: { readonly name: string | number }): string => "Join as " + d.name;
export const ifYouHaveAnAccount = (): string => "If you have an account,";
export const signIn = (): string => "sign in";
export const firstAndOpenThisLink = (): string => "first and open this link again.";
