// Made of common.json by `npm run words -- --make`: change the words there.

export const skipToThePage = (): string => "Skip to the page";
