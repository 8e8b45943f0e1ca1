// Made of gather.json by `npm run words -- --make`: change the words there.
import { plural } from '@messageformat/runtime';
import { en } from '../number';

export const countPluralOneOtherTo = (d: { readonly count: number }): string => '' + plural(d.count, 0, en, { one: "entry", other: "entries" }) + " to correct, here or in the file";
export const countPluralOneOtherTo2 = (d: { readonly count: number }): string => '' + plural(d.count, 0, en, { one: "count", other: "counts" }) + " to check again";
export const theFirstAre = (d: { readonly length: string | number }): string => "; the first " + d.length + " are";
export const row = (d: { readonly row: string | number; readonly column: string | number }): string => "Row " + d.row + ", " + d.column;
export const correct = (): string => "Correct";
export const noSuchColumn = (): string => "(no such column)";
