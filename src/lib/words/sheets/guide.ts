// Made of sheets.json by `npm run words -- --make`: change the words there.

export const seamOffHere = (): string => "seam off here";
export const shortEnds = (d: { readonly name: string | number; readonly rings: string | number }): string => "short " + d.name + " " + d.rings + " ends";
export const leftOverToHere = (): string => "left over to here";
export const baseOfTheHandles = (): string => "base of the handles";
export const cutDownBetweenHandles = (): string => "base of the handles: cut down between them";
export const turn = (): string => "turn";
export const loop = (): string => "loop";
export const ends = (d: { readonly name: string | number; readonly rings: string | number }): string => '' + d.name + " " + d.rings + " ends";
