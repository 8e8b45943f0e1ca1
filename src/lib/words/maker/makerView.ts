// Made of maker.json by `npm run words -- --make`: change the words there.

export const thisLinkOpensNothingAny = (): string => "This link does not work any more. It may be revoked or expired: ask whoever gave it to you.";
