// Made of prepare.json by `npm run words -- --make`: change the words there.

export const mixed = (d: { readonly names: string | number }): string => "mixed: " + d.names;
