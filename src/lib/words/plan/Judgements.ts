// Made of plan.json by `npm run words -- --make`: change the words there.

export const doThat = (): string => "Do that";
export const checkThis = (): string => "Check this";
export const betterChanged = (): string => "Better changed";
export const good = (): string => "Good";
