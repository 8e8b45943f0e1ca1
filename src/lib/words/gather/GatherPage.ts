// Made of gather.json by `npm run words -- --make`: change the words there.

export const nothingYetCountWhatIs = (): string => "Bags that come in are listed here by day.";
export const by = (d: { readonly broughtBy: string | number }): string => ", by " + d.broughtBy;
export const cameDampHungToDry = (): string => "came damp, hung to dry";
export const bagsFrom = (d: { readonly bags: string | number; readonly place: string | number }): string => '' + d.bags + " bags from " + d.place;
export const byHand = (): string => "by hand";
export const byWeight = (): string => "by weight";
export const inBatches = (): string => "in batches";
export const source = (): string => "Source";
export const day = (): string => "Day";
export const counted = (): string => "Counted";
export const bags = (): string => "Bags";
export const correct = (): string => "Correct";
export const cameLately = (): string => "What came lately";
export const allAsATable = (): string => "All drop-offs as a table";
export const sourcesAndReceivingPlaces = (): string => "Sources and receiving places";
