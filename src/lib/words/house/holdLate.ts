// Made of house.json by `npm run words -- --make`: change the words there.

export const tooMuchCameByThis = (): string => "Too much came by this link after it was closed.";
export const thatWasSettledAlready = (): string => "That was already decided.";
