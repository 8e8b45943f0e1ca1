// Made of common.json by `npm run words -- --make`: change the words there.

export const joinedPieces = (): string => "joined pieces";
export const piecesJoined = (d: { readonly pieces: string | number; readonly colour: string | number }): string => '' + d.pieces + " " + d.colour + " pieces joined";
