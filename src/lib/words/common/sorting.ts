// Made of common.json by `npm run words -- --make`: change the words there.

export const countAtLeastOneBag = (): string => "Count at least one bag.";
export const sortedBags = (): string => "sorted bags";
export const from = (d: { readonly place: string | number }): string => "from " + d.place;
export const bagsForStrand = (d: { readonly strand: string | number; readonly colour: string | number }): string => '' + d.strand + " " + d.colour + " bags for yarn";
