// Made of hand-over.json by `npm run words -- --make`: change the words there.

export const promise = (): string => "Promise";
export const promised = (): string => "Save promise";
export const to = (d: { readonly placeName: string | number }): string => "to " + d.placeName;
export const matsPromisedTo = (d: { readonly typed: string | number; readonly placeName: string | number }): string => '' + d.typed + " mats promised to " + d.placeName;
