// Made of hand-over.json by `npm run words -- --make`: change the words there.

export const whenTheyWent = (): string => "When they were delivered";
export const mats = (d: { readonly bars: string | number }): string => "Mats: " + d.bars + ".";
