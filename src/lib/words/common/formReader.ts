// Made of common.json by `npm run words -- --make`: change the words there.

export const atMostCharactersPlease = (d: { readonly most: string | number }): string => "At most " + d.most + " characters, please.";
export const thereIsACharacterHere = (): string => "There is a character here that cannot be shown. Type it again.";
export const pleaseFillThisIn = (): string => "Please fill this in.";
export const atLeast = (d: { readonly atLeast: string | number }): string => "At least " + d.atLeast + ".";
export const moreThan = (d: { readonly moreThan: string | number }): string => "More than " + d.moreThan + ".";
export const atMost = (d: { readonly atMost: string | number }): string => "At most " + d.atMost + ".";
export const atLeast2 = (d: { readonly formatMass: string | number }): string => "At least " + d.formatMass + ".";
export const atMost2 = (d: { readonly formatMass: string | number }): string => "At most " + d.formatMass + ".";
export const weighAtLeastOneHandful = (): string => "Weigh at least one handful.";
export const isNotAWeight = (d: { readonly bad: string | number }): string => "“" + d.bad + "” is not a weight.";
export const atMost500Handfuls = (): string => "At most 500 handfuls.";
export const thisMustBeMoreThan = (): string => "This must be more than 0.";
export const atMostM = (d: { readonly most: string | number }): string => "At most " + d.most + " m.";
export const chooseOneOfThese = (): string => "Choose one of these.";
export const typeTheDayLike20 = (): string => "Type the day like 20 Dec 2026.";
export const thatDayIsStillTo = (): string => "That day is in the future.";
