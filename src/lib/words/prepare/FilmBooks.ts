// Made of prepare.json by `npm run words -- --make`: change the words there.

export const ofFilmInTheStore = (): string => "of plastic in store";
