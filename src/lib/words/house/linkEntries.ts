// Made of house.json by `npm run words -- --make`: change the words there.

export const thisLinkKeepsTheRows = (): string => "This link is for the rows, notes and wishes of its mat only.";
export const thisLinkOpensAnotherMat = (): string => "This link is for another mat. Ask whoever gave it to you.";
export const thisLinkKeepsTheTaps = (): string => "This link is for the taps of its station only.";
export const thisLinkOpensAnotherStation = (): string => "This link is for another station. Ask whoever gave it to you.";
