// Made of making.json by `npm run words -- --make`: change the words there.

export const theMatAsFarAs = (d: { readonly matFar: string | number }): string => "The mat so far: " + d.matFar;
