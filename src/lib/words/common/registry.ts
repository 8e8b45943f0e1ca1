// Made of common.json by `npm run words -- --make`: change the words there.

export const savedA = (d: { readonly type: string | number }): string => "saved a “" + d.type + "”";
