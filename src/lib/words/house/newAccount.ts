// Made of house.json by `npm run words -- --make`: change the words there.

export const typeYourName = (): string => "Type your name.";
export const atMost120Characters = (): string => "At most 120 characters.";
export const writeItAsNamePlace = (): string => "Write it like name@place.example.";
