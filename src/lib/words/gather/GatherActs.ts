// Made of gather.json by `npm run words -- --make`: change the words there.

export const chooseTwoPlacesOfThe = (): string => "Choose two sources from the list.";
