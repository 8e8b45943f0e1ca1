// Made of hand-over.json by `npm run words -- --make`: change the words there.
import { plural } from '@messageformat/runtime';
import { en } from '../number';

export const theRollFills = (): string => "The roll fills";
export const theRollsFill = (d: { readonly length: string | number }): string => "The " + d.length + " rolls fill";
export const tooLargeForOneLength2 = (d: { readonly length: string | number; readonly length2: number }): string => "; " + d.length + " too large for a box " + plural(d.length2, 0, en, { one: "goes", other: "go" }) + " beside them";
export const length2PluralOneOtherOf = (d: { readonly part: string | number; readonly length: string | number; readonly length2: number; readonly crate: string | number; readonly part2: string | number }): string => '' + d.part + " " + d.length + " " + plural(d.length2, 0, en, { one: "box", other: "boxes" }) + " of " + d.crate + d.part2 + ".";
export const box = (d: { readonly at: string | number; readonly namesIn: string | number }): string => "Box " + d.at + ": " + d.namesIn;
