// Made of know-how.json by `npm run words -- --make`: change the words there.

export const searchKnowHowAStep = (): string => "Search know-how: a step, a fault, a word";
export const search = (): string => "Search";
export const nothingFound = (): string => "Nothing found";
export const foundFor = (d: { readonly asked: string | number }): string => "Found for “" + d.asked + "”";
export const tryOneWordOfIt = (): string => "Try one word of it, or browse the steps below.";
export const fromWhatOneSeesTo = (): string => "From what you see to what to do, with drawings.";
export const practise = (): string => "Learn with your hands";
export const aQuestionAtATime = (): string => "One question at a time, as often as you like. No marks, no ranking.";
export const howToDoIt2 = (): string => "how to do it";
export const whatIsWrong = (): string => "what is wrong";
export const aWord = (): string => "a word";
export const somethingLooksWrong = (): string => "Something looks wrong?";
export const findAFault = (): string => "Find the fault";
export const goOn = (): string => "Go on";
