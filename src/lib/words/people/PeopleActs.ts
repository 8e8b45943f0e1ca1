// Made of people.json by `npm run words -- --make`: change the words there.

export const reloadThisPage = (): string => "Reload this page.";
export const nobodyWasForgottenThatPerson = (): string => "No name was deleted: that person is not in the list, or the list cannot be reached now.";
