// Made of house.json by `npm run words -- --make`: change the words there.

export const nestRow = (d: { readonly title: string | number }): string => '' + d.title + " · Nest Row";
export const nestRow2 = (): string => "Nest Row";
