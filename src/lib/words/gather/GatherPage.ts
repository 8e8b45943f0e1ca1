// Made of gather.json by `npm run words -- --make`: change the words there.

export const sources = (): string => "Sources";
export const noPlaceYetTheFirst = (): string => "No source yet. The first bags that come in name one.";
export const bagsSoFar = (): string => "Bags so far";
export const unusableSoFar = (): string => "Unusable so far";
export const expectedOfMore = (): string => "Expected of the next";
export const dropOffs = (): string => "Drop-offs";
export const nothingYetCountWhatIs = (): string => "Nothing yet. Count the bags at the door and save them here.";
export const by = (d: { readonly broughtBy: string | number }): string => ", by " + d.broughtBy;
export const cameDampHungToDry = (): string => "came damp, hung to dry";
export const bagsFrom = (d: { readonly bags: string | number; readonly place: string | number }): string => '' + d.bags + " bags from " + d.place;
export const byHand = (): string => "by hand";
export const byWeight = (): string => "by weight";
export const inBatches = (): string => "in batches";
export const source = (): string => "Source";
export const last = (): string => "Last";
export const day = (): string => "Day";
export const counted = (): string => "Counted";
export const sorted = (): string => "Sorted";
export const bags = (): string => "Bags";
export const correct = (): string => "Correct";
