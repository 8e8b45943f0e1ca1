// Made of photo.json by `npm run words -- --make`: change the words there.

export const thePhoto = (): string => "Your photo";
export const moveTheEdge = (d: { readonly edge: string | number; readonly end: string | number }): string => '' + d.edge + ", " + d.end;
export const firstEnd = (): string => "one end";
export const secondEnd = (): string => "other end";
export const wholeEdge = (): string => "whole edge";
export const keysMoveIt = (): string => "Drag an edge if it is wrong, or move it with the arrow keys.";
export const layBack = (): string => "Undo moves";
