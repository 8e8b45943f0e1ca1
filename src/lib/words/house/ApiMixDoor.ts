// Made of house.json by `npm run words -- --make`: change the words there.

export const noMixWasFoundIn = (): string => "No mix was found in the available time.";
