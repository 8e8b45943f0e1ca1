// Made of know-how.json by `npm run words -- --make`: change the words there.

export const aThinCarrier = (): string => "a thin carrier";
export const your = (d: { readonly name: string | number }): string => "your " + d.name;
