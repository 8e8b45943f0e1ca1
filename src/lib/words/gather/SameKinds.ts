// Made of gather.json by `npm run words -- --make`: change the words there.

export const mergeTwoKinds = (): string => "Merge two kinds";
export const is = (d: { readonly name: string | number; readonly asName: string | number }): string => '' + d.name + " is now " + d.asName + ".";
export const thatIs = (d: { readonly name: string | number; readonly asName: string | number }): string => "that " + d.name + " is " + d.asName;
export const makeTwoKindsOne = (): string => "Merge two kinds";
export const merge = (): string => "Merge";
export const thisKind = (): string => "This kind";
export const isTheSameAs = (): string => "is the same as";
export const stockOfTheFirstKind = (): string => "Stock of the first kind goes to the second.";
