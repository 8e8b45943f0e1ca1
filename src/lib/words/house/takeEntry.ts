// Made of house.json by `npm run words -- --make`: change the words there.

export const thisWasAlreadySavedWith = (): string => "This was already saved with other content. Type it again.";
export const whatIsEditedIsNot = (): string => "What you edit is not there any more. Type it as a new one.";
export const itCouldNotBeEdited = (): string => "It could not be changed.";
export const whatIsEditedCouldNot = (): string => "What you edit could not be read.";
