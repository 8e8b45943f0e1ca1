// Made of gather.json by `npm run words -- --make`: change the words there.
import { plural } from '@messageformat/runtime';
import { en, number } from '../number';

export const anyColour = (): string => "any colour";
export const ofAnyColour = (): string => "of any colour";
export const noneWasSortedYet = (): string => "none was sorted yet";
export const ofSortedWereNoGood = (d: { readonly rejected: string | number; readonly sorted: string | number }): string => '' + d.rejected + " of " + d.sorted + " sorted were unusable";
export const bags = (d: { readonly hanging: number }): string => '' + plural(d.hanging, 0, en, { one: '' + number("en", d.hanging, 0) + " bag", other: '' + number("en", d.hanging, 0) + " bags" });
