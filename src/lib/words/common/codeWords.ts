// Made of common.json by `npm run words -- --make`: change the words there.

export const aCodeHasFiveSigns = (): string => "A code has five characters.";
export const codesUseLettersAndDigits = (): string => "Codes use letters and digits only, without 0, 1, I, L and O.";
export const thisIsNotALabel = (): string => "This is not a label code: one character is wrong, or two are swapped. Look at the label again.";
