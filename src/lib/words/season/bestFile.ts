// Made of season.json by `npm run words -- --make`: change the words there.

export const aMatHas = (): string => "A mat being made has: id, maker and done.";
export const aMakerHas = (): string => "A maker has: id, weeks and away.";
export const aListOfMakers = (): string => "A list of makers.";
export const aSeasonHas = (): string => "A season has: today, by, wanted, mats and makers.";
export const nobodyIs = (d: { readonly maker: string | number }): string => "No maker has the id “" + d.maker + "”.";
