// Made of common.json by `npm run words -- --make`: change the words there.

export const whatWasFoundCouldNot = (): string => "What was found could not be read. Tap the spots again.";
export const theFingertipMapHasFifteen = (): string => "The fingertip map has fifteen spots.";
export const finishedAMat = (): string => "finished a mat";
export const mendedAMat = (): string => "mended a mat";
export const checkedAMat = (): string => "checked a mat";
export const sayBrieflyWhyTheFigures = (): string => "Say briefly why: the figures say something else.";
export const matFinished = (d: { readonly mat: string | number }): string => '' + d.mat + " finished";
export const matMended = (d: { readonly mat: string | number }): string => '' + d.mat + " mended";
export const matChecked = (d: { readonly mat: string | number }): string => '' + d.mat + " checked";
export const matCheckedByPhoto = (d: { readonly mat: string | number }): string => '' + d.mat + " checked, by photo";
