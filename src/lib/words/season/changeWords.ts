// Made of season.json by `npm run words -- --make`: change the words there.
import { plural } from '@messageformat/runtime';
import { en, number } from '../number';

export const makerLeft = (d: { readonly names: string | number }): string => '' + d.names + " left.";
export const makersLeft = (d: { readonly count: string | number }): string => '' + d.count + " makers left.";
export const makerNew = (d: { readonly count: number }): string => '' + plural(d.count, 0, en, { one: "One more maker", other: '' + number("en", d.count, 0) + " more makers" }) + ".";
export const namesAway = (d: { readonly names: string | number }): string => '' + d.names + " away.";
export const countAway = (d: { readonly count: number }): string => '' + plural(d.count, 0, en, { one: "One maker is away", other: '' + number("en", d.count, 0) + " makers are away" }) + ".";
export const daysOff = (d: { readonly count: number; readonly days: string | number }): string => '' + plural(d.count, 0, en, { one: "1 table day is off", other: '' + number("en", d.count, 0) + " table days are off" }) + ": " + d.days + ".";
export const daysMore = (d: { readonly count: number; readonly days: string | number }): string => '' + plural(d.count, 0, en, { one: "1 more table day", other: '' + number("en", d.count, 0) + " more table days" }) + ": " + d.days + ".";
export const dry = (d: { readonly places: string | number }): string => "No bags for 3 weeks from " + d.places + ".";
export const bagsMore = (d: { readonly bags: string | number }): string => "About " + d.bags + " bags a week more.";
export const bagsFewer = (d: { readonly bags: string | number }): string => "About " + d.bags + " bags a week fewer.";
export const askedMore = (d: { readonly count: number }): string => '' + plural(d.count, 0, en, { one: "1 more mat", other: '' + number("en", d.count, 0) + " more mats" }) + " asked for.";
export const askedFewer = (d: { readonly count: number }): string => '' + plural(d.count, 0, en, { one: "1 mat fewer", other: '' + number("en", d.count, 0) + " mats fewer" }) + " asked for.";
export const passed = (d: { readonly count: number }): string => '' + plural(d.count, 0, en, { one: "1 mat", other: '' + number("en", d.count, 0) + " mats" }) + " passed the check.";
export const countedMore = (): string => "You count on more help.";
export const countedLess = (): string => "You count on less help.";
export const fewer = (d: { readonly mats: string | number }): string => "about " + d.mats + " fewer";
export const more = (d: { readonly mats: string | number }): string => "about " + d.mats + " more";
export const hardly = (): string => "almost no effect";
export const passMatOn = (): string => "Pass the mat on";
export const addDay = (): string => "Add a table day";
export const askForBags = (): string => "Ask for bags";
export const seeDays = (): string => "See the days";
export const seeAsks = (): string => "See the asks";
export const handOver = (): string => "Hand over";
