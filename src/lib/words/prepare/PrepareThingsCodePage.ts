// Made of prepare.json by `npm run words -- --make`: change the words there.

export const a = (d: { readonly sort: string | number }): string => "a " + d.sort;
export const takenBackItWasNever = (): string => ": undone, it was never made";
export const of = (): string => "Of";
export const bags = (d: { readonly bags: string | number; readonly kind: string | number }): string => '' + d.bags + " bags, " + d.kind;
export const coloursInOrder = (): string => "Colours in order";
export const cut = (): string => "Cut";
export const pieces = (d: { readonly labelCut: string | number; readonly pieces: string | number }): string => '' + d.labelCut + ", " + d.pieces + " pieces";
export const yarn = (): string => "Yarn";
export const byItsPieces = (): string => ", by its pieces";
export const weighed = (d: { readonly mass: string | number }): string => ", weighed: " + d.mass;
export const plastic = (): string => "Plastic";
export const woundFor = (): string => "Wound for";
export const onTheLoomByOf = (d: { readonly planName: string | number; readonly strands: string | number; readonly warpStrands: string | number }): string => "On the loom, plan " + d.planName + ": " + d.strands + " of " + d.warpStrands + " warp strands.";
export const by = (d: { readonly byName: string | number }): string => ", by " + d.byName;
export const printItsLabelAgain = (): string => "Print label again";
export const whichPlansItFits = (): string => "Plans it fits";
export const itFits = (): string => "it fits";
export const anotherLabel = (): string => "Another label";
export const open = (): string => "Open";
