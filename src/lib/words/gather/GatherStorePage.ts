// Made of gather.json by `npm run words -- --make`: change the words there.

export const thisLine = (): string => "this line";
