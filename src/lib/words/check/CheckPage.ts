// Made of check.json by `npm run words -- --make`: change the words there.
import { select } from '@messageformat/runtime';

export const noMatsToCheck = (): string => "No mats to check";
export const oneMatToCheckOr = (): string => "One mat to check or mend";
export const matsToCheckOrMend = (d: { readonly length: string | number }): string => '' + d.length + " mats to check or mend";
export const aSheetToCheckThem = (): string => "Check sheet to print";
export const aMatComesHereOnce = (): string => "A mat comes here when it is finished.";
export const make = (): string => "Make";
export const whatIsWrongWithThis = (): string => "What is wrong with this mat?";
export const fromWhatOneSeesTo = (): string => "From what you see to what to do.";
export const goodAtOnce = (): string => "Good at first check";
export const noMatWasCheckedYet = (): string => "No mat was checked yet.";
export const of100MatsToIsthin = (d: { readonly percent: string | number; readonly percent2: string | number; readonly percent3: string | number; readonly isThin: 'yes' | 'no' }): string => "About " + d.percent + " of 100 mats (" + d.percent2 + "–" + d.percent3 + ")" + select(d.isThin, { yes: ". Only a few were checked so far", other: "" }) + ".";
export const whatToShowAgain = (): string => "What to show again";
export const fromRecentFirstChecksNobody = (): string => "From recent first checks. Nobody is named: a step is shown again to everyone.";
export const aMeasuringSheet = (): string => "Measuring sheet for photos (PDF)";
