// Made of gather.json by `npm run words -- --make`: change the words there.

export const onTheShelves = (): string => "On the shelves";
export const theHigherThePileThe = (): string => "The higher the pile, the more there is. Tap a pile for its history or to take some out.";
export const forStuffing = (): string => "for stuffing";
export const flattened = (): string => "flattened";
export const inChains = (): string => "in chains";
