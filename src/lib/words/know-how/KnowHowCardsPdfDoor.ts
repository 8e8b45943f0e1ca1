// Made of know-how.json by `npm run words -- --make`: change the words there.

export const noActWasNamedThat = (): string => "No act was named that has a card here.";
