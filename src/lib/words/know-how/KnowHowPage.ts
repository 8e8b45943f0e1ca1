// Made of know-how.json by `npm run words -- --make`: change the words there.

export const knowHow = (): string => "Know-how";
export const searchKnowHowAStep = (): string => "Search know-how: a step, a fault, a word";
export const search = (): string => "Search";
export const nothingFound = (): string => "Nothing found";
export const foundFor = (d: { readonly asked: string | number }): string => "Found for “" + d.asked + "”";
export const tryOneWordOfIt = (): string => "Try one word of it, or browse the steps below.";
export const howToDoIt = (): string => "How to do it";
export const whenSomethingIsWrong = (): string => "When something is wrong";
export const whatIsWrongWithThis = (): string => "What is wrong with this mat?";
export const fromWhatOneSeesTo = (): string => "From what you see to what to do, with drawings.";
export const practise = (): string => "Practise";
export const aQuestionAtATime = (): string => "One question at a time, as often as you like. No marks, no ranking.";
export const words = (): string => "Words";
export const theWordsOfTheCraft = (): string => "Words of the craft";
export const whatEachMeansAndThe = (): string => "What each means, and the stitches by US and UK names.";
export const howToDoIt2 = (): string => "how to do it";
export const whatIsWrong = (): string => "what is wrong";
export const aWord = (): string => "a word";
