// Made of table-day.json by `npm run words -- --make`: change the words there.

export const pleaseLoadThisPageAnew = (): string => "Reload this page.";
