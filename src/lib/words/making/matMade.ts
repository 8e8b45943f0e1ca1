// Made of making.json by `npm run words -- --make`: change the words there.

export const thePlanOfIsNot = (d: { readonly code: string | number }): string => "The plan of " + d.code + " is gone.";
