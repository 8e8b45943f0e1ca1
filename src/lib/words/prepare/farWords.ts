// Made of prepare.json by `npm run words -- --make`: change the words there.
import { plural } from '@messageformat/runtime';
import { en } from '../number';

export const oneMatCanBeginWith = (): string => "One mat can start with these balls. ";
export const matsCanBeginWithThe = (d: { readonly mats: string | number }): string => '' + d.mats + " mats can start with these balls. ";
export const thatIsAllThatAre = (d: { readonly can: string | number }): string => '' + d.can + "That is all you want.";
export const moreCount2PluralOneOther = (d: { readonly count: string | number; readonly part: string | number; readonly count2: number }): string => '' + d.count + " more " + d.part + plural(d.count2, 0, en, { one: "ball", other: "balls" });
export const and = (d: { readonly balls: string | number; readonly balls2: string | number }): string => '' + d.balls + " and " + d.balls2;
export const andTheMatCanBegin = (d: { readonly can: string | number; readonly list: string | number; readonly nth: string | number }): string => '' + d.can + d.list + " and the " + d.nth + " mat can start.";
