// Made of people.json by `npm run words -- --make`: change the words there.

export const nobodyOfThatName = (): string => "Choose a volunteer from the list.";
