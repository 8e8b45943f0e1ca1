// Made of hand-over.json by `npm run words -- --make`: change the words there.
import { plural } from '@messageformat/runtime';
import { en } from '../number';

export const noPillowsReady = (): string => "No pillows ready";
export const lengthPluralOneOtherThere = (d: { readonly pillows: string | number; readonly length: number }): string => '' + d.pillows + " " + plural(d.length, 0, en, { one: "is", other: "are" }) + " ready";
export const byTheBookTheStore = (d: { readonly mass: string | number; readonly bags: string | number; readonly pillows: string | number; readonly mass2: string | number }): string => "The store has " + d.mass + " of scrap and " + d.bags + " torn bags: enough for " + d.pillows + " of " + d.mass2 + ".";
export const tornBagsInIt = (d: { readonly bags: string | number }): string => ", " + d.bags + " torn bags in it";
export const made = (d: { readonly yearDay: string | number }): string => "made " + d.yearDay;
export const addPillowsToAMat = (): string => "Add pillows to a mat when you send it, under Send.";
