// Made of table-day.json by `npm run words -- --make`: change the words there.

export const bagFlattened = (): string => "bag flattened";
export const bagsFlattened = (): string => "bags flattened";
export const bagCut = (): string => "bag cut";
export const bagsCut = (): string => "bags cut";
export const bagJoined = (): string => "bag joined";
export const bagsJoined = (): string => "bags joined";
