// Made of common.json by `npm run words -- --make`: change the words there.

export const whyOptional = (): string => "Why (optional)";
export const whoOptional = (): string => "Who (optional)";
export const undo = (): string => "Undo";
export const cancel = (): string => "Cancel";
export const lookInTheStore = (): string => "Look in the store";
export const undone = (d: { readonly words: string | number }): string => '' + d.words + ": undone";
export const undoneItIsInThe = (): string => "Undone. It is in the fields again: change it and save.";
