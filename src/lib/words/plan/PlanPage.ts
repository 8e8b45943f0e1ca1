// Made of plan.json by `npm run words -- --make`: change the words there.

export const thatPlanWasDeletedMeanwhile = (): string => "That plan was deleted in the meantime. Save again to bring it back.";
export const thisWasKeptAlreadyAnd = (): string => "This was already saved and has changed since.";
export const theSavedPlanIsVersion = (d: { readonly name: string | number; readonly version: string | number }): string => "The saved plan is “" + d.name + "”, version " + d.version + ". Yours is not saved yet.";
export const keepMineAsASecond = (): string => "Save mine as a new plan";
export const openTheSavedPlan = (): string => "Open the saved plan";
export const plans = (): string => "Plans";
