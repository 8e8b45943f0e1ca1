// Made of sheets.json by `npm run words -- --make`: change the words there.

export const planWithoutAName = (): string => "Plan without a name";
export const thereIsNoPlanIn = (): string => "There is no plan in this link.";
export const thisPlanHasNoSuch = (): string => "This plan has no such sheet.";
