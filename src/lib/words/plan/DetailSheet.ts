// Made of plan.json by `npm run words -- --make`: change the words there.

export const view = (): string => "View";
export const aCloserLook = (): string => "A closer look";
export const howItIsReached = (): string => "How it is worked out";
