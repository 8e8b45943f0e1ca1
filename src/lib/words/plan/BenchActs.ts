// Made of plan.json by `npm run words -- --make`: change the words there.

export const workItOut = (): string => "Calculate";
export const undo = (): string => "Undo";
export const redo = (): string => "Redo";
export const pinned = (): string => "Comparing";
export const pinThisPlan = (): string => "Compare with this";
export const pinToMeasureAgainstSee = (): string => "Compare: see how far every figure moves";
export const keepThisPlan = (): string => "Save plan";
