// Made of hand-over.json by `npm run words -- --make`: change the words there.

export const thisGroupHasUsedAll = (): string => "This group has used all label codes.";
export const byTheBookTheStore = (d: { readonly round: string | number }): string => "The store has only " + d.round + " g of scrap. Weigh it there first.";
export const byTheBookTheStore2 = (d: { readonly bags: string | number }): string => "The store has only " + d.bags + " torn bags. Count them there first.";
export const stuffing = (): string => "Stuffing";
