// Made of common.json by `npm run words -- --make`: change the words there.

export const writeColoursAndRowsAs = (): string => "Write colours and rows like this: white 20, blue 12.";
export const choseTheStripesOfA = (): string => "chose the stripes of a mat";
export const howGoesOn = (d: { readonly mat: string | number }): string => "how " + d.mat + " goes on";
export const setTheFirstPassOf = (): string => "set the first pass of a mat";
export const near = (): string => "near";
export const theFirstPassOfThe = (d: { readonly side: string | number; readonly pass: string | number }): string => "the first pass of the " + d.side + " end " + d.pass;
export const remindedAMaker = (): string => "reminded a maker";
export const aWordOn = (d: { readonly mat: string | number }): string => "a note on " + d.mat;
