// Made of house.json by `npm run words -- --make`: change the words there.

export const thereIsNoPageHere = (): string => "There is no page here.";
