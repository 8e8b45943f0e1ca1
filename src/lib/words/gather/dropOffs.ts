// Made of gather.json by `npm run words -- --make`: change the words there.

export const atMostBagsCanHang = (d: { readonly atMost: string | number }): string => "At most " + d.atMost + " bags can hang at once.";
export const thatKindIsNotIn = (): string => "That kind is not in the list any more.";
