// Made of prepare.json by `npm run words -- --make`: change the words there.

export const byIfTheyLike = (): string => "Who (optional)";
export const spoiledOfAHundred = (): string => "Spoiled (of 100)";
export const as = (): string => "As";
export const aChainForALoom = (): string => "a chain for a loom";
export const weighsIfWeighed = (): string => "Weight (optional)";
export const itsLabel = (): string => "Label (optional)";
export const asPrintedElseItGets = (): string => "as printed; else it gets the next code";
export const thenOtherColoursOnThe = (): string => "Other colours on the same ball";
export const andThen = (): string => "Then";
export const nothingMore = (): string => "nothing more";
export const bagsWorth = (): string => "Yarn of how many bags";
export const countThisPileAgain = (): string => "Count this pile again";
export const soManyLieThere = (): string => "Save count";
export const thatLieThere = (d: { readonly pileNoun: string | number }): string => '' + d.pileNoun + " here now";
export const whatHappenedInAWord = (): string => "What happened (optional)";
export const layBagsFlat = (): string => "Flatten bags";
export const cutFlatBags = (): string => "Cut flat bags";
export const joinPieces = (): string => "Join pieces";
export const windABall = (): string => "Wind a ball";
export const bagsWorthOf = (d: { readonly untrack: string | number }): string => "Yarn of how many " + d.untrack + " bags";
export const bags = (): string => "Bags";
export const pieces = (): string => "Pieces";
export const aBall = (): string => "a ball";
