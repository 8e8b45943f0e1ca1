// Made of common.json by `npm run words -- --make`: change the words there.

export const thatIsSmallerThanAny = (): string => "No bag is that small: less than 4 cm.";
export const oneBagWouldWeighLess = (): string => "One bag would weigh less than 0.2 g or more than 1 kg. Weigh again.";
export const measuredAKindOfBag = (): string => "measured a kind of bag";
export const theKind = (d: { readonly name: string | number }): string => "the kind " + d.name;
