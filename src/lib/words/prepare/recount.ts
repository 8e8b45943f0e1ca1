// Made of prepare.json by `npm run words -- --make`: change the words there.

export const thatKindOfBagIs = (): string => "That kind of bag is not in the list any more.";
export const thisPile = (): string => "This pile";
