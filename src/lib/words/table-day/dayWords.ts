// Made of table-day.json by `npm run words -- --make`: change the words there.
import { plural } from '@messageformat/runtime';
import { en } from '../number';

export const thoseWhoFlatten = (): string => "Those who flatten";
export const theCutters = (): string => "The cutters";
export const theJoiners = (): string => "The joiners";
export const theWinders = (): string => "The winders";
export const isAChildNeverA = (d: { readonly who: string | number }): string => '' + d.who + " is a child: never a blade. Choose blunt scissors or another seat.";
export const isAChildAnAdult = (d: { readonly who: string | number; readonly stationWords: string | number; readonly clock: string | number }): string => '' + d.who + " is a child and needs an adult beside them at " + d.stationWords + ", all the time. From " + d.clock + " there is none.";
export const thereAreNotToolsEnough = (d: { readonly stationWords: string | number; readonly clock: string | number }): string => "There are too few tools for one more at " + d.stationWords + " from " + d.clock + ".";
export const wouldSitInTwoPlaces = (d: { readonly who: string | number; readonly clock: string | number }): string => '' + d.who + " would be in two places at " + d.clock + ".";
export const moreStrandForTheNext = (): string => "more yarn for the next ball";
export const someone = (): string => "Someone";
export const ballsMore = (d: { readonly balls: number }): string => '' + d.balls + " " + plural(d.balls, 0, en, { one: "ball", other: "balls" }) + " more";
export const isATeenagerNeverA = (d: { readonly who: string | number }): string => '' + d.who + " is a teenager: no rolling blade.";
export const needsAnAdultThere = (d: { readonly who: string | number; readonly stationWords: string | number; readonly clock: string | number }): string => '' + d.who + " needs an adult at " + d.stationWords + " from " + d.clock + ".";
export const doesntSitThere = (d: { readonly who: string | number; readonly stationWords: string | number }): string => '' + d.who + " does not do " + d.stationWords + ".";
