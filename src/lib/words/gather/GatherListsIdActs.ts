// Made of gather.json by `npm run words -- --make`: change the words there.

export const thisListIsNotOn = (): string => "This list is not here any more.";
export const thatCellCouldNotBe = (): string => "That cell could not be read. Please type it again.";
export const someOfWhatItBrought = (): string => "Some of what it added has left the store since. Undo that first.";
