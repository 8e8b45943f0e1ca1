// Made of house.json by `npm run words -- --make`: change the words there.

export const someoneAlreadyJoinedWithThis = (): string => "Someone already joined with this link. Ask for another.";
export const noAccountCouldBeMade = (): string => "The account could not be created. If this email has one here, sign in first and open this link again.";
