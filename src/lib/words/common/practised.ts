// Made of common.json by `npm run words -- --make`: change the words there.

export const anAnswerInPractice = (): string => "an answer in practice";
