// Made of making.json by `npm run words -- --make`: change the words there.

export const rowsAreMadeCountThem = (d: { readonly made: string | number }): string => "Only " + d.made + " rows are counted. Count the others first.";
export const itWasLongerThanThat = (): string => "It was longer some rows ago. Measure again.";
export const noWasGivenForIt = (d: { readonly colour: string | number }): string => "No " + d.colour + " was given for it by label, so its weight tells nothing.";
export const thatIsMoreThanWas = (): string => "That is more than was given for it. Was the basket weighed too?";
export const length = (): string => "Length";
export const width = (): string => "Width";
