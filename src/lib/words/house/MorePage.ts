// Made of house.json by `npm run words -- --make`: change the words there.

export const whoReads = (): string => "Group, sign-in and units";
