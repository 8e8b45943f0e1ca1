// Made of common.json by `npm run words -- --make`: change the words there.

export const nameOfYourGroup = (): string => "Name of your group";
export const whatIsYourTableCalled = (): string => "What is your group called?";
export const saveName = (): string => "Save";
export const notNow = (): string => "Not now";
export const units = (): string => "Units";
export const stitchNames = (): string => "Stitch names";
export const cmAndGrams = (): string => "centimetres, grams";
export const feetAndPounds = (): string => "feet, pounds";
export const us = (): string => "US";
export const uk = (): string => "UK";
