// Made of making.json by `npm run words -- --make`: change the words there.
import { plural, select } from '@messageformat/runtime';
import { en, number } from '../number';

export const ofRowsFromBothEnds = (d: { readonly count: string | number; readonly total: string | number }): string => '' + d.count + " of " + d.total + " rows, from both ends";
export const rowOf = (d: { readonly count: string | number; readonly total: string | number }): string => "row " + d.count + " of " + d.total;
export const n1Of = (d: { readonly part: string | number; readonly parts: string | number }): string => '' + d.part + " 1 of " + d.parts;
export const ofRowOf = (d: { readonly part: string | number; readonly part2: string | number; readonly parts: string | number; readonly row: string | number; readonly each: string | number }): string => '' + d.part + " " + d.part2 + " of " + d.parts + ", row " + d.row + " of " + d.each;
export const atTheTable = (): string => "at the table";
export const beyondTwoYears = (): string => "beyond two years";
export const laterThanTwoYears = (): string => "later than two years";
export const keepsItsWidth = (): string => "keeps its width";
export const isverdictSelectYesOtherSince = (d: { readonly verdict: string | number; readonly count: string | number; readonly isVerdict: 'yes' | 'no'; readonly sinceRow: string | number }): string => '' + d.verdict + ": " + d.count + " " + select(d.isVerdict, { yes: "lost", other: "added" }) + " since row " + d.sinceRow;
export const endsInRow = (d: { readonly colour: string | number; readonly row: string | number }): string => '' + d.colour + " ends in row " + d.row;
export const needsABall = (): string => "needs a ball";
export const standsStillForWeeksAsk = (d: { readonly floor: string | number }): string => "no rows for " + d.floor + " weeks: ask how it is going";
export const noRowYet = (): string => "no row yet";
export const bothEndsWillMeetAs = (): string => "both ends · will meet correctly";
export const bothEndsOneRowMore = (): string => "both ends · one row more or less before they meet";
export const passItOn = (): string => "Pass it on";
export const sendABall = (): string => "Send a ball";
export const showTheRowEnd = (): string => "Show the row end";
export const showTheLastStitch = (): string => "Show the last stitch";
export const rows = (d: { readonly count: number }): string => '' + plural(d.count, 0, en, { one: '' + number("en", d.count, 0) + " row", other: '' + number("en", d.count, 0) + " rows" });
export const stitches = (d: { readonly said: string | number; readonly stitches: number }): string => '' + d.said + " " + plural(d.stitches, 0, en, { one: "stitch", other: "stitches" });
export const allRowsMadeFinishIt = (): string => "all rows are made: finish it";
export const cannotGoOn = (): string => "cannot go on: pass it to someone";
export const made = (): string => "made";
