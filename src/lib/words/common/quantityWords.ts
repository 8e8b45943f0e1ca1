// Made of common.json by `npm run words -- --make`: change the words there.

export const n84Cm084M = (): string => "84 cm, 0.84 m or 33 in";
export const n33In212 = (): string => "33 in, 2 1/2 in or 6 ft 2";
export const n52GOr18 = (): string => "52 g or 1.8 kg";
export const n37OzOr2Lb = (): string => "37 oz or 2 lb 6 oz";
export const pleaseFillThisIn = (): string => "Please fill this in.";
export const isNotANumber = (d: { readonly part: string | number }): string => '' + d.part + " is not a number.";
export const isNotAWholeNumber = (d: { readonly part: string | number }): string => '' + d.part + " is not a whole number.";
export const couldBeThousandsOrDecimals = (d: { readonly part: string | number }): string => '' + d.part + " could be thousands or decimals. Write it without the comma.";
export const wasNotUnderstoodWriteIt = (d: { readonly part: string | number; readonly like: string | number }): string => "“" + d.part + "” was not understood. Write it like " + d.like + ".";
