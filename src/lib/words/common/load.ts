// Made of common.json by `npm run words -- --make`: change the words there.

export const chooseAPileOfPieces = (): string => "Choose a pile of pieces or yarn.";
export const putYarnOnALoom = (): string => "put yarn on a loom";
export const strandsLaidOnTheLoom = (d: { readonly strands: string | number; readonly split: string | number }): string => '' + d.strands + " " + d.split + " strands put on the loom";
