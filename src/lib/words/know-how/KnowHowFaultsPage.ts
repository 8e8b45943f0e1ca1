// Made of know-how.json by `npm run words -- --make`: change the words there.

export const howItIsMade = (): string => "How it is made";
export const whatDoYouSee = (): string => "What do you see?";
export const whatToDo = (): string => "What to do";
