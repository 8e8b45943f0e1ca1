// Made of plan.json by `npm run words -- --make`: change the words there.

export const views = (): string => "Views";
export const print = (): string => "Print";
export const startAnywhereOnTheLeft = (): string => "Start anywhere on the left. Every choice is drawn and counted at once. Tap a figure to see how it is worked out. Save the plan when it looks right.";
