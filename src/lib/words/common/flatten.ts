// Made of common.json by `npm run words -- --make`: change the words there.

export const flattenedBags = (): string => "flattened bags";
export const bagsLaidFlat = (d: { readonly bags: string | number; readonly colour: string | number }): string => '' + d.bags + " " + d.colour + " bags laid flat";
