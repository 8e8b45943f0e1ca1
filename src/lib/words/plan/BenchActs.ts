// Made of plan.json by `npm run words -- --make`: change the words there.

export const calculate = (): string => "Calculate";
export const undo = (): string => "Undo";
export const redo = (): string => "Redo";
export const comparing = (): string => "Comparing";
export const compareWithThis = (): string => "Compare with this";
export const compareSeeHowFarEvery = (): string => "Compare: see how far every figure moves";
export const savePlan = (): string => "Save plan";
