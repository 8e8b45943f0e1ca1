// Made of house.json by `npm run words -- --make`: change the words there.

export const someoneWithALink = (): string => "Someone with a link";
export const someoneAtThisMachine = (): string => "Someone on this machine";
