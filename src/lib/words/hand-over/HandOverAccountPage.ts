// Made of hand-over.json by `npm run words -- --make`: change the words there.

export const period = (): string => "Period";
export const onOnePageToPrint = (): string => "One page to print";
export const everyMatAsCsv = (): string => "Every mat as CSV";
export const everyDeliveryAsCsv = (): string => "Every delivery as CSV";
export const nothingWasDeliveredInThat = (): string => "Nothing was delivered in that time. Deliveries are counted here.";
export const eachFigureOpensToHow = (): string => "Tap a figure to see how it was counted. A season runs from September to August.";
export const deliveries = (): string => "Deliveries";
