// Made of season.json by `npm run words -- --make`: change the words there.
import { plural } from '@messageformat/runtime';
import { en, number } from '../number';

export const setRhythmFirst = (): string => "Set the table days first. Then the best plan can be found.";
export const setRhythm = (): string => "Set the table days";
export const nothingIsAsked = (): string => "No place asks for mats yet, so there is nothing to plan for.";
export const asks = (): string => "Asked and promised";
export const wantedBy = (d: { readonly wanted: number; readonly day: string | number }): string => '' + plural(d.wanted, 0, en, { one: '' + number("en", d.wanted, 0) + " mat is", other: '' + number("en", d.wanted, 0) + " mats are" }) + " wanted by " + d.day + ".";
export const whatItTries = (): string => "The search tries who could finish each mat, and who should get yarn first.";
export const lookingForTheBest = (): string => "Looking for the best plan …";
export const stop = (): string => "Stop";
export const stopped = (): string => "The search was stopped. Nothing was changed.";
export const findIt = (): string => "Find the best plan";
export const needsScripts = (): string => "This page needs scripts: the search runs on this device.";
export const found = (): string => "The best plan was found.";
export const matsReady = (): string => "Mats ready";
export const chance = (): string => "Chance";
export const asItIs = (): string => "As it is";
export const withAllOfIt = (): string => "With the whole plan";
export const onAverage = (d: { readonly before: string | number; readonly after: string | number }): string => "On average " + d.before + " mats as it is, and " + d.after + " with the plan.";
export const nextMatsFollow = (d: { readonly plan: string | number }): string => "The next mats follow “" + d.plan + "”.";
export const asAsked = (): string => "Use the plan each ask needs";
export const backToSeason = (): string => "Back to the season";
