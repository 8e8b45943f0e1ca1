// Made of house.json by `npm run words -- --make`: change the words there.

export const searchLabel = (): string => "Search: a plan, volunteer, label, step or page";
export const search = (): string => "Search";
export const nothingFound = (): string => "Nothing found";
export const foundFor = (d: { readonly asked: string | number }): string => "Found for “" + d.asked + "”";
export const tryOneWord = (): string => "Try one word, or the first letters of a name or label.";
export const notOurs = (): string => "That code is not a label of Nest Row.";
export const plan = (): string => "plan";
export const person = (): string => "volunteer";
export const label = (): string => "label";
export const place = (): string => "source or receiving place";
export const knowHow = (): string => "know-how";
export const page = (): string => "page";
