// Made of plan.json by `npm run words -- --make`: change the words there.

export const someoneElseSavedThisPlan = (): string => "Someone else saved this plan in the meantime.";
export const whatStandsThereSinceIs = (d: { readonly moment: string | number; readonly name: string | number; readonly version: string | number; readonly ceil: string | number }): string => "Since " + d.moment + " the saved plan is “" + d.name + "”, version " + d.version + ", with " + d.ceil + " bags to ask for. Yours is not saved yet. Choose what to do.";
export const replaceItWithMine = (): string => "Replace it with mine";
export const keepMineAsASecond = (): string => "Save mine as a new plan";
export const useTheirs = (): string => "Use theirs";
export const thisPlanWasDeletedMeanwhile = (): string => "This plan was deleted in the meantime.";
export const yoursIsNotSavedYet = (): string => "Yours is not saved yet.";
export const saveAsANewPlan = (): string => "Save as a new plan";
export const toTheList = (): string => "To the list";
export const saveAsAFile = (): string => "Save as a file";
export const plans = (): string => "Plans";
