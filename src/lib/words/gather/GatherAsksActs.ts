// Made of gather.json by `npm run words -- --make`: change the words there.

export const thisCouldNotBeRead = (): string => "This could not be read. Reload the page.";
export const thatPlanIsNotIn = (): string => "That plan is not in the list any more.";
export const someoneSetMeanwhilePressSet = (d: { readonly mats: string | number }): string => "Someone set " + d.mats + " at the same time. Press Set to replace it with yours.";
