// Made of people.json by `npm run words -- --make`: change the words there.

export const chooseTwoSourcesOfThe = (): string => "Choose two sources from the list.";
export const thatPlaceIsNotAmong = (): string => "That place is not a receiving place.";
