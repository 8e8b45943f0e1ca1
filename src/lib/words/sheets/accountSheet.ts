// Made of sheets.json by `npm run words -- --make`: change the words there.

export const whatItCameTo = (): string => "Results so far";
export const matsHandedOver = (): string => "Mats delivered";
export const howItWasCounted = (): string => "How it was counted";
export const deliveryByDelivery = (): string => "Each delivery";
export const toLieOn = (): string => "Area";
export const andMoreCountedAboveEvery = (d: { readonly more: string | number }): string => "And " + d.more + " more, counted above. The CSV has every mat.";
export const place = (): string => "Receiving place";
export const day = (): string => "Day";
export const mats = (): string => "Mats";
export const bags = (): string => "Bags";
export const pillows = (): string => "Pillows";
export const film = (): string => "Plastic";
