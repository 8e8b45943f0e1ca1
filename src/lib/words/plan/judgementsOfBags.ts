// Made of plan.json by `npm run words -- --make`: change the words there.

export const checkTheMeasures = (): string => "Check the measures";
export const thisFilmWouldBeM = (d: { readonly what: string | number }): string => "This plastic would be " + d.what + " µm thick, thinner than any bag.";
export const weighACountedHandfulAgain = (): string => "Weigh a counted handful again and measure flat.";
export const thisFilmWouldBeM2 = (d: { readonly what: string | number }): string => "This plastic would be " + d.what + " µm thick, thicker than any bag.";
export const wasTheHandfulCountedMeasure = (): string => "Was the handful counted? Measure flat.";
export const ofEveryBagLeftOver = (d: { readonly small: string | number }): string => '' + d.small + " of every bag left over";
export const theStripWidthDoesNot = (): string => "The strip width does not divide the bag evenly.";
export const stripsOfUseItAll = (d: { readonly what: string | number; readonly small: string | number }): string => '' + d.what + " strips of " + d.small + " use all of it.";
export const cutStrips = (d: { readonly what: string | number }): string => "Cut " + d.what + " strips";
export const lastStripShort = (): string => "Last strip short";
export const itIsInsteadOfA = (d: { readonly small: string | number; readonly small2: string | number }): string => "It is " + d.small + " instead of " + d.small2 + ", a little thinner in the hand.";
export const spreadTheShortOnesThrough = (): string => "Spread the short ones through the mat.";
export const narrowForThinFilm = (): string => "Narrow for thin plastic";
export const aSingleStripOfM = (d: { readonly what: string | number }): string => "A single strip of " + d.what + " µm snaps when cut so narrow.";
export const cutAtLeastWideAnd = (d: { readonly small: string | number }): string => "Cut at least " + d.small + " wide, and check after the first two turns.";
export const cutWide = (d: { readonly small: string | number }): string => "Cut " + d.small + " wide";
export const stackTooThickForThe = (): string => "Stack too thick for the tool";
export const bagsFoldedSoAreLayers = (d: { readonly what: string | number; readonly what2: string | number; readonly what3: string | number; readonly what4: string | number }): string => '' + d.what + " bags are " + d.what2 + " layers at the gusset, " + d.what3 + " mm thick. More than " + d.what4 + " mm is hard to cut.";
export const markAndCutInsteadOf = (): string => "Mark and cut instead of folding.";
export const takeAtATime = (d: { readonly what: string | number }): string => "Take " + d.what + " at a time.";
export const weakYarn = (): string => "Weak yarn";
export const aJointHoldsAboutN = (d: { readonly what: string | number }): string => "A joint holds about as much as " + d.what + " apples weigh. A careless pull snaps it.";
export const cutWiderOrWorkTwo = (): string => "Cut wider, or work two strands together.";
export const spinTwoTogether = (): string => "Spin two together";
