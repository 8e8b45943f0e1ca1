// Made of hand-over.json by `npm run words -- --make`: change the words there.

export const noPlaceAsksForMats = (): string => "No place asks for mats right now";
export const whatPlacesAskFor = (): string => "What places ask for";
export const by = (d: { readonly mats: string | number; readonly yearDay: string | number; readonly part: string | number }): string => ": " + d.mats + " by " + d.yearDay + d.part;
export const theyHaveAllTheyAsked = (): string => "They have all they asked for.";
export const whatAsksFor = (d: { readonly placeName: string | number }): string => "what " + d.placeName + " asks for";
export const of = (d: { readonly range: string | number; readonly open: string | number }): string => '' + d.range + " of " + d.open;
export const expectedByThen = (d: { readonly foreseen: string | number }): string => '' + d.foreseen + " expected by then";
export const nothingIsPromised = (d: { readonly by: string | number }): string => "Nothing is promised. " + d.by + ".";
export const whatWasPromisedIsThere = (): string => "What was promised is ready.";
export const promisedAllAreReady = (d: { readonly promised: string | number }): string => '' + d.promised + " promised: all are ready.";
export const promisedLikely = (d: { readonly promised: string | number; readonly by: string | number }): string => '' + d.promised + " promised, likely: " + d.by + ".";
export const promisedPerhapsTooFew = (d: { readonly promised: string | number; readonly by: string | number }): string => '' + d.promised + " promised, perhaps too few: " + d.by + ".";
export const promisedTooFewTellThem = (d: { readonly promised: string | number; readonly by: string | number }): string => '' + d.promised + " promised, too few: " + d.by + ". Tell them soon.";
