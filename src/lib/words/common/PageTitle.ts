// Made of common.json by `npm run words -- --make`: change the words there.

export const nestRow = (d: { readonly of: string | number }): string => '' + d.of + " · Nest Row";
const for_ = (): string => "For";
export { for_ as for };
