// Made of people.json by `npm run words -- --make`: change the words there.

export const thereIsATableThere = (): string => "There is already a table there on that day.";
export const somebodyChangedThisDayMeanwhile = (): string => "Someone changed this day at the same time. Their version is here. Enter yours again.";
