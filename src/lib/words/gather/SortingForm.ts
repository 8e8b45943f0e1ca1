// Made of gather.json by `npm run words -- --make`: change the words there.

export const atTheSortingTable = (): string => "At the sorting table";
export const intoTheStore = (): string => "Into the store";
export const ofTheFromThatHung = (d: { readonly hanging: string | number; readonly place: string | number }): string => "Of the " + d.hanging + " bags from " + d.place + " that hung to dry. Put what is still damp under drying again.";
export const sortOtherBags = (): string => "Sort other bags";
export const sortTheseAsBagsThat = (): string => "Sort these as bags that came in";
export const bagsFrom = (): string => "Bags from";
export const inAllTappedOrTyped = (): string => "Total, tapped or typed";
export const goodForStrand = (): string => "Good for yarn";
export const stuffingOnly = (): string => "Stuffing only";
export const drying = (): string => "Drying";
export const rejected = (): string => "Rejected";
export const lookAgainInHours = (): string => "Look again in (hours)";
export const pouchesThatHeldLiquidDry = (): string => "Pouches that held liquid need an hour or more to dry, open";
export const sortedByOptional = (): string => "Sorted by (optional)";
export const glovesOrWashedHandsSoiled = (): string => "Wear gloves or wash your hands. Take soiled and mouldy bags off the table at once. Follow your hall's hygiene rules.";
