// Made of plan.json by `npm run words -- --make`: change the words there.

export const ofStrand = (d: { readonly strand: string | number }): string => '' + d.strand + " of yarn";
export const howTiesAreMade = (): string => "How ties are made";
export const chainsAreQuickForWhoever = (): string => "Chains are quick if you have the hook in your hand. Braids need less yarn and no hook. Some send no ties: a strip around the roll is enough.";
export const chainAndStrap = (): string => "chain and strap";
export const braidAndStrap = (): string => "braid and strap";
export const chainNoStrap = (): string => "chain, no strap";
export const handlesOfWholeTubes = (): string => "Handles of whole tubes";
export const keptHandlesWasteNothingAnd = (): string => "Handles left on waste nothing and make bulkier yarn. Cut off, the yarn is flatter.";
export const ofScrap = (d: { readonly mass: string | number }): string => '' + d.mass + " of scrap";
export const warpOfAFrame = (): string => "Warp of a frame";
export const ofClothToFind = (d: { readonly strand: string | number }): string => '' + d.strand + " of cloth to find";
export const noCloth = (): string => "no cloth";
export const oneColourReadsCalmSorted = (): string => "One colour looks calm, sorted stripes look planned, and mixed colours use whatever came.";
export const oneColour = (): string => "one colour";
export const whatTheStoreHasMost = (): string => "what the store has most of";
export const sortedStripes = (): string => "sorted stripes";
export const ballsToSort = (d: { readonly ceil: string | number }): string => '' + d.ceil + " balls to sort";
export const neverTheSameTwice = (): string => "never the same twice";
export const anyBallButNotIts = (): string => "any ball, but not its own colour next";
export const filmCostsNothingClothHolds = (): string => "Plastic costs nothing. Cloth holds better where panels are joined.";
export const colours = (): string => "Colours";
export const bags = (d: { readonly count: string | number }): string => '' + d.count + " bags";
export const noise = (): string => "mixed up";
export const anyPieceAsItComes = (): string => "any piece as it comes: no two spots alike";
export const printsAsPattern = (): string => "prints as a pattern";
export const printsGoOnPlainOnes = (): string => "printed bags sorted as mixed, in turn with plain ones";
