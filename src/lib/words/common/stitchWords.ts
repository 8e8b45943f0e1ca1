// Made of common.json by `npm run words -- --make`: change the words there.

export const singleCrochet = (): string => "single crochet";
export const halfDoubleCrochet = (): string => "half double crochet";
export const doubleCrochet = (): string => "double crochet";
export const halfTrebleCrochet = (): string => "half treble crochet";
export const trebleCrochet = (): string => "treble crochet";
export const us = (d: { readonly us: string | number }): string => "US " + d.us;
export const uk = (d: { readonly uk: string | number }): string => "UK " + d.uk;
export const mm = (d: { readonly mm: string | number; readonly also: string | number }): string => '' + d.mm + " mm (" + d.also + ")";
