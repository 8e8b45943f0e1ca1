// Made of plan.json by `npm run words -- --make`: change the words there.

export const cover = (d: { readonly cover: string | number; readonly coverGrade: string | number }): string => "closeness " + d.cover + ", " + d.coverGrade;
export const holdsNAtAJoint = (d: { readonly jointN: string | number }): string => "a joint holds what " + d.jointN + " apples weigh";
export const bags = (d: { readonly count: string | number }): string => '' + d.count + " bags";
