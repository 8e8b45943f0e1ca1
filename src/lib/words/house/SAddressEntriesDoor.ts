// Made of house.json by `npm run words -- --make`: change the words there.

export const thisLinkOpensNothing = (): string => "This link does not work.";
