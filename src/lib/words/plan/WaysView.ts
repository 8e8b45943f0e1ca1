// Made of plan.json by `npm run words -- --make`: change the words there.

export const whatIsShortWithYou = (): string => "What are you short of?";
export const waysWorthConsidering = (): string => "Ways worth considering";
export const bagsH = (d: { readonly ceil: string | number; readonly hours: string | number; readonly graded: string | number }): string => '' + d.ceil + " bags · " + d.hours + " h · " + d.graded;
export const use = (d: { readonly made: string | number; readonly cut: string | number }): string => "Use " + d.made + ", " + d.cut;
export const inUse = (): string => "In use";
export const useThis = (): string => "Use this";
export const drawnAtOneScaleThe = (): string => "Drawn to the same scale: the mat, its strip lying flat, and the end of its yarn next to the hook. Fewest, closest and middle are within each technique.";
export const aMiddleWay = (): string => "a middle way";
export const fewestBags = (): string => "fewest bags";
export const fewestHours = (): string => "fewest hours";
export const onePersonAtATime = (): string => "one person at a time";
export const twoAtOnce = (): string => "two at once";
export const upToFourAtOnce = (): string => "up to four at once";
export const close = (): string => "close";
export const fair = (): string => "fair";
export const gaps = (): string => "gaps";
export const bags = (): string => "Bags";
export const hands = (): string => "Hands";
export const time = (): string => "Time";
