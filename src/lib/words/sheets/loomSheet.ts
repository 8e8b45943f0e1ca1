// Made of sheets.json by `npm run words -- --make`: change the words there.
import { select } from '@messageformat/runtime';

export const tooNearAPeg = (): string => " (too near a peg)";
export const allLoopsStretchToFit = (): string => "all loops stretch to fit alike";
export const addAShortPieceOf = (d: { readonly readable: string | number }): string => "add a short piece of " + d.readable + " to each strand";
export const shortenOneLoopOfEach = (): string => "shorten one loop of each strand";
export const pegsAtEachEnd = (): string => "pegs at each end";
export const pegToPegAcross = (): string => "peg to peg across";
export const howItIsDone = (): string => "How to do it";
export const setUpTheLoomPegs = (d: { readonly pegs: string | number; readonly spacing: string | number; readonly readable: string | number }): string => "Set up the loom: " + d.pegs + " pegs at each end, " + d.spacing + " apart, " + d.readable + " from the pegs of one end to those of the other. Put a smooth rod along each side and fix its ends. It keeps the edge straight and counts as one with the outer strand.";
export const loadTheWarpStrandsOf = (d: { readonly warpStrands: string | number; readonly piecesPerStrand: string | number; readonly isDoubleEdges: 'yes' | 'no' }): string => "Load the warp: " + d.warpStrands + " strands of " + d.piecesPerStrand + " loops, joined loop through loop, one from each peg to the peg across" + select(d.isDoubleEdges, { yes: "", other: "; the first and the last peg carry two" }) + ". Twist each a little. Keep knots out of the hatched ends: they jam when the mat comes off.";
export const beatEveryRowAgainstThe = (d: { readonly packing: string | number }): string => "Pack every row " + d.packing + " against the last with fingers or a comb. When a ball runs out, join the next like one piece to another.";
export const goOnToBeforeThe = (d: { readonly readable: string | number; readonly rows: string | number }): string => "Stop " + d.readable + " before the far pegs: " + d.rows + " rows.";
export const finishDrawTheRodsOut = (): string => "Finish: pull the rods out, with pliers and a helper if they are tight. Chain the warp loops one through the next across each end, tie off the last, hide the ends.";
export const atEachEndApartPeg = (d: { readonly pegs: string | number; readonly formatSpacing: string | number; readonly readable: string | number }): string => '' + d.pegs + " at each end, " + d.formatSpacing + " apart; peg to peg " + d.readable;
export const strandsOfLoopsIsdoubleedgesSelect = (d: { readonly warpStrands: string | number; readonly piecesPerStrand: string | number; readonly isDoubleEdges: 'yes' | 'no'; readonly fit: string | number }): string => '' + d.warpStrands + " strands of " + d.piecesPerStrand + " loops" + select(d.isDoubleEdges, { yes: "", other: ", both outermost doubled" }) + "; " + d.fit;
export const oddStrandsAtFromThe = (d: { readonly knots: string | number; readonly knots2: string | number }): string => "odd strands at " + d.knots + " from the near peg; even strands at " + d.knots2;
export const clearAtBothEndsFor = (d: { readonly readable: string | number }): string => '' + d.readable + " free at both ends for the finish";
export const aRowBeatEveryRow = (d: { readonly strand: string | number; readonly strand2: string | number; readonly packing: string | number }): string => '' + d.strand + ", " + d.strand2 + " a row; pack every row " + d.packing;
export const nearEndRowsFarEnd = (d: { readonly ceil: string | number; readonly floor: string | number }): string => "near end " + d.ceil + " rows, far end " + d.floor + ": neighbours are opposites";
export const fourSeatsHandingOverHalf = (): string => "Four seats, handing over half way across";
export const seat = (d: { readonly seat: string | number }): string => "Seat " + d.seat;
export const end = (d: { readonly end: string | number; readonly side: string | number }): string => '' + d.end + " end, " + d.side;
export const strandsTo = (d: { readonly firstStrand: string | number; readonly lastStrand: string | number }): string => "strands " + d.firstStrand + " to " + d.lastStrand;
export const overAndUnderFromThe = (): string => "Over and under, from the near left corner";
export const row = (d: { readonly row: string | number }): string => "row " + d.row;
