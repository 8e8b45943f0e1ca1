// Made of gather.json by `npm run words -- --make`: change the words there.
import { select } from '@messageformat/runtime';

export const sortedSoFar = (): string => "Sorted so far";
export const nothingYetWhatYouSort = (): string => "Nothing sorted yet. What you sort is listed here, newest first.";
export const bags = (): string => "Bags";
export const by = (d: { readonly byName: string | number }): string => ", by " + d.byName;
export const fromIshasdriedSelectYesOther = (d: { readonly place: string | number; readonly isHasDried: 'yes' | 'no'; readonly part: string | number }): string => "from " + d.place + select(d.isHasDried, { yes: ", dried", other: "" }) + d.part;
export const bags2 = (): string => "bags";
export const sortedFrom = (d: { readonly part: string | number; readonly place: string | number }): string => '' + d.part + " sorted from " + d.place;
export const goodForYarn = (): string => "Good for yarn";
export const stuffing = (): string => "Stuffing";
export const drying = (): string => "Drying";
export const rejected = (): string => "Rejected";
export const day = (): string => "Day";
export const what = (): string => "What";
export const correct = (): string => "Correct";
