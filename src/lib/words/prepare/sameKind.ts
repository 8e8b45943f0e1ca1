// Made of prepare.json by `npm run words -- --make`: change the words there.

export const ballsOfThisKindAre = (): string => "Balls of this kind are in store with labels. Use them first.";
export const thatKindOfBagIs = (): string => "That kind of bag is not in the list any more.";
