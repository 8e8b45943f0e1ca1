// Made of sheets.json by `npm run words -- --make`: change the words there.

export const inEachPanel = (): string => " in each panel";
export const nailsAtEachEnd = (d: { readonly each: string | number }): string => "nails at each end" + d.each;
export const nailToNail = (): string => "nail to nail";
export const howItIsDone = (): string => "How to do it";
export const setUpTheFrameAt = (d: { readonly nails: string | number; readonly spacing: string | number; readonly readable: string | number }): string => "Set up the frame: " + d.nails + " nails at each end, " + d.spacing + " apart, evenly over " + d.readable + ". Put rods along both sides, held by eyes or clips: rods pop off bare nails.";
export const clothCutWide = (d: { readonly readable: string | number }): string => "cloth cut " + d.readable + " wide";
export const filmStrand = (): string => "plastic yarn";
export const windTheWarpWithoutA = (d: { readonly what: string | number; readonly part: string | number; readonly strand: string | number; readonly each: string | number }): string => "Wind the warp up and down around the nails in one length: " + d.what + " ends of " + d.part + ", " + d.strand + " and tails" + d.each + ".";
export const twineWithAPairOf = (): string => "Twine with a pair of strands: one over, one under each warp end, crossed between it and the next, and round the rod at each side. Then back the other way.";
export const theFirstRowPassesUnder = (): string => "The first row passes under the loop at every nail. So does the last: use a hook. Otherwise the weave slides off.";
export const pushEveryRowCloseTo = (d: { readonly rows: string | number; readonly readable: string | number }): string => "Push every row close to the last. " + d.rows + " rows fill " + d.readable + ". Join each new piece when you reach it, to work slack out.";
export const makeSuchPanelsAndJoin = (d: { readonly count: string | number }): string => "Make " + d.count + " such panels and join them along the warp.";
export const drawTheRodsOutAnd = (): string => "Pull the rods out and lift it off the nails.";
export const twoOrThreeBackStitches = (d: { readonly part: string | number }): string => "Finish with two or three back stitches. " + d.part + " Rods are under tension: mind eyes and fingers.";
export const sideBySideAndAlong = (d: { readonly count: string | number; readonly across: string | number; readonly along: string | number; readonly readable: string | number; readonly readable2: string | number }): string => '' + d.count + ": " + d.across + " side by side and " + d.along + " along, each " + d.readable + " × " + d.readable2 + ", joined along the warp";
export const insideTheNailsAndRods = (d: { readonly readable: string | number; readonly readable2: string | number }): string => '' + d.readable + " × " + d.readable2 + " inside the nails and rods, or larger";
export const atEachEndApartEvenly = (d: { readonly nails: string | number; readonly each: string | number; readonly formatSpacing: string | number; readonly readable: string | number }): string => '' + d.nails + " at each end" + d.each + ", " + d.formatSpacing + " apart, evenly over " + d.readable;
export const ofClothInAllIn = (d: { readonly strand: string | number; readonly readable: string | number }): string => ": " + d.strand + " of cloth in all, in strips of " + d.readable;
export const ofFilmStrand = (): string => ", of plastic yarn";
export const andTailsContinuous = (d: { readonly strand: string | number; readonly each: string | number; readonly part: string | number }): string => '' + d.strand + " and tails" + d.each + ", continuous" + d.part;
export const inAll = (d: { readonly strand: string | number }): string => ", " + d.strand + " in all";
export const aPairOfStrandsA = (d: { readonly strand: string | number; readonly strand2: string | number; readonly each: string | number; readonly part: string | number }): string => "a pair of strands, " + d.strand + " a row, " + d.strand2 + d.each + d.part;
