// Made of common.json by `npm run words -- --make`: change the words there.

export const theServerCouldNotRead = (): string => "The server could not read this. Correct it or delete it.";
export const youMayNotSaveThis = (): string => "You may not save this.";
