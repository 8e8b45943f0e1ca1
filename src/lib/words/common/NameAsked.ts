// Made of common.json by `npm run words -- --make`: change the words there.

export const nameOfYourGroup = (): string => "Name of your group";
export const whatIsYourTableCalled = (): string => "What is your group called?";
export const saveName = (): string => "Save name";
export const notNow = (): string => "Not now";
