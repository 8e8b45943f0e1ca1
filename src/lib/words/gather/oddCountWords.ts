// Made of gather.json by `npm run words -- --make`: change the words there.
import { plural } from '@messageformat/runtime';
import { en } from '../number';

export const bagsThisPlaceBringsAbout = (d: { readonly bags: string | number; readonly usual: string | number }): string => '' + d.bags + " bags? This source usually brings about " + d.usual + ". Check the digits.";
export const bagsAtOnceFillA = (d: { readonly bags: string | number }): string => '' + d.bags + " bags fill a hall. Check the digits.";
export const atOnceIsMoreThan = (d: { readonly pieces: string | number }): string => '' + d.pieces + " at once is more than a table moves in a day. Check the digits.";
export const kgOfScrapAtOnce = (d: { readonly scrapG: string | number }): string => '' + d.scrapG + " kg of scrap? Was it grams?";
export const bagsInSacks2PluralOne = (d: { readonly bags: string | number; readonly sacks: string | number; readonly sacks2: number }): string => '' + d.bags + " bags do not fit in " + d.sacks + " " + plural(d.sacks2, 0, en, { one: "sack", other: "sacks" }) + ". Check both.";
export const oneBagWouldWeighG = (d: { readonly meanG: string | number }): string => "One bag would weigh " + d.meanG + " g, too light. Were the box and the handfuls weighed in the same unit?";
export const oneBagWouldWeighG2 = (d: { readonly meanG: string | number }): string => "One bag would weigh " + d.meanG + " g, too heavy. Were the box and the handfuls weighed in the same unit?";
export const thatMakesSortedAndOnly = (d: { readonly all: string | number; readonly came: string | number }): string => "That makes " + d.all + " sorted, but only " + d.came + " came from there. Count again, or add what came first.";
