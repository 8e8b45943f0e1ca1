// Made of know-how.json by `npm run words -- --make`: change the words there.

export const thereIsNoSuchAct = (): string => "There is no such step in Know-how.";
