// Made of prepare.json by `npm run words -- --make`: change the words there.

export const loadALoom = (): string => "Load a loom";
export const addToLoom = (): string => "Add to loom";
export const ofStrandsLaid = (d: { readonly laid: string | number; readonly all: string | number }): string => '' + d.laid + " of " + d.all + " strands on the loom";
export const of = (d: { readonly laid: string | number; readonly all: string | number }): string => '' + d.laid + " of " + d.all;
export const onMat = (d: { readonly code: string | number }): string => " on mat " + d.code;
export const strandsLaidPiecesEach = (d: { readonly part: string | number; readonly piecesPerStrand: string | number }): string => "strands on the loom" + d.part + ", " + d.piecesPerStrand + " pieces each.";
export const ofThemHaveAKnot = (d: { readonly jammed: string | number }): string => '' + d.jammed + " of them have a knot too near a peg:";
export const shortenOnePieceAndMove = (): string => "shorten one piece and move the knot 75 mm in, or the mat will not come off.";
export const noKnotLiesAtA = (): string => "No knot is at a peg.";
export const loom = (): string => "Loom";
export const strands = (): string => "Strands";
export const takenFrom = (): string => "Taken from";
export const rodsAndWarpSitUnder = (): string => "Rods and warp are under tension. Mind eyes and fingers, and work in pairs.";
