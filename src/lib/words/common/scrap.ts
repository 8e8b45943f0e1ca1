// Made of common.json by `npm run words -- --make`: change the words there.

export const weighedScrap = (): string => "weighed scrap";
export const scrapWeighed = (d: { readonly grams: string | number }): string => "scrap weighed: " + d.grams;
