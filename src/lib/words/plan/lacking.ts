// Made of plan.json by `npm run words -- --make`: change the words there.

export const checkTheMarkedField = (): string => "Check the marked field.";
export const notKeptYet = (d: { readonly words: string | number }): string => "Not saved yet. " + d.words;
export const notKeptYetGiveThe = (): string => "Not saved yet. Give the plan a name first.";
