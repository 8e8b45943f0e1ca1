// Made of season.json by `npm run words -- --make`: change the words there.

export const by = (d: { readonly wanted: string | number; readonly yearDay: string | number }): string => '' + d.wanted + " by " + d.yearDay + "?";
const with_ = (d: { readonly changed: string | number }): string => ", with " + d.changed;
export { with_ as with };
export const withoutAbout = (d: { readonly round: string | number; readonly chance: string | number }): string => "Without: about " + d.round + ", " + d.chance + ".";
export const heldBackBy = (): string => "Held back by";
export const inAbout = (d: { readonly what: string | number; readonly share: string | number }): string => '' + d.what + ": in about " + d.share;
export const ofAHundredSeasonsThat = (d: { readonly held: string | number }): string => '' + d.held + " of 100 seasons that fall short.";
