// Made of plan.json by `npm run words -- --make`: change the words there.
import { plural } from '@messageformat/runtime';
import { en, number } from '../number';

export const inTheSack = (): string => "What is in the sack";
export const add = (d: { readonly batch: string | number; readonly kind: string | number }): string => '' + d.batch + " more of " + d.kind;
export const less = (d: { readonly batch: string | number; readonly kind: string | number }): string => '' + d.batch + " fewer of " + d.kind;
export const count = (d: { readonly kind: string | number }): string => "Bags of " + d.kind;
export const notACount = (d: { readonly text: string | number }): string => "“" + d.text + "” is not a count. Write a whole number.";
export const madeBy = (): string => "Made by";
export const sortedBags = (): string => "Count bags that are sorted: dry, clean, without holes. A tap adds 20.";
export const itGives = (): string => "What it gives";
export const tapASack = (): string => "Tap a sack, or type how many bags there are.";
export const noMat = (): string => "No mat comes of these bags. Choose another way, or measure the bags again.";
export const matsOf = (d: { readonly width: string | number; readonly length: string | number }): string => "mats of " + d.width + " × " + d.length;
export const eachTakes = (d: { readonly hours: string | number; readonly basis: string | number }): string => '' + d.hours + " h for each mat, " + d.basis;
export const bagsEach = (d: { readonly bags: string | number; readonly pieces: number; readonly width: string | number }): string => '' + d.bags + " bags a mat, " + plural(d.pieces, 0, en, { one: "1 piece", other: '' + number("en", d.pieces, 0) + " pieces" }) + " of " + d.width + " from each";
export const inTurn = (): string => "join in turn";
export const keptApart = (): string => "Kept apart";
export const thicker = (d: { readonly percent: string | number }): string => "its yarn would be " + d.percent + " % thicker. Use it for a border or a mat of its own.";
export const thinner = (d: { readonly percent: string | number }): string => "its yarn would be " + d.percent + " % thinner. Use it for a border or a mat of its own.";
export const tooManyKinds = (): string => "six kinds are enough for one mat. It can make the next.";
export const notCut = (): string => "it cannot be cut like the others.";
export const leavingOut = (): string => "What leaving one out would change";
export const without = (d: { readonly name: string | number; readonly mats: string | number; readonly spread: string | number; readonly was: string | number }): string => "Without " + d.name + ": " + d.mats + " mats, and the yarn varies by " + d.spread + " % instead of " + d.was + " %.";
export const planThisMat = (): string => "Plan this mat";
export const from = (d: { readonly low: string | number; readonly high: string | number }): string => '' + d.low + " to " + d.high + " mats";
