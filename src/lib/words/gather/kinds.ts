// Made of gather.json by `npm run words -- --make`: change the words there.

export const thereIsAlreadyAKind = (): string => "There is already a kind with that name. Choose another name.";
export const thereIsAKindIs = (d: { readonly similar: string | number }): string => "There is a kind “" + d.similar + "”. Is this a different one?";
export const thatKindOfBagIs = (): string => "That kind of bag is not in the list any more.";
