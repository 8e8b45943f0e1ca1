// Made of sheets.json by `npm run words -- --make`: change the words there.
import { select } from '@messageformat/runtime';

export const stitchesInARow = (): string => "stitches in a row";
export const inIstermsSelectYesOther = (d: { readonly stitchName: string | number; readonly isTerms: 'yes' | 'no' }): string => '' + d.stitchName + ", in " + select(d.isTerms, { yes: "US", other: "UK" }) + " words";
export const chainAndTurnStitchesIn = (d: { readonly foundationChains: string | number; readonly stitches: string | number; readonly rows: string | number; readonly isLengthwise: 'yes' | 'no' }): string => "chain " + d.foundationChains + " and turn: " + d.stitches + " stitches in every row; " + d.rows + " rows " + select(d.isLengthwise, { yes: "as long as the sleeper", other: "across" });
export const ofStrandHigh = (d: { readonly strand: string | number; readonly fine: string | number }): string => '' + d.strand + " of yarn, " + d.fine + " high";
export const countTheStitchesNowAnd = (): string => "Count the stitches now and then. The last one of a row is easily missed, and then the mat gets narrower. Join a new ball like one piece to another.";
export const stitch = (): string => "Stitch";
export const hook = (): string => "Hook";
export const begin = (): string => "Begin";
export const balls = (): string => "Balls";
export const rows = (): string => "Rows";
export const aRow = (): string => "A row";
