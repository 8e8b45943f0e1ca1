// Made of common.json by `npm run words -- --make`: change the words there.

export const whyOptional = (): string => "Why (optional)";
export const whoOptional = (): string => "Who (optional)";
export const takeItBack = (): string => "Undo";
export const cancel = (): string => "Cancel";
export const lookInTheStore = (): string => "Look in the store";
export const takenBack = (d: { readonly words: string | number }): string => '' + d.words + ": undone";
export const takenBackItStandsIn = (): string => "Undone. It is in the fields again: change it and save.";
