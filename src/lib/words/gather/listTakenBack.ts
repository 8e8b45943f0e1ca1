// Made of gather.json by `npm run words -- --make`: change the words there.

export const thatListIsNotAmong = (): string => "That list is not among the imported ones.";
export const undone = (): string => "undone";
