// Made of season.json by `npm run words -- --make`: change the words there.

export const pastForecastsAndResults = (): string => "Past forecasts and results";
export const noForecastIsKeptYet = (): string => "No forecast is saved yet. Save one under";
export const willWeMakeIt = (): string => "Forecast";
export const afterItsDayItSays = (): string => ". After its day it says here how right it was.";
export const by = (d: { readonly wanted: string | number; readonly yearDay: string | number }): string => '' + d.wanted + " by " + d.yearDay;
export const range = (d: { readonly chance: string | number; readonly low: string | number; readonly high: string | number }): string => ": " + d.chance + ", range " + d.low + "–" + d.high + ".";
export const saidOnWithThereThen = (d: { readonly moment: string | number; readonly there: string | number }): string => "Saved on " + d.moment + ", with " + d.there + " ready then.";
export const itsDayIsStillTo = (): string => "Its day is still to come.";
export const withinTheRange = (): string => "within the range.";
export const moreThanForecast = (): string => "more than forecast.";
export const fewerThanForecast = (): string => "fewer than forecast.";
export const came = (d: { readonly came: string | number; readonly part: string | number }): string => '' + d.came + " made: " + d.part;
export const theForecastBy = (d: { readonly yearDay: string | number }): string => "the forecast by " + d.yearDay;
export const boxTheRangeDashedLine = (): string => "Box: the range. Dashed line: mats wanted. Thick line: mats made.";
