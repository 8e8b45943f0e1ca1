// Made of common.json by `npm run words -- --make`: change the words there.

export const chooseOneOfThePiles = (): string => "Choose one of the piles.";
