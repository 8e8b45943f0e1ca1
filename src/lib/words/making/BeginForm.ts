// Made of making.json by `npm run words -- --make`: change the words there.

export const beginAMat = (): string => "Start a mat";
export const beginIt = (): string => "Start";
export const byWhichPlan = (): string => "Plan";
export const whoMakesIt = (): string => "Maker";
export const atTheTable = (): string => "at the table";
export const itsLabelIfItHas = (): string => "Label (optional)";
