// Made of gather.json by `npm run words -- --make`: change the words there.

export const bagsWanted = (d: { readonly name: string | number }): string => "Bags wanted " + d.name;
