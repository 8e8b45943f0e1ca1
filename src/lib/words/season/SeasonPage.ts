// Made of season.json by `npm run words -- --make`: change the words there.

export const noPlaceAsksForMats = (): string => "No receiving place asks for mats by a date, so there is nothing to forecast. Add what they ask for.";
export const askedAndPromised = (): string => "Asked and promised";
export const by3 = (): string => "By";
export const by = (d: { readonly wanted: string | number; readonly shortDay: string | number }): string => '' + d.wanted + " by " + d.shortDay;
export const by2 = (d: { readonly wanted: string | number; readonly shortDay: string | number }): string => '' + d.wanted + " by " + d.shortDay + "?";
export const workingOutTheSeason = (): string => "Working out the season …";
export const withoutChanges = (): string => "Without changes";
export const saveForecast = (): string => "Save forecast";
export const aForecastOfMatsBy = (d: { readonly wanted: string | number; readonly by: string | number }): string => "a forecast of " + d.wanted + " mats by " + d.by;
export const savedAfterItsDayIt = (): string => "Saved. After its day it says how right it was.";
export const seasonSheetPdf = (): string => "Season sheet (PDF)";
export const inLargePrint = (): string => "Large print";
export const calendarOfTheSeason = (): string => "Calendar of the season";
export const pastForecasts = (): string => "Past forecasts";
export const workingItOut = (): string => "Working it out …";
export const whatWouldHelp = (): string => "What would help";
export const whatOneMoreOfEach = (): string => "Working out what one more of each would add.";
export const whatWouldMakeItNine = (): string => "What would make it almost certain?";
export const findTheSmallestChange = (): string => "Find the smallest change";
export const itIsThatLikelyAs = (): string => "That is how likely it is as things are now.";
export const andThen = (d: { readonly levers: string | number; readonly chance: string | number }): string => '' + d.levers + ": then " + d.chance + ".";
export const seeIt = (): string => "See it";
export const noChangeOfUpTo = (): string => "No change of up to six of these does. More time would, or fewer mats: say so to the places soon.";
