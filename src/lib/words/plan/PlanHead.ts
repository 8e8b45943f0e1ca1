// Made of plan.json by `npm run words -- --make`: change the words there.

export const nameOfThePlan = (): string => "Name of the plan";
export const nameThisPlanToKeep = (): string => "Name the plan to save it";
export const copyALinkToThis = (): string => "Copy link to this plan";
export const copyLink = (): string => "Copy link";
export const keys = (): string => "Keys";
export const keys2 = (): string => "Keys: ?";
export const savedVersion = (d: { readonly keptAs: string | number }): string => "Saved, version " + d.keptAs;
export const yourUnsavedChangesAreBack = (): string => "Your unsaved changes are back.";
export const startOver = (): string => "Start over";
export const linkCopied = (): string => "Link copied";
export const theLinkIsInThe = (): string => "The link is in the address bar";
export const askForBags = (): string => "Ask for bags";
export const startAMat = (): string => "Start a mat";
