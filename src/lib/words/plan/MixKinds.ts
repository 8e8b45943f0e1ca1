// Made of plan.json by `npm run words -- --make`: change the words there.
import { plural } from '@messageformat/runtime';
import { en, number } from '../number';

export const kindsInThisMat = (): string => "Kinds of bag in this mat";
export const sharesOrBags = (): string => "By";
export const shares = (): string => "Share of the yarn";
export const counts = (): string => "Bags there are";
export const kind = (d: { readonly nth: string | number }): string => "Kind " + d.nth;
export const share = (d: { readonly nth: string | number }): string => "Share of kind " + d.nth + ", %";
export const bags = (d: { readonly nth: string | number }): string => "Bags of kind " + d.nth;
export const remove = (d: { readonly nth: string | number }): string => "Leave out kind " + d.nth;
export const addKind = (): string => "Add a kind";
export const noOther = (): string => "No other kind is known. Measure one under Kinds of bag.";
export const cutInto = (d: { readonly pieces: number; readonly width: string | number }): string => '' + plural(d.pieces, 0, en, { one: "1 loop", other: '' + number("en", d.pieces, 0) + " loops" }) + " of " + d.width;
export const wide = (d: { readonly width: string | number }): string => '' + d.width + " wide";
export const asIs = (): string => "as it is";
export const sameYarn = (): string => "same yarn";
export const thicker = (d: { readonly percent: string | number }): string => '' + d.percent + " % thicker";
export const thinner = (d: { readonly percent: string | number }): string => '' + d.percent + " % thinner";
export const asOne = (): string => "mix freely";
export const alternate = (): string => "join in turn";
export const apart = (): string => "keep apart";
export const needs = (d: { readonly bags: string | number }): string => '' + d.bags + " bags";
export const short = (d: { readonly bags: string | number }): string => '' + d.bags + " short";
export const order = (): string => "Join the pieces in this order";
export const orderOf = (d: { readonly order: string | number }): string => "Order of pieces: " + d.order;
export const cardsOnPaper = (): string => "The cutting sheet has a card for each kind.";
