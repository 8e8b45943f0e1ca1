// Made of prepare.json by `npm run words -- --make`: change the words there.

export const whoOptional = (): string => "Who (optional)";
export const spoiledOf100 = (): string => "Spoiled (of 100)";
export const as = (): string => "As";
export const aChainForALoom = (): string => "a chain for a loom";
export const weightOptional = (): string => "Weight (optional)";
export const labelOptional = (): string => "Label (optional)";
export const asPrintedElseItGets = (): string => "as printed; else it gets the next code";
export const thenOtherColoursOnThe = (): string => "Other colours on the same ball";
export const andThen = (): string => "Then";
export const nothingMore = (): string => "nothing more";
export const yarnOfHowManyBags = (): string => "Yarn of how many bags";
export const countThisPileAgain = (): string => "Count this pile again";
export const saveCount = (): string => "Save count";
export const hereNow = (d: { readonly pileNoun: string | number }): string => '' + d.pileNoun + " here now";
export const whatHappenedOptional = (): string => "What happened (optional)";
export const flattenBags = (): string => "Flatten bags";
export const cutFlatBags = (): string => "Cut flat bags";
export const joinPieces = (): string => "Join pieces";
export const windABall = (): string => "Wind a ball";
export const bagsWorthOf = (d: { readonly untrack: string | number }): string => "Yarn of how many " + d.untrack + " bags";
export const bags = (): string => "Bags";
export const pieces = (): string => "Pieces";
export const aBall = (): string => "a ball";
