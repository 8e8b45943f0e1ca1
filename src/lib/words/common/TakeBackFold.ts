// Made of common.json by `npm run words -- --make`: change the words there.

export const takeItBack = (): string => "Undo";
export const whyOptional = (): string => "Why (optional)";
export const takeBack = (d: { readonly words: string | number }): string => "Undo " + d.words;
export const takenBack = (d: { readonly words: string | number }): string => '' + d.words + ": undone";
