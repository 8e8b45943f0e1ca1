// Made of gather.json by `npm run words -- --make`: change the words there.

export const measureAgain = (d: { readonly name: string | number }): string => "Measure " + d.name + " again";
export const aKindOfBagOf = (): string => "New kind of bag";
export const saveKind = (): string => "Save kind";
export const aRulerAndAKitchen = (): string => "You need a ruler and a kitchen scale. Lay the bag flat with its gussets folded in. Weigh ten bags together.";
export const name = (): string => "Name";
export const flatWidth = (): string => "Flat width";
export const gussetEachSide = (): string => "Gusset, each side";
export const emptyIfNone = (): string => "empty if none";
export const seamToHandles = (): string => "Seam to handles";
export const handleHeight = (): string => "Handle height";
export const aHandfulWeighs = (): string => "Weight of a handful";
export const bagsInTheHandful = (): string => "Bags in the handful";
export const yourBagDrawnToScale = (): string => "Your bag, drawn to scale";
export const aBag = (): string => "a bag";
export const wereTheyUsed = (): string => "Were these bags used?";
export const usedBefore = (): string => "Used before";
export const newSurplus = (): string => "New surplus, in a box";
export const nobodyKnows = (): string => "Not known";
