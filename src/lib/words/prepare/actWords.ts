// Made of prepare.json by `npm run words -- --make`: change the words there.
import { select } from '@messageformat/runtime';

export const bagsFlattened = (d: { readonly movedOf: string | number; readonly colours: string | number }): string => '' + d.movedOf + " " + d.colours + " bags flattened";
export const bagsCutIntoPieces = (d: { readonly movedOf: string | number; readonly colours: string | number; readonly movedOf2: string | number }): string => '' + d.movedOf + " " + d.colours + " bags cut into " + d.movedOf2 + " pieces";
export const piecesJoined = (d: { readonly movedOf: string | number; readonly colours: string | number }): string => '' + d.movedOf + " " + d.colours + " pieces joined";
export const aBall = (): string => "A ball";
export const piecesInAIssomeSelect = (d: { readonly code: string | number; readonly movedOf: string | number; readonly colours: string | number; readonly isSome: 'yes' | 'no' }): string => '' + d.code + ": " + d.movedOf + " " + d.colours + " pieces in a " + select(d.isSome, { yes: "chain", other: "ball" });
export const matStarted = (d: { readonly code: string | number }): string => ": mat " + d.code + " started";
export const piecesPutOnALoom = (d: { readonly movedOf: string | number; readonly colours: string | number; readonly part: string | number }): string => '' + d.movedOf + " " + d.colours + " pieces put on a loom" + d.part;
export const pileCountedAgain = (d: { readonly colour: string | number }): string => '' + d.colour + " pile counted again";
export const ofPlastic = (d: { readonly mass: string | number; readonly parts: string | number }): string => '' + d.mass + " of plastic: " + d.parts;
export const inBags = (): string => "in bags";
export const inPieces = (): string => "in pieces";
export const inYarn = (): string => "in yarn";
export const inTheBall = (): string => "in the ball";
export const inTheChain = (): string => "in the chain";
export const forStuffing = (): string => "for stuffing";
export const toScrap = (): string => "to scrap";
export const flat = (): string => "flat";
