// Made of gather.json by `npm run words -- --make`: change the words there.

export const somebodyChangedThisPlaceMeanwhile = (): string => "Someone changed this place at the same time. The page shows their version. Enter yours again.";
export const thereIsAPlaceIs = (d: { readonly known: string | number }): string => "There is already “" + d.known + "”. Is this a different one?";
