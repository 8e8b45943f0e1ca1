// Made of sheets.json by `npm run words -- --make`: change the words there.
import { plural } from '@messageformat/runtime';
import { en } from '../number';

export const delivery = (d: { readonly code: string | number }): string => "Delivery " + d.code;
export const toCarry = (): string => "to carry";
export const event = (d: { readonly gathering: string | number }): string => "Event: " + d.gathering;
export const whatIsInIt = (): string => "What is in it";
export const notWeighed = (): string => "not weighed";
export const onTheirOwn = (d: { readonly alone: string | number }): string => "On their own: " + d.alone + ".";
export const packedInCratesOf = (d: { readonly crate: string | number }): string => "Packed in boxes of " + d.crate;
export const tooLargeForACrate = (d: { readonly left: string | number }): string => "Too large for a box, beside them: " + d.left + ".";
export const and = (d: { readonly pillows: string | number }): string => " and " + d.pillows;
export const note = (): string => "Note ______________________________________________________________";
export const typedInAfterwardsUnderHand = (d: { readonly code: string | number }): string => "Type in afterwards under Hand over, by " + d.code + ", with the day. Never write down who sleeps on a mat.";
export const mat = (): string => "Mat";
export const size = (): string => "Size";
export const weight = (): string => "Weight";
export const pillow = (): string => "Pillow";
export const arrived = (): string => "Arrived";
export const received = (): string => "Received";
export const matsLabel = (d: { readonly count: number }): string => '' + plural(d.count, 0, en, { one: "mat", other: "mats" });
export const pillowsLabel = (d: { readonly count: number }): string => '' + plural(d.count, 0, en, { one: "pillow", other: "pillows" });
export const boxesLabel = (d: { readonly count: number }): string => '' + plural(d.count, 0, en, { one: "box", other: "boxes" });
export const onBy = (d: { readonly mats: string | number; readonly pillows: string | number }): string => '' + d.mats + d.pillows + ", on ________________, by ________________________________";
