// Made of common.json by `npm run words -- --make`: change the words there.

export const undo = (): string => "Undo";
export const whyOptional = (): string => "Why (optional)";
export const undo2 = (d: { readonly words: string | number }): string => "Undo " + d.words;
export const undone = (d: { readonly words: string | number }): string => '' + d.words + ": undone";
