// Made of prepare.json by `npm run words -- --make`: change the words there.

export const toCutAndJoin = (): string => "To cut and join";
