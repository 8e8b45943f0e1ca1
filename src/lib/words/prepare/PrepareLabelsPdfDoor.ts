// Made of prepare.json by `npm run words -- --make`: change the words there.

export const noLabelWasChosenTick = (): string => "No label was chosen. Tick some balls and try again.";
export const labels = (): string => "Labels";
