// Made of gather.json by `npm run words -- --make`: change the words there.

export const thatDayIsStillTo = (): string => "That day is in the future.";
export const writeTheDayAs2026 = (): string => "Write the day as 2026-11-24. A time may follow.";
export const thisIsMoreThanThe = (): string => "This is more than the count.";
export const thisIsLessThanThe = (): string => "This is less than the count.";
export const thereIsNoKindAdd = (d: { readonly kind: string | number }): string => "There is no kind “" + d.kind + "”. Add it under Bag kinds first.";
export const writeOneOf = (d: { readonly colourNames: string | number }): string => "Write one of " + d.colourNames + ".";
export const writeOneOf2 = (d: { readonly forms: string | number }): string => "Write one of " + d.forms + ".";
export const theAmountIs0Above = (): string => "The amount is 0. Above 0 is in, below is out.";
export const writeOneOf3 = (d: { readonly rowReasons: string | number }): string => "Write one of " + d.rowReasons + ".";
