// Made of today.json by `npm run words -- --make`: change the words there.

export const inSacks = (): string => "in sacks";
export const inPieces = (): string => "in pieces";
export const inHand = (): string => "being made";
export const toCheck = (): string => "to check";
export const handedOver = (): string => "delivered";
