// Made of season.json by `npm run words -- --make`: change the words there.
import { plural } from '@messageformat/runtime';
import { en } from '../number';

export const theTable = (): string => "the table";
export const hands = (): string => "Who makes what";
export const eachIsYours = (): string => "Take what suits you. Ask the people first: they know their weeks best.";
export const nothingBetter = (): string => "No change would bring more mats. Go on as you are.";
export const passOn = (d: { readonly mat: string | number; readonly to: string | number }): string => "Pass " + d.mat + " to " + d.to;
export const nowWith = (d: { readonly from: string | number }): string => "now with " + d.from;
export const takeIt = (): string => "Do this";
export const taken = (): string => "Passed on.";
export const yarnGoesTo = (d: { readonly names: string | number }): string => "Yarn goes to " + d.names + ", in this order.";
export const helpAtTheTable = (d: { readonly names: string | number; readonly count: number }): string => '' + d.names + " " + plural(d.count, 0, en, { one: "helps", other: "help" }) + " at the table for now.";
export const startBy = (d: { readonly plan: string | number }): string => "Start new mats by “" + d.plan + "”";
export const orderIsKept = (): string => "The order of who starts next is set.";
export const anyOrder = (): string => "Use any order again";
