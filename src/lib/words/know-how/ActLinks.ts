// Made of know-how.json by `npm run words -- --make`: change the words there.

export const howToDoIt = (): string => "How to do it:";
