// Made of plan.json by `npm run words -- --make`: change the words there.

export const whereMakersDiffer = (): string => "Where makers differ";
export const everyWayHereIsSomebodys = (): string => "Every way here is a good way for someone. The figures are for your bag and mat. Mat, strip and yarn are drawn to the same scale.";
export const notFromThisBag = (): string => "not from this bag";
export const inUse = (): string => "In use";
export const useThis = (): string => "Use this";
export const otherWays = (): string => "Other ways, with their own sums";
