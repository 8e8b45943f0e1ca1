// Made of know-how.json by `npm run words -- --make`: change the words there.

export const threeWholeTubesLieAlong = (): string => "Three whole tubes lie along, flat on the table, their ends held by a clip.";
export const aFourthIsTheWeaver = (): string => "A fourth is the weaver: over the first, under the second, over the third.";
export const roundTheEdgeAndBack = (): string => "Round the edge and back: under what it went over, over what it went under.";
export const onAndOnLyingFlat = (): string => "On and on, lying flat, with little pull: a band pulled tight curls.";
export const makeTheFirstBandAs = (): string => "Make the first band as long as the sleeper: every other follows it.";
export const threeStrandsLieSideBy = (): string => "Three strands lie side by side at the end of the band.";
export const withCrossingsEveryStrandIs = (d: { readonly made: string | number }): string => "With " + d.made + " crossings every strand is home again: the band goes back in the same order.";
export const afterTheOuterStrandsLie = (d: { readonly made: string | number }): string => "After " + d.made + " crossings the outer strands have swapped places: go on.";
export const theOuterStrandNearestTo = (): string => "The outer strand nearest to you over its neighbour.";
export const theOuterStrandFarthestFrom = (): string => "The outer strand farthest from you over its neighbour.";
export const theBandBeforeLiesAbove = (): string => "The band before is above. The strands of the new one are next to its edge.";
export const theWeaverGoesOverAnd = (): string => "The weaver goes over and under across the new strands, and back …";
export const andAtThatReturnTakes = (): string => "… and at that return takes the edge strand of the band before.";
export const soAtEveryReturnNone = (): string => "So at every return, none skipped: the bands become one mat.";
export const whenAStrandEndsLeave = (): string => "When a strand ends, leave a hand’s length of it.";
export const tuckItIntoTheNext = (): string => "Tuck it into the next gap, under a strand, and out again.";
export const thenIntoTheNextAnd = (): string => "Then into the next, and the next: none skipped, or it works its way out.";
export const strokeItFlatAndCut = (): string => "Stroke it flat, and cut what sticks out.";
export const noTools = (): string => "no tools";
export const aTableAClipAnd = (d: { readonly what: string | number }): string => '' + d.what + ": a table, a clip, and four whole tubes.";
export const handlesCutOff = (): string => "Handles cut off";
export const bandsOfOneThicknessThe = (): string => "bands of one thickness; the handles are scrap.";
export const handlesKept = (): string => "Handles kept";
export const atTheEndOfA = (): string => "At the end of a finger-woven band, before it goes back.";
export const fromTheSecondBandOn = (): string => "From the second band on.";
export const nothingWastedThickerWhereThey = (): string => "nothing wasted; thicker where they lie.";
export const whereAStrandEndsAnd = (): string => "Where a strand ends, and at the end of the mat.";
