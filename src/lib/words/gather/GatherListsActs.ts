// Made of gather.json by `npm run words -- --make`: change the words there.

export const theListIsLargerThan = (): string => "The list is larger than 12 MB. Split it and import the parts.";
export const aPastedList = (): string => "a pasted list";
export const theFileDidNotArrive = (): string => "The file did not arrive complete. Try again.";
export const chooseWhatTheListHolds = (): string => "Choose what the list holds.";
export const theNameOfTheFile = (): string => "The name of the file cannot be read. Rename it and bring it again.";
export const chooseAFileOrPaste = (): string => "Choose a file, or paste the list.";
