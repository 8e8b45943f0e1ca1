// Made of hand-over.json by `npm run words -- --make`: change the words there.

export const whenTheyWent = (): string => "When they were delivered";
export const eachStandsFor = (d: { readonly each: string | number }): string => "Each mat drawn stands for " + d.each + ".";
