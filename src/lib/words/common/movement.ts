// Made of common.json by `npm run words -- --make`: change the words there.

export const movedSomethingInOrOut = (): string => "moved something in or out of the store";
