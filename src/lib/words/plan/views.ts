// Made of plan.json by `npm run words -- --make`: change the words there.

export const theMat = (): string => "The mat";
export const whatCanIMake = (): string => "What can I make?";
export const print = (): string => "Print";
export const compare = (): string => "Compare";
export const schools = (): string => "Schools";
