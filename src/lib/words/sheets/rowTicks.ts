// Made of sheets.json by `npm run words -- --make`: change the words there.

export const rowsOfPanel = (d: { readonly at: string | number }): string => "Rows of panel " + d.at;
export const ball = (d: { readonly ball: string | number }): string => "ball " + d.ball;
export const andAgain = (d: { readonly colours: string | number }): string => ": " + d.colours + ", and again";
export const theMatUsesTiesThe = (d: { readonly inMat: string | number }): string => "; the mat uses " + d.inMat + ", ties the rest";
export const ballsOf = (d: { readonly all: string | number; readonly strand: string | number; readonly colours: string | number; readonly ties: string | number }): string => '' + d.all + " balls of " + d.strand + d.colours + d.ties;
export const rows = (): string => "Rows";
export const toTickAndWhereEach = (d: { readonly name: string | number }): string => '' + d.name + " to tick, and where each ball ends";
export const ends = (d: { readonly codes: string | number }): string => '' + d.codes + " ends";
