// Made of common.json by `npm run words -- --make`: change the words there.

export const byTheCraftAloneNothing = (): string => "by the standard estimate: nothing of yours is measured yet";
export const byThisGroupsOwnMeasures = (): string => "by our own measures";
export const bySOwnMeasures = (d: { readonly name: string | number }): string => "by " + d.name + "’s own measures";
export const withYourMeasuresThisPlan = (): string => "With your measures this plan cannot be made, so they are left out here. Check them for a mistake.";
