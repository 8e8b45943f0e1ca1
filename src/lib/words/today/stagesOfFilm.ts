// Made of today.json by `npm run words -- --make`: change the words there.

export const inSacks = (): string => "in sacks";
export const inPieces = (): string => "in pieces";
export const beingMade = (): string => "being made";
export const toCheck = (): string => "to check";
export const delivered = (): string => "delivered";
