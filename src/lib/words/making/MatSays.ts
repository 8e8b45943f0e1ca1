// Made of making.json by `npm run words -- --make`: change the words there.
import { plural, select } from '@messageformat/runtime';
import { en } from '../number';

export const measureIt = (): string => "Measure it";
export const saveSize = (): string => "Save size";
export const result = (): string => "Result";
export const it = (d: { readonly course: string | number }): string => "It " + d.course + ".";
export const theLastStitchOfA = (d: { readonly rows: string | number; readonly sinceRow: string | number }): string => "The last stitch of a row is easily missed. Show it, add one at the end of each of the next " + d.rows + ", or go back to row " + d.sinceRow + ".";
export const oneStitchTooManyAt = (): string => "One stitch too many at the end of a row, or a hook too big.";
export const asPlanned = (): string => "as planned";
export const isdriftSelectYesOtherThan = (d: { readonly abs: string | number; readonly isDrift: 'yes' | 'no' }): string => '' + d.abs + " % " + select(d.isDrift, { yes: "higher", other: "lower" }) + " than planned";
export const atRowItIsIts = (d: { readonly row: string | number; readonly length: string | number; readonly rowMm: string | number; readonly part: string | number; readonly length2: string | number }): string => "At row " + d.row + " it is " + d.length + ": rows are " + d.rowMm + " mm high, " + d.part + ". It will be " + d.length2 + " long.";
export const itTakesIsmorerowsSelectYes = (d: { readonly rows: string | number; readonly isMoreRows: 'yes' | 'no'; readonly abs: string | number; readonly abs2: string | number }): string => "It needs " + d.rows + " " + select(d.isMoreRows, { yes: "more", other: "fewer" }) + " to be as long as planned: " + d.abs + " m of yarn, " + d.abs2 + " bags";
export const andAboutDaysmore2PluralOne = (d: { readonly daysMore: string | number; readonly daysMore2: number }): string => ", and about " + d.daysMore + " " + plural(d.daysMore2, 0, en, { one: "day", other: "days" });
export const more = (): string => "more";
export const less = (): string => "less";
export const makeItRows = (d: { readonly rows: string | number }): string => "Make it " + d.rows + " rows";
export const atRow = (): string => "At row";
export const lengthSoFar = (): string => "Length so far";
export const widthThere = (): string => "Width there";
export const howGoesOn = (d: { readonly code: string | number }): string => "how " + d.code + " goes on";
export const saved = (): string => "Saved.";
export const rows = (d: { readonly said: string | number; readonly count: number }): string => '' + d.said + " " + plural(d.count, 0, en, { one: "row", other: "rows" });
