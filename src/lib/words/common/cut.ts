// Made of common.json by `npm run words -- --make`: change the words there.

export const cutBags = (): string => "cut bags";
export const bagsCut = (d: { readonly bags: string | number; readonly colour: string | number }): string => '' + d.bags + " " + d.colour + " bags cut";
