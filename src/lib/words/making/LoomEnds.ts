// Made of making.json by `npm run words -- --make`: change the words there.
import { select } from '@messageformat/runtime';

export const whichEnd = (): string => "Which end";
export const endRows = (d: { readonly end: string | number; readonly made: string | number }): string => '' + d.end + " end, " + d.made + " rows";
export const theFirstPassOfThe = (d: { readonly side: string | number; readonly first: string | number }): string => "The first pass of the " + d.side + " end went " + d.first + " the strand at the weaver’s left.";
export const noItWentIsfirstSelect = (d: { readonly isFirst: 'yes' | 'no' }): string => "No, it went " + select(d.isFirst, { yes: "under", other: "over" });
export const rowsStillFitBetweenThe = (d: { readonly left: string | number }): string => '' + d.left + " rows still fit between the ends.";
export const whereTheyMeetThePasses = (): string => "Where they meet, the passes are opposites.";
export const whereTheyMeetTwoRows = (): string => "Where they meet, two rows would be alike. Weave one row more or one less before closing.";
export const twoRowsAreAlikeWhere = (): string => "Two rows are alike where they meet. Take one out, or press them together for one more.";
