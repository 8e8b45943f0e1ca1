// Made of plan.json by `npm run words -- --make`: change the words there.

export const thePlan = (): string => "The plan";
export const open = (d: { readonly step: string | number }): string => "open " + d.step;
export const pinThisPlan = (): string => "compare with this plan";
export const keepThisPlan = (): string => "save this plan";
export const theseKeys = (): string => "these keys";
export const undo = (): string => "undo";
export const redo = (): string => "redo";
export const tookMeasures = (): string => "Measures from your photo are filled in. Check them, then save.";
