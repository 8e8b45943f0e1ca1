// Made of gather.json by `npm run words -- --make`: change the words there.
import { plural } from '@messageformat/runtime';
import { en } from '../number';

export const ofTheRowsCount2Plural = (d: { readonly count: string | number; readonly count2: number }): string => '' + d.count + " of the rows " + plural(d.count2, 0, en, { one: "is", other: "are" }) + " already here, with the same day and count. Leave them out or count them again.";
export const row = (d: { readonly row: string | number; readonly column: string | number; readonly sentence: string | number }): string => "Row " + d.row + ", " + d.column + ": " + d.sentence;
