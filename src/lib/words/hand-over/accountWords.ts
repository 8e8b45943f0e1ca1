// Made of hand-over.json by `npm run words -- --make`: change the words there.
import { plural } from '@messageformat/runtime';
import { en } from '../number';

export const oneMat = (): string => "one mat";
export const ofNoLabelSaysWhich = (d: { readonly mats: string | number }): string => " For " + d.mats + " no label says which bags are in them. None of those is counted.";
export const ofOnlySomeBallsHad = (d: { readonly mats: string | number }): string => " For " + d.mats + " only some balls had labels. The other bags are not counted.";
export const ofNeitherAWeightNor = (d: { readonly mats: string | number }): string => " For " + d.mats + " neither weight nor label is known. None of those is counted.";
export const matDelivered = (): string => "mat delivered";
export const matsDelivered = (): string => "mats delivered";
export const matsOfTheDeliveriesBelow = (): string => "Mats of the deliveries below. A mat that was sent back does not count until it goes again.";
export const area = (): string => "area";
export const widthByLengthOfEach = (): string => "Width times length of each mat, measured at its last check before delivery.";
export const bagsKeptFromTheBin = (): string => "bags saved from the bin";
export const bagsByTheLabelsOf = (d: { readonly mats: string | number; readonly matBags: string | number; readonly pillowBags: string | number; readonly uncounted: string | number; readonly partly: string | number }): string => "Bags by the labels of the balls given for " + d.mats + ": " + d.matBags + ". Torn bags in the pillows: " + d.pillowBags + ". Counted, not guessed." + d.uncounted + d.partly;
export const ofPlastic = (): string => "of plastic";
export const pillowsThatWentWithThe = (): string => "Pillows delivered with the mats. Scrap in them is weighed and does not count as bags.";
export const fromTheFirstTapOf = (): string => "From the first to the last row tapped at each sitting, as phones and tablets counted.";
export const workThatWasNotTimed = (): string => "Work that was not timed, estimated from the plans at the group’s own pace: rows without a sitting, flattening, cutting, joining, balls, finishing and checking.";
export const total = (): string => "Total";
export const season = (d: { readonly seasonName: string | number }): string => "Season " + d.seasonName;
export const year = (d: { readonly year: string | number }): string => "Year " + d.year;
export const delivery = (d: { readonly code: string | number }): string => "Delivery " + d.code;
export const matsByTheirWeightAt = (d: { readonly unweighed: string | number }): string => "Mats: their weight at the last check before delivery, or the labels of their balls. Pillows: what is in them." + d.unweighed;
export const mats = (d: { readonly count: string | number }): string => '' + d.count + " mats";
export const pillows = (d: { readonly count: number }): string => '' + plural(d.count, 0, en, { one: "pillow", other: "pillows" });
export const timed = (): string => "timed";
export const estimated = (): string => "estimated";
