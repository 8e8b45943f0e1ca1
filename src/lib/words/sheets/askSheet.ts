// Made of sheets.json by `npm run words -- --make`: change the words there.

export const knottedOrWaddedBagsSomebody = (): string => "Knotted or wadded bags: someone has to open each one.";
export const dampDirtyOrMouldyBags = (): string => "Damp, dirty or mouldy bags; bags from medical or chemical use.";
export const bagsThatCrackleAndCrumble = (): string => "Bags that crackle and crumble: they fall apart in the mat.";
export const newBagsGotForThis = (): string => "New bags bought for this, or a special trip. We want bags that were already used.";
export const smoothItFlat = (): string => "Smooth it flat";
export const tuckTheSidesIn = (): string => "Tuck the sides in";
export const foldItOnce = (): string => "Fold it once";
export const stackSeamsTogether = (): string => "Stack, seams together";
export const bagsWanted = (): string => "Bags wanted";
export const forEveryPlace = (): string => "for every source";
export const weTurnUsedPlasticBags = (): string => "We make sleeping mats from used plastic bags. Would you keep yours for us?";
export const howManyWeNeed = (): string => "How many we need";
export const justNowWeHaveEnough = (): string => "Right now we have enough bags. Thank you. Please ask again.";
export const otherBags = (): string => "Other bags";
export const counted = (d: { readonly basis: string | number }): string => "Counted " + d.basis + ".";
export const howToFoldThem = (): string => "How to fold them";
export const dryCleanAndEmptyA = (): string => "Dry, clean and empty. Rinse pouches that held milk or juice and let them dry open for an hour or more. A small hole near the seam or the handles is fine.";
export const pleaseNot = (): string => "Please not";
export const bringThemTo = (): string => "Bring them to";
export const whereAndWhen = (): string => "Where and when";
export const until = (): string => "Until";
