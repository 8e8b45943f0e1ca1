// Made of house.json by `npm run words -- --make`: change the words there.
import { select } from '@messageformat/runtime';

export const history = (): string => "History";
export const whoDidWhatAndWhen = (): string => "Who did what, newest first. Nobody can change it.";
export const nothingYetIsfirstSelectYes = (d: { readonly isFirst: 'yes' | 'no' }): string => "Nothing yet" + select(d.isFirst, { yes: "", other: ", before that" }) + ".";
export const newest = (): string => "Newest";
export const older = (): string => "Older";
