// Made of prepare.json by `npm run words -- --make`: change the words there.

export const nothingWasCutAtThis = (): string => "Nothing was cut on this day yet, so there is no scrap.";
export const theStoreHasLessScrap = (): string => "The store has less scrap than that. Count it there again.";
export const scrap = (): string => "Scrap";
