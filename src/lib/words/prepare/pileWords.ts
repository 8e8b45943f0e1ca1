// Made of prepare.json by `npm run words -- --make`: change the words there.

export const spiralStrips = (): string => "spiral strips";
export const halfBags = (): string => "half bags";
export const wholeTubes = (): string => "whole tubes";
export const onlyLieThereAndThis = (d: { readonly there: string | number; readonly colour: string | number; readonly noun: string | number; readonly wanted: string | number }): string => "Only " + d.there + " " + d.colour + " " + d.noun + " are here, and this takes " + d.wanted + ". Take fewer, or count the pile again.";
export const noLieThereAnyMore = (d: { readonly colour: string | number; readonly noun: string | number }): string => "No " + d.colour + " " + d.noun + " are here any more: someone may have used them. Count the pile again.";
export const loops = (): string => "loops";
