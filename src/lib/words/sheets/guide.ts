// Made of sheets.json by `npm run words -- --make`: change the words there.

export const seamOffHere = (): string => "seam off here";
export const shortEnds = (d: { readonly name: string | number; readonly rings: string | number }): string => "short " + d.name + " " + d.rings + " ends";
export const leftOverToHere = (): string => "left over to here";
export const baseOfTheHandles = (): string => "base of the handles";
