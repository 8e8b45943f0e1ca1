// Made of gather.json by `npm run words -- --make`: change the words there.
import { select } from '@messageformat/runtime';

export const theScale = (): string => "The scale";
export const steady = (): string => "steady";
export const settling = (): string => "settling";
export const takeTheReadingAs = (): string => "Use the reading as";
export const fullBox = (): string => "Full box";
export const emptyBox = (): string => "Empty box";
export const aHandful = (): string => "A handful";
export const weighOnAnyScaleAnd = (d: { readonly isCanConnect: 'yes' | 'no' }): string => "Weigh on any scale and type the numbers below" + select(d.isCanConnect, { yes: ", or connect one that writes to a port of this machine", other: "" }) + ".";
export const connectAScale = (): string => "Connect a scale";
export const disconnectTheScale = (): string => "Disconnect the scale";
export const tryAPracticeScale = (): string => "Try a practice scale";
export const noScaleFoundCheckIts = (): string => "No scale found. Check its cable, or type the numbers.";
export const tooHeavy = (): string => "too heavy";
