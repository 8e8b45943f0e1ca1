// Made of house.json by `npm run words -- --make`: change the words there.

export const pageNotFound = (): string => "Page not found.";
export const sayYourPassphraseFirst = (): string => "Type your passphrase first.";
export const thatDidNotGo = (): string => "That did not work.";
