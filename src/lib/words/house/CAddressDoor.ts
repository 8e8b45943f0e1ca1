// Made of house.json by `npm run words -- --make`: change the words there.

export const thisLinkDoesNotWork = (): string => "This link does not work.";
