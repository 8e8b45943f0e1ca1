// Made of prepare.json by `npm run words -- --make`: change the words there.
import { plural } from '@messageformat/runtime';
import { en, number } from '../number';

export const chooseAPlanToCut = (): string => "Choose a plan to cut for.";
export const cannotBeCutFromThese = (d: { readonly name: string | number }): string => '' + d.name + " cannot be cut from these.";
export const cut = (d: { readonly bags: string | number }): string => "Cut " + d.bags;
export const bagsCut = (d: { readonly bags: string | number; readonly colour: string | number }): string => '' + d.bags + " " + d.colour + " bags cut";
export const nobodySaidHowTheseWere = (): string => "How these were cut is not known.";
export const notEnoughForOneBag = (): string => "Not enough for one bag yet.";
export const ballOf = (d: { readonly bags: string | number }): string => "Ball of " + d.bags;
export const aBallOfBags = (d: { readonly bags: string | number; readonly colour: string | number }): string => "a ball of " + d.bags + " " + d.colour + " bags";
export const flatten = (d: { readonly bags: string | number }): string => "Flatten " + d.bags;
export const bagsFlattened = (d: { readonly bags: string | number; readonly colour: string | number }): string => '' + d.bags + " " + d.colour + " bags flattened";
export const nobodySaidHowTheseWere2 = (): string => "How these were cut is not known. Move them in the store.";
export const join = (d: { readonly pieces: string | number }): string => "Join " + d.pieces;
export const joined = (d: { readonly pieces: string | number; readonly colour: string | number; readonly noun: string | number }): string => '' + d.pieces + " " + d.colour + " " + d.noun + " joined";
export const ballsInIt = (d: { readonly count: number }): string => '' + plural(d.count, 0, en, { "0": "not a whole ball", one: "1 ball", other: '' + number("en", d.count, 0) + " balls" });
export const timesInIt = (d: { readonly count: number }): string => '' + plural(d.count, 0, en, { one: "1 batch", other: '' + number("en", d.count, 0) + " batches" });
