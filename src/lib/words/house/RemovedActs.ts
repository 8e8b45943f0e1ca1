// Made of house.json by `npm run words -- --make`: change the words there.

export const thatCouldNotBeRead = (): string => "That could not be read. Reload the page.";
export const anotherHasThatNameNow = (): string => "Something else has that name now. Rename it first.";
export const itCannotBeBroughtBack = (): string => "It cannot be restored any more.";
