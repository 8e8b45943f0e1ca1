// Made of measures.json by `npm run words -- --make`: change the words there.

export const nowTo = (d: { readonly percent: string | number; readonly percent2: string | number }): string => "now " + d.percent + " to " + d.percent2;
export const notMeasuredYet = (): string => "not measured yet";
export const standardEstimateTo = (d: { readonly label: string | number; readonly percent: string | number; readonly percent2: string | number; readonly part: string | number }): string => '' + d.label + ": standard estimate " + d.percent + " to " + d.percent2 + "; " + d.part;
export const asTheCraft = (): string => "same as the standard";
export const aboveGreyWhatTheCraft = (): string => "Grey, above: the standard estimate. Blue, below: your own measures. The line in the middle is the standard figure.";
export const notTimedYetSoAs = (d: { readonly untimed: string | number }): string => "Not timed yet, so the standard is used: " + d.untimed + ".";
export const aBagCmWide = (d: { readonly round: string | number }): string => "a bag " + d.round + " cm wide";
export const weightOf = (d: { readonly name: string | number }): string => "Weight of " + d.name;
export const timeAt = (d: { readonly taskTitles: string | number }): string => "Time at " + d.taskTitles;
