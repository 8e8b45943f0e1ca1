// Made of house.json by `npm run words -- --make`: change the words there.

export const nestRow = (): string => "Nest Row";
export const aNewPassphraseForNest = (): string => "A new passphrase for Nest Row";
export const someoneAskedForANew = (d: { readonly origin: string | number; readonly token: string | number }): string => "Someone asked for a new passphrase for this email. If it was you, open " + d.origin + "/sign-in/anew?token=" + d.token + " within half an hour. If not, you need to do nothing.";
