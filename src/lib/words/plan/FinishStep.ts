// Made of plan.json by `npm run words -- --make`: change the words there.
import { plural, select } from '@messageformat/runtime';
import { en, number } from '../number';

export const ties = (): string => "Ties";
export const carryingStrapWornOverThe = (): string => "Carrying strap for the shoulder";
export const tiesAndStrapTake = (): string => "Ties and strap need";
export const foldedAndRolled = (): string => "Folded and rolled";
export const acrossLong = (d: { readonly readable: string | number; readonly readable2: string | number }): string => '' + d.readable + " across, " + d.readable2 + " long";
export const scrapAndSpoiledStuff = (): string => "Scrap and spoiled pieces fill";
export const pillowsPluralOneOtherOver = (d: { readonly pillows: number; readonly mass: string | number }): string => '' + d.pillows + " " + plural(d.pillows, 0, en, { one: "pillow", other: "pillows" }) + ", " + d.mass + " over";
export const neverLetAnInfantSleep = (): string => "Never let an infant sleep on a mat or pillow. Keep both away from heaters, stoves and candles: plastic burns and drips. The receiving place's own rules come first; ask the people responsible.";
export const chained = (): string => "Chained";
export const braided = (): string => "Braided";
export const none = (): string => "None";
export const numberOfTies = (): string => "Number of ties";
export const tieLength = (): string => "Length of a tie";
export const strapLength = (): string => "Length of the strap";
export const emptyAsUsual = (): string => "Empty: as usual";
export const tooShort = (d: { readonly least: string | number }): string => "Too short: it cannot be tied. At least " + d.least + ".";
export const scant = (d: { readonly least: string | number }): string => "Just reaches: " + d.least + " makes a bow.";
export const goesRound = (d: { readonly turns: number }): string => "Goes round " + plural(d.turns, 0, en, { one: "once", other: '' + number("en", d.turns, 0) + " times" }) + ".";
export const long = (): string => "Long: keep it tied up, or someone trips.";
export const strapIs = (d: { readonly rolls: string | number; readonly kind: 'handle' | 'sling' | 'other' }): string => "The strap is " + d.rolls + " rolls long: " + select(d.kind, { handle: "a handle", sling: "a sling", other: "long for a sling" }) + ".";
