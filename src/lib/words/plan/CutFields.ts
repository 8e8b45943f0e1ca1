// Made of plan.json by `npm run words -- --make`: change the words there.

export const trimBothEnds = (): string => "Trim at both ends";
export const ourOwn = (): string => "Our own";
export const offTheBottom = (d: { readonly whose: string | number }): string => "Off the bottom" + d.whose;
export const belowTheHandles = (d: { readonly whose: string | number }): string => "Below the handles" + d.whose;
export const ringsStraightAcrossTheTube = (): string => "Loops, straight across the bag";
export const equalFolds = (): string => "Equal folds";
export const measuredWidth = (): string => "Measured width";
export const howManyRings = (d: { readonly whose: string | number }): string => "How many loops" + d.whose;
export const foldingTwiceGives4Three = (): string => "Folding twice gives 4, three times 8";
export const stripWidth = (d: { readonly whose: string | number }): string => "Strip width" + d.whose;
export const stripWidthSlider = (d: { readonly whose: string | number }): string => "Strip width" + d.whose + ", slider";
export const cutsWithNothingLeftOver = (): string => "Cuts with nothing left over";
export const leftUncutAtOneEdge = (d: { readonly whose: string | number }): string => "Left uncut at one edge" + d.whose;
export const thenEachSlitIsCut = (): string => "Then cut each slit over to its neighbour, slanted";
export const oneWrongSlantGivesSeparate = (): string => "One wrong slant gives separate loops. Open the bag and check after the first two.";
export const noTrimmingGatherTheBag = (): string => "No trimming. Gather the bag, cut down between the handles, and open each half at its folded corner just above the seam. You get two very wide loops with no waste.";
export const handles = (): string => "Handles";
export const cutOff = (): string => "Cut off";
export const bulkierNoWaste = (): string => "bulkier, no waste";
export const loops = (): string => "Loops";
export const halfBag = (): string => "Half bag";
export const wholeTube = (): string => "Whole tube";
export const spiral = (): string => "Spiral";
export const generous = (): string => "Generous";
export const close = (): string => "Close";
export const kept = (): string => "Kept";
