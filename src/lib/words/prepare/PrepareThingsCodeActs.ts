// Made of prepare.json by `npm run words -- --make`: change the words there.

export const thisLabelIsOnNothing = (): string => "This label is not used yet. Type its code next to the thing it goes on.";
export const nothingHereHasThatCode = (): string => "Nothing here has that code. Was it printed for another group?";
