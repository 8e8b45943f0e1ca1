// Made of common.json by `npm run words -- --make`: change the words there.

export const whatYourTableIsCalled = (): string => "Name of your group";
export const whatIsYourTableCalled = (): string => "What is your group called?";
export const thatIsItsName = (): string => "Save name";
export const notNow = (): string => "Not now";
