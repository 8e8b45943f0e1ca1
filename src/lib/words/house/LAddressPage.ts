// Made of house.json by `npm run words -- --make`: change the words there.

export const nestRow = (d: { readonly name: string | number }): string => '' + d.name + " · Nest Row";
