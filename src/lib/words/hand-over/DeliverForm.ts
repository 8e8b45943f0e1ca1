// Made of hand-over.json by `npm run words -- --make`: change the words there.
import { plural } from '@messageformat/runtime';
import { en, number } from '../number';

export const sendMats = (): string => "Send mats";
export const recordDelivery = (): string => "Record delivery";
export const theirLabels = (): string => "Their labels";
export const receivingPlace = (): string => "Receiving place";
export const day = (): string => "Day";
export const noteForThem = (): string => "Note for them";
export const pillows = (): string => "Pillows";
export const onePillowLies = (): string => "One pillow";
export const pillows2 = (d: { readonly length: string | number }): string => '' + d.length + " pillows";
export const ready = (d: { readonly part: string | number }): string => '' + d.part + " ready.";
const with_ = (d: { readonly chosen: string | number }): string => "with " + d.chosen;
export { with_ as with };
export const onItsOwn = (): string => "on its own";
export const aPillowWithEach = (): string => "A pillow with each";
export const boxesOfAGathering = (d: { readonly crate: string | number }): string => "Box size (" + d.crate + ") and event";
export const boxWidth = (): string => "Box width";
export const depth = (): string => "depth";
export const height = (): string => "height";
export const eventAtTheDelivery = (): string => "Event at the delivery";
export const whatForAndWhenIt = (): string => "What and when. It goes into the calendar.";
export const theBox = (): string => "The box";
export const theyAskedFor = (d: { readonly mats: number; readonly by: string | number; readonly handed: string | number }): string => "They asked for " + plural(d.mats, 0, en, { one: "1 mat", other: '' + number("en", d.mats, 0) + " mats" }) + " by " + d.by + ". " + d.handed + " delivered.";
export const theBoxIsEmpty = (): string => "The box is empty. Tap a mat on the shelf, or drag it here.";
export const countOf = (d: { readonly count: string | number; readonly mats: string | number }): string => '' + d.count + " of " + d.mats;
export const matsPacked = (d: { readonly count: number }): string => '' + plural(d.count, 0, en, { one: "mat", other: "mats" }) + " packed";
