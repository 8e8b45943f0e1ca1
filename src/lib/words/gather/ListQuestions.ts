// Made of gather.json by `npm run words -- --make`: change the words there.
import { plural } from '@messageformat/runtime';
import { en } from '../number';

export const itsDaysAreWrittenWith = (): string => "Its dates are written with";
export const ofTheRowsKnowncount2Plural = (d: { readonly knownCount: string | number; readonly knownCount2: number }): string => '' + d.knownCount + " of the rows " + plural(d.knownCount2, 0, en, { one: "is", other: "are" }) + " already here,";
export const withTheSameDayAnd = (): string => "with the same day and count.";
export const theyAreLeftOut = (): string => "They are left out.";
export const theyAreCountedOnceMore = (): string => "They are counted again.";
export const leaveThemOut = (): string => "Leave them out";
export const countThemAgain = (): string => "Count them again";
export const thisCountIsRight = (): string => "This count is right";
export const theseCountsAreRight = (): string => "These counts are right";
export const theYearFirst = (): string => "the year first";
export const dayFirst = (): string => "day first: 24/11/2026";
export const monthFirst = (): string => "month first: 11/24/2026";
