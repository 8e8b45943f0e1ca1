// Made of sheets.json by `npm run words -- --make`: change the words there.

export const resultsSoFar = (): string => "Results so far";
export const matsDelivered = (): string => "Mats delivered";
export const howItWasCounted = (): string => "How it was counted";
export const deliveryByDelivery = (): string => "Each delivery";
export const area = (): string => "Area";
export const andMoreCountedAboveEvery = (d: { readonly more: string | number }): string => "And " + d.more + " more, counted above. The CSV has every mat.";
export const place = (): string => "Receiving place";
export const day = (): string => "Day";
export const mats = (): string => "Mats";
export const bags = (): string => "Bags";
export const pillows = (): string => "Pillows";
export const plastic = (): string => "Plastic";
