// Made of people.json by `npm run words -- --make`: change the words there.

export const sources = (): string => "Sources";
export const noSourceYet = (): string => "No source yet. The first bags that come in name one.";
export const bagsCameIn = (): string => "Bags came in";
export const source = (): string => "Source";
export const bagsSoFar = (): string => "Bags so far";
export const sorted = (): string => "Sorted";
export const unusableSoFar = (): string => "Unusable so far";
export const expectedOfMore = (): string => "Expected of the next";
export const last = (): string => "Last";
export const receivingPlaces = (): string => "Receiving places";
export const whereMatsGo = (): string => "Where mats go. One place can be both.";
export const givesBagsToo = (): string => ", gives bags too";
export const remove = (): string => "Remove";
export const newReceivingPlace = (): string => "New receiving place";
export const addPlace = (): string => "Add place";
export const removed = (): string => "Removed";
