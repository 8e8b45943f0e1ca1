// Made of prepare.json by `npm run words -- --make`: change the words there.

export const thisGroupHasUsedAll = (): string => "This group has used all label codes.";
export const aColourStandsHereTwice = (): string => "The same colour is here twice. Add its bags together.";
export const spoiled = (): string => "Spoiled";
export const weight = (): string => "Weight";
