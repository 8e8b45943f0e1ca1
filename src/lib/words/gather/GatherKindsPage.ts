// Made of gather.json by `npm run words -- --make`: change the words there.

export const aNewKindInstead = (): string => "A new kind instead";
export const yourKindsOfBag = (): string => "Your kinds of bag";
export const allDrawnToTheSame = (): string => "All drawn to the same scale. You can use them in sorting, the store and every plan.";
export const wideHigh = (d: { readonly name: string | number; readonly readable: string | number; readonly readable2: string | number }): string => '' + d.name + ": " + d.readable + " wide, " + d.readable2 + " high";
export const gussets = (d: { readonly readable: string | number }): string => ", gussets " + d.readable;
export const handles = (d: { readonly readable: string | number }): string => ", handles " + d.readable;
export const flatTenWeigh = (d: { readonly readable: string | number; readonly readable2: string | number; readonly part: string | number; readonly part2: string | number; readonly formatMass: string | number }): string => '' + d.readable + " × " + d.readable2 + " flat" + d.part + d.part2 + ". Ten weigh " + d.formatMass + ".";
export const inTheStore = (d: { readonly bags: string | number }): string => '' + d.bags + " in store.";
export const measureAgain = (): string => "Measure again";
export const remove = (): string => "Remove";
export const removed = (): string => "Removed";
