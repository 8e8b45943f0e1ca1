// Made of check.json by `npm run words -- --make`: change the words there.

export const nothingToMend = (): string => "Nothing to mend";
export const oneMatToMend = (): string => "One mat to mend";
export const matsToMend = (d: { readonly length: string | number }): string => '' + d.length + " mats to mend";
export const inOf = (d: { readonly stepWords: string | number; readonly name: string | number; readonly had: string | number; readonly of: string | number }): string => '' + d.stepWords + " (" + d.name + " in " + d.had + " of " + d.of + ")";
export const showAgain = (d: { readonly toShow: string | number }): string => "Show again: " + d.toShow + ".";
