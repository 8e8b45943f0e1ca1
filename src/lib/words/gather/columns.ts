// Made of gather.json by `npm run words -- --make`: change the words there.

export const cameOn = (): string => "came on";
export const numberOfBags = (): string => "number of bags";
export const atLeast = (): string => "at least";
export const bagsLow = (): string => "bags low";
export const atMost = (): string => "at most";
export const bagsHigh = (): string => "bags high";
export const broughtBy = (): string => "brought by";
export const movedAt = (): string => "moved at";
export const kindOfBag = (): string => "kind of bag";
export const howMuch = (): string => "how much";
export const movementsOfTheStore = (): string => "Movements of the store";
export const twoColumnsAreSaidTo = (d: { readonly head: string | number }): string => "Two columns are set to “" + d.head + "”. Keep one of them.";
export const isNeededChooseItsColumn = (d: { readonly head: string | number }): string => "“" + d.head + "” is needed: choose its column.";
