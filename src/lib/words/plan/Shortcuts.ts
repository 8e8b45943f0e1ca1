// Made of plan.json by `npm run words -- --make`: change the words there.

export const keys = (): string => "Keys";
export const singleKeysWork = (): string => "single keys work";
export const close = (): string => "Close";
export const theyRestWhileYouType = (): string => "They are off while you type in a field. Tab and Shift-Tab move through everything; arrow keys move along a row of choices.";
