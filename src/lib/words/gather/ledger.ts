// Made of gather.json by `npm run words -- --make`: change the words there.

export const thereIsNotThatMuch = (): string => "There is not that much in store. Count again, or add what is missing first.";
export const thatKindOfBagIs = (): string => "That kind of bag is not in the list any more.";
