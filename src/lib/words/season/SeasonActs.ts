// Made of season.json by `npm run words -- --make`: change the words there.

export const reloadThisPage = (): string => "Reload this page.";
