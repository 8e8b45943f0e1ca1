// Made of gather.json by `npm run words -- --make`: change the words there.

export const onThePan = (d: { readonly bareMassUnitOf: string | number }): string => "On the scale, " + d.bareMassUnitOf;
export const putItOn = (): string => "Put it on";
export const tare = (): string => "Tare";
export const plugItInAgain = (): string => "Plug it in again";
export const pullThePlug = (): string => "Pull the plug";
export const aPracticeScaleTypeWhat = (): string => "A practice scale: type what is on it. A reading counts once it is steady.";
