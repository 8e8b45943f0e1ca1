// Made of house.json by `npm run words -- --make`: change the words there.

export const thisLinkOpensNothingIt = (): string => "This link does not work. It may be revoked or expired: ask whoever gave it to you.";
