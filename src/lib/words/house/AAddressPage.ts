// Made of house.json by `npm run words -- --make`: change the words there.

export const bagsWanted = (d: { readonly name: string | number }): string => "Bags wanted · " + d.name;
export const bagsWanted2 = (): string => "Bags wanted";
export const turnsUsedPlasticBagsInto = (d: { readonly name: string | number }): string => '' + d.name + " makes sleeping mats from used plastic bags.";
export const noBagsAreNeededRight = (): string => "No bags are needed right now. Thank you.";
export const anyColour = (): string => "any colour";
export const cleanDryAndEmptyNothing = (): string => "Clean, dry and empty, please. Nothing mouldy, nothing from medical or chemical use.";
export const sheetToPrint = (): string => "Sheet to print";
