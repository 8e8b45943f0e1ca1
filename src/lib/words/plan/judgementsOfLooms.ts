// Made of plan.json by `npm run words -- --make`: change the words there.

export const loopsDoNotFitThe = (): string => "Loops do not fit the strand";
export const loopsReachOfTheWay = (d: { readonly what: string | number; readonly value: string | number }): string => '' + d.what + " loops reach " + d.value + " % of the way from peg to peg.";
export const shortenOneLoopOfEach = (d: { readonly mat: string | number }): string => "Shorten one loop of each strand to " + d.mat + ".";
export const addAShortPieceOf = (d: { readonly mat: string | number }): string => "Add a short piece of " + d.mat + " to each strand.";
export const knotTooNearAPeg = (): string => "Knot too near a peg";
export const aKnotFallsFromThe = (d: { readonly small: string | number; readonly small2: string | number }): string => "A knot is " + d.small + " from the peg and jams when the mat comes off. Keep the last " + d.small2 + " free.";
export const putTheShortPieceBetween = (): string => "Put the short piece between two others.";
export const shortPieceInTheMiddle = (): string => "Short piece in the middle";
export const weftThickerThanWarp = (): string => "Weft thicker than warp";
export const theWeftIsMmThick = (d: { readonly what: string | number; readonly what2: string | number }): string => "The weft is " + d.what + " mm thick, the warp " + d.what2 + " mm: it will not pack close.";
export const cutTheWeftNarrowerThan = (): string => "Cut the weft narrower than the warp.";
export const pegsTooClose = (): string => "Pegs too close";
export const warpAndWeftTogetherAre = (d: { readonly small: string | number }): string => "Warp and weft together are thicker than the " + d.small + " between pegs.";
export const setThePegsApart = (d: { readonly small: string | number }): string => "Set the pegs " + d.small + " apart.";
export const pegsApart = (d: { readonly small: string | number }): string => "Pegs " + d.small + " apart";
export const rowsMeetAlikeInThe = (): string => "Rows are alike where they meet";
export const afterRowsFromOneEnd = (d: { readonly what: string | number; readonly what2: string | number }): string => "After " + d.what + " rows from one end and " + d.what2 + " from the other, two neighbours go over the same strands.";
export const beginTheFarEndWith = (): string => "Begin the far end with the other pass, or add or drop one row.";
export const beginTheFarEndWith2 = (): string => "Begin the far end with the other pass";
export const moreThanOnePanel = (): string => "More than one panel";
export const theFrameIsSmallerThan = (d: { readonly what: string | number; readonly what2: string | number; readonly mat: string | number }): string => "The frame is smaller than the mat: " + d.what + " panels side by side, " + d.what2 + " along, with " + d.mat + " of seams.";
export const joinThemAlongTheWarp = (): string => "Join them along the warp. Plan the colours before you start.";
export const panelsEndToEnd = (): string => "Panels end to end";
export const aSeamAcrossTheSleeper = (): string => "A seam across the sleeper pulls at the ends of the warp.";
export const useAFrameAsLong = (): string => "Use a frame as long as the mat.";
