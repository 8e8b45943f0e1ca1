// Made of gather.json by `npm run words -- --make`: change the words there.

export const mergeTwoSources = (): string => "Merge two sources";
export const is = (d: { readonly name: string | number; readonly name2: string | number }): string => '' + d.name + " is " + d.name2 + ".";
export const undo = (): string => "Undo";
export const is2 = (d: { readonly name: string | number; readonly name2: string | number }): string => ": " + d.name + " is " + d.name2;
const this_ = (): string => "This source";
export { this_ as this };
export const choose = (): string => "choose a source";
export const isTheSameAs = (): string => "is the same as";
export const merge = (): string => "Merge";
