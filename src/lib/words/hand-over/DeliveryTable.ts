// Made of hand-over.json by `npm run words -- --make`: change the words there.
import { plural } from '@messageformat/runtime';
import { en } from '../number';

export const deliveryByDelivery = (): string => "Each delivery";
export const kg = (d: { readonly filmKg: string | number }): string => '' + d.filmKg + " kg";
export const olderMore2PluralOneOther = (d: { readonly more: string | number; readonly more2: number }): string => '' + d.more + " older " + plural(d.more2, 0, en, { one: "one is", other: "ones are" }) + " counted above but not listed. The CSV has every mat.";
export const area = (): string => "Area";
export const hoursTimed = (): string => "Hours timed";
export const hoursEstimated = (): string => "Hours estimated";
export const delivery = (): string => "Delivery";
export const mats = (): string => "Mats";
export const bags = (): string => "Bags";
export const pillows = (): string => "Pillows";
export const plastic = (): string => "Plastic";
