// Made of sheets.json by `npm run words -- --make`: change the words there.

export const theSeason = (): string => "Season";
export const by = (d: { readonly wanted: string | number; readonly yearDay: string | number }): string => '' + d.wanted + " by " + d.yearDay;
export const range = (): string => "range";
const with_ = (d: { readonly changed: string | number }): string => ", with " + d.changed;
export { with_ as with };
export const whatHoldsUsBack = (): string => "What holds us back";
export const inAbout = (d: { readonly what: string | number; readonly share: string | number }): string => '' + d.what + ": in about " + d.share;
export const ofAHundredSeasonsThat = (d: { readonly held: string | number }): string => '' + d.held + " of 100 seasons that fall short.";
export const whatWouldHelp = (): string => "What would help";
export const itAdds = (): string => "It adds";
export const chance = (): string => "Chance";
export const tableDaysToCome = (): string => "Table days to come";
export const andMore = (d: { readonly length: string | number }): string => " · and " + d.length + " more";
export const basedOn = (): string => "Based on";
export const likely = (): string => "likely";
export const wanted = (d: { readonly count: string | number }): string => '' + d.count + " wanted";
