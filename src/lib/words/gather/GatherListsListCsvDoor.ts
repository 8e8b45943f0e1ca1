// Made of gather.json by `npm run words -- --make`: change the words there.

export const thereIsNoSuchList = (): string => "There is no such list.";
