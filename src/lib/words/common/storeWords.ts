// Made of common.json by `npm run words -- --make`: change the words there.

export const flatBags = (): string => "flat bags";
export const cutPieces = (): string => "cut pieces";
export const piecesOfStrand = (): string => "pieces of yarn";
export const piecesInChains = (): string => "pieces in chains";
export const bagsForStuffing = (): string => "bags for stuffing";
export const joinedAndBalled = (): string => "joined and wound into balls";
export const madeIntoAMat = (): string => "made into a mat";
export const givenAway = (): string => "given away";
export const countedAgain = (): string => "counted again";
export const ofScrap = (): string => "of scrap";
export const bags = (): string => "bags";
export const balls = (): string => "balls";
export const scrap = (): string => "scrap";
export const cut = (): string => "cut";
