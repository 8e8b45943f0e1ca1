// Made of common.json by `npm run words -- --make`: change the words there.

export const chooseOneOfTheList = (): string => "Choose one from the list.";
export const startedAMat = (): string => "started a mat";
export const aMatBegun = (): string => "a mat started";
export const passedAMatOn = (): string => "passed a mat on";
export const passedOn = (d: { readonly mat: string | number }): string => '' + d.mat + " passed on";
