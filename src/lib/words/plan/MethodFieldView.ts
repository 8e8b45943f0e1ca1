// Made of plan.json by `npm run words -- --make`: change the words there.

export const waysWorthConsidering = (): string => "Ways worth considering";
export const ofWaysToMakeThis = (d: { readonly length: string | number }): string => "The best of " + d.length + " ways to make this mat from this bag.";
export const allWays = (): string => "All ways";
export const everySensibleCutWithEvery = (d: { readonly length: string | number }): string => "Every sensible cut with every technique. " + d.length + " are marked as";
export const best = (): string => "best";
export const noOtherWayHasFewer = (): string => ": no other way has fewer bags, fewer hours and closer fabric at once. The large marks are the few above.";
export const sortBy = (): string => "Sort by";
export const onlyCloseFabric = (): string => "only close fabric";
export const cut = (): string => "Cut";
export const made = (): string => "Made";
export const bags = (): string => "Bags";
export const hours = (): string => "Hours";
export const coverOfClose = (): string => "Closeness (% of close)";
export const useThis = (): string => "Use this";
export const moreAreOnTheChart = (d: { readonly length: string | number }): string => '' + d.length + " more are on the chart.";
export const noneOfTheBestWays = (): string => "None of the best ways makes close fabric with this bag. Turn off the filter to see the others.";
export const workingThemOut = (): string => "Working them out";
export const methodsWorkedOut = (d: { readonly length: string | number }): string => '' + d.length + " ways worked out";
export const fewestBags = (): string => "fewest bags";
export const fewestHours = (): string => "fewest hours";
export const closestFabric = (): string => "closest fabric";
