// Made of sheets.json by `npm run words -- --make`: change the words there.
import { plural } from '@messageformat/runtime';
import { en, number } from '../number';

export const washYourHandsOrWear = (): string => "Wash your hands or wear gloves. Hose a mat that smells or is damp and hang it for a day. Never pack it wet.";
export const filmCanSuffocateBurnsAnd = (): string => "Plastic can suffocate, burns and drips: keep it away from small children and flames. The place’s own rules come first. Ask the people responsible.";
export const matsToCheck = (): string => "Mats to check";
export const goOverEachMatWith = (): string => "Go over each mat with a finger. Cross the spots where it goes through; tick what else you find. Type in afterwards: length, width, weight, spots, faults.";
export const lengthWidthWeightDry = (): string => "Length ____________ Width ____________ Weight, dry ____________";
export const mats = (d: { readonly count: number }): string => '' + plural(d.count, 0, en, { one: '' + number("en", d.count, 0) + " mat", other: '' + number("en", d.count, 0) + " mats" });
export const faultAndMinutes = (d: { readonly fault: string | number; readonly minutes: string | number }): string => '' + d.fault + " (" + d.minutes + " min)";
