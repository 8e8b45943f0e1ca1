// Made of common.json by `npm run words -- --make`: change the words there.

export const countedAPileAgain = (): string => "counted a pile again";
export const aPileCounted = (d: { readonly colour: string | number; readonly counted: string | number }): string => "a " + d.colour + " pile counted: " + d.counted;
