// Made of common.json by `npm run words -- --make`: change the words there.

export const partsOf = (d: { readonly stage: string | number }): string => "Parts of " + d.stage;
