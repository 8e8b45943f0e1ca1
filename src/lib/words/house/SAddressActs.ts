// Made of house.json by `npm run words -- --make`: change the words there.

export const thisLinkOpensNothingIt = (): string => "This link does not work. It may be revoked, or its day is over. Entries still on this tablet are held for a coordinator.";
