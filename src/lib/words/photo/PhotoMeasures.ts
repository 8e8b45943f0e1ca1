// Made of photo.json by `npm run words -- --make`: change the words there.
import { plural } from '@messageformat/runtime';
import { en, number } from '../number';

export const use = (): string => "Use these measures";
export const range = (): string => "Range";
export const rangeMeans = (): string => "In 8 of 10 photos the true size is inside the range.";
export const notSure = (): string => "not sure";
export const countThem = (): string => "The count is not sure. Count them and type the number.";
export const tapFirst = (): string => "Tap the first row, then the last.";
export const lookAtTheEdge = (): string => "Check that the lines are on the edges.";
export const weighTen = (): string => "Weigh ten bags for the thickness.";
export const openTheMat = (): string => "To save these with a mat, open the mat under Check.";
export const check = (): string => "Check";
export const itIsDark = (): string => "The photo is dark. Take it in better light for closer measures.";
export const stripsOn = (d: { readonly count: number; readonly mean: string | number }): string => '' + plural(d.count, 0, en, { one: "one strip", other: '' + number("en", d.count, 0) + " strips" }) + ", " + d.mean + " on average";
export const isNarrow = (d: { readonly place: string | number; readonly percent: string | number }): string => "Strip " + d.place + " is " + d.percent + " % too narrow. It will show as a thin row. Check the fold.";
export const isWide = (d: { readonly place: string | number; readonly percent: string | number }): string => "Strip " + d.place + " is " + d.percent + " % too wide. It will show as a thick row. Check the fold.";
export const narrows = (d: { readonly by: string | number }): string => "It gets narrower: " + d.by + " less at the end. A stitch was missed at the edge.";
export const keepsItsWidth = (): string => "It keeps its width.";
export const through = (d: { readonly percent: string | number; readonly low: string | number; readonly high: string | number }): string => '' + d.percent + " of 100 is open (" + d.low + "–" + d.high + ")";
export const close = (): string => "close";
export const fair = (): string => "fair";
export const open = (): string => "gaps";
export const closenessIs = (d: { readonly closeness: string | number }): string => "Closeness: " + d.closeness + ". Press with a fingertip, too.";
