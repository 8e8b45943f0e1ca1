// Made of today.json by `npm run words -- --make`: change the words there.
import { plural } from '@messageformat/runtime';
import { en, number } from '../number';

export const tableDay = (): string => "Table day";
export const today = (): string => "Today";
export const goOn = (): string => "Go on";
export const whoComes = (): string => "Who comes";
export const openTheDay = (): string => "Open the day";
export const chooseSeats = (): string => "Choose seats";
export const seeTheDay = (): string => "See the day";
export const nobodySaidYes = (): string => "Nobody has said yes yet.";
export const comeWithoutASeat = (d: { readonly people: number; readonly open: string | number }): string => '' + plural(d.people, 0, en, { one: "1 volunteer comes", other: '' + number("en", d.people, 0) + " volunteers come" }) + ", " + d.open + " without a seat.";
export const comeAllSeated = (d: { readonly people: number }): string => '' + plural(d.people, 0, en, { one: "1 volunteer comes", other: '' + number("en", d.people, 0) + " volunteers come" }) + ", all with a seat.";
