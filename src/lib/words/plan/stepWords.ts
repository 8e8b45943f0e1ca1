// Made of plan.json by `npm run words -- --make`: change the words there.

export const wholePartOf = (): string => "whole part of (";
export const atLeast1 = (): string => "at least 1, (";
export const atLeast0 = (): string => "at least 0, (";
export const so = (d: { readonly words: string | number; readonly figure: string | number }): string => '' + d.words + ", so " + d.figure;
export const rounded = (): string => "rounded (";
