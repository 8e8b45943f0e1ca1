// Made of sheets.json by `npm run words -- --make`: change the words there.

export const bagsToPrepare = (): string => "bags to cut";
export const stripWidth = (): string => "strip width";
export const wideFromSeamToHandles = (d: { readonly bagName: string | number; readonly readable: string | number; readonly readable2: string | number }): string => '' + d.bagName + ", " + d.readable + " wide, " + d.readable2 + " from seam to handles";
export const toCut = (d: { readonly tallyValue: string | number }): string => '' + d.tallyValue + " to cut";
export const notFolded = (): string => "not folded";
export const foldedOnce = (): string => "folded once";
export const foldedTimes = (d: { readonly folds: string | number }): string => "folded " + d.folds + " times";
export const bagsAtATimeLayers = (d: { readonly max: string | number; readonly part: string | number; readonly layers: string | number; readonly layersAtGusset: string | number }): string => '' + d.max + " bags at a time, " + d.part + ": " + d.layers + " layers, " + d.layersAtGusset + " at the gusset";
export const oneBagAtATime = (): string => "one bag at a time";
export const flattenGussetsInCreasesSmoothed = (): string => "Flatten: fold gussets in, smooth creases, put seams together. The bag must be a true rectangle. A clip in a corner keeps a stack square. Put the guide next to the bag, its foot at the bottom seam.";
export const guideForTheWarp = (): string => "Guide for the warp";
export const guideForTheWeft = (): string => "Guide for the weft";
export const printAt100ThisLine = (): string => "Print at 100 %. This line is 100 mm. If it is not, do not use the guide.";
export const bottomSeam = (): string => "bottom seam";
export const joinHereAboveTheSeam = (d: { readonly at10: string | number }): string => "join here: " + d.at10 + " above the seam";
export const goesOnOverleafStickThe = (d: { readonly at10: string | number }): string => "continues on the next page: stick its line here, " + d.at10;
export const bag = (): string => "Bag";
export const cut = (): string => "Cut";
export const weft = (): string => "Weft";
export const bags = (): string => "Bags";
export const stack = (): string => "Stack";
export const guide = (): string => "Guide";
export const joinInOrder = (d: { readonly order: string | number }): string => "Join the pieces in this order: " + d.order;
export const kindCard = (d: { readonly nth: string | number; readonly name: string | number }): string => '' + d.nth + " " + d.name;
export const kindCut = (d: { readonly cut: string | number; readonly bags: string | number; readonly percent: string | number }): string => '' + d.cut + ": " + d.bags + " bags, " + d.percent + " % of the yarn.";
