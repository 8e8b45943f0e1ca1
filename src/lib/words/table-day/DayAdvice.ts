// Made of table-day.json by `npm run words -- --make`: change the words there.

export const advice = (): string => "Advice";
export const waitForFilmFrom = (d: { readonly handsWords: string | number; readonly clock: string | number }): string => '' + d.handsWords + " wait for bags from " + d.clock;
export const allBagsBecomeYarn = (): string => "All bags become yarn";
export const theLineFlows = (): string => "The work flows";
export const seat = (): string => "Seat";
export const atFrom = (d: { readonly stationWords: string | number; readonly clock: string | number }): string => "at " + d.stationWords + ", from " + d.clock + ".";
export const move = (): string => "Move";
export const fromToAt = (d: { readonly stationWords: string | number; readonly stationWords2: string | number; readonly clock: string | number }): string => "from " + d.stationWords + " to " + d.stationWords2 + " at " + d.clock + ".";
export const nobodyHasASeatYet = (): string => "Nobody has a seat yet. Suggest seats, or tap a name.";
export const noSingleMoveBringsMore = (): string => "No single move helps.";
export const oneMoreVolunteer = (): string => "One more volunteer";
