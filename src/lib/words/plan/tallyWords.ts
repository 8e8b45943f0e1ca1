// Made of plan.json by `npm run words -- --make`: change the words there.

export const bagsToCollect = (): string => "Bags to ask for";
export const bagsToPrepare = (): string => "Bags to cut";
export const yarn = (): string => "Yarn";
export const balls = (): string => "Balls";
export const joints = (): string => "Joints";
export const workingTime = (): string => "Working time";
export const matWeight = (): string => "Mat weight";
export const closeness = (): string => "Closeness";
