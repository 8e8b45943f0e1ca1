// Made of gather.json by `npm run words -- --make`: change the words there.

export const filmStillMissing = (): string => "Bags still missing";
export const otherBags = (): string => "other bags";
