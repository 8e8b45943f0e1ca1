// Made of common.json by `npm run words -- --make`: change the words there.

export const savedAForecast = (): string => "saved a forecast";
export const theForecastFor = (d: { readonly by: string | number }): string => "the forecast for " + d.by;
export const keptTheNoteOfThe = (): string => "saved the weekly note";
export const theNoteOfTheWeek = (): string => "the weekly note";
export const wroteToThePeopleOf = (): string => "wrote to the people of a table day";
export const aWordToThoseWho = (): string => "a message to those who come";
