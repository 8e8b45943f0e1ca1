// Made of common.json by `npm run words -- --make`: change the words there.

export const measuredAMat = (): string => "measured a mat";
export const measureTheLengthTheWidth = (): string => "Measure the length, the width or both.";
export const measuredAtRow = (d: { readonly mat: string | number; readonly row: string | number }): string => '' + d.mat + " measured at row " + d.row;
export const weighedWhatWasLeftOf = (): string => "weighed what was left of a mat";
export const whatIsLeftOfFor = (d: { readonly colour: string | number; readonly mat: string | number }): string => "what is left of " + d.colour + " for " + d.mat + " weighed";
