// Made of hand-over.json by `npm run words -- --make`: change the words there.
import { plural } from '@messageformat/runtime';
import { en, number } from '../number';

export const wantedBy = (d: { readonly mats: string | number; readonly place: string | number }): string => '' + d.mats + " wanted by " + d.place;
export const to = (d: { readonly mats: string | number; readonly place: string | number }): string => '' + d.mats + " to " + d.place;
export const to2 = (d: { readonly gathering: string | number; readonly mats: string | number; readonly place: string | number }): string => '' + d.gathering + " (" + d.mats + " to " + d.place + ")";
export const mats = (d: { readonly count: number }): string => '' + plural(d.count, 0, en, { one: "one mat", other: '' + number("en", d.count, 0) + " mats" });
export const ofGroup = (d: { readonly groupName: string | number; readonly summary: string | number }): string => '' + d.groupName + ": " + d.summary;
