// Made of prepare.json by `npm run words -- --make`: change the words there.

export const thisGroupHasUsedAll = (): string => "This group has used all label codes.";
export const tickTheBallsWhoseLabels = (): string => "Tick the balls to print labels for.";
export const aNumberFrom1To = (d: { readonly mostLabels: string | number }): string => "A number from 1 to " + d.mostLabels + ".";
export const reloadThisPage = (): string => "Reload this page.";
