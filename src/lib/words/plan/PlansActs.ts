// Made of plan.json by `npm run words -- --make`: change the words there.

export const thePlanCouldNotBe = (): string => "The plan could not be read. Reload the page.";
export const thatPlanIsNoLonger = (): string => "That plan is no longer in the list.";
export const planFromAFile = (): string => "Plan from a file";
export const aFileWasKeptFrom = (): string => "A file from this page was already saved. Reload the page to open another.";
