// Made of hand-over.json by `npm run words -- --make`: change the words there.

export const howTheyReceiveThem = (): string => "How they receive mats";
export const firstAddAReceivingPlace = (): string => "First add a receiving place under";
export const sourcesAndReceivingPlaces = (): string => "Sources and receiving places";
