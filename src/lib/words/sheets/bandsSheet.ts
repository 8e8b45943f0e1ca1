// Made of sheets.json by `npm run words -- --make`: change the words there.
import { select } from '@messageformat/runtime';

export const strandsAlongEach = (): string => "strands along each";
export const eachWideAndLong = (d: { readonly bands: string | number; readonly readable: string | number; readonly readable2: string | number }): string => '' + d.bands + ", each " + d.readable + " wide and " + d.readable2 + " long";
export const strandsABand = (d: { readonly k: string | number; readonly strand: string | number }): string => '' + d.k + " strands, " + d.strand + " a band";
export const theWeaverABandAbout = (d: { readonly strand: string | number; readonly rowsPerBand: string | number }): string => "the weaver, " + d.strand + " a band, about " + d.rowsPerBand + " passes";
export const inAllBraidedAtEach = (d: { readonly strand: string | number }): string => '' + d.strand + " in all, braided at each end";
export const keepItFlatOnA = (): string => "Keep it flat on a table: pulled too tight it curls. First band: clip the end and make it as long as the sleeper. At every turn, link the weaver into the edge of the band before. Tuck ends into the next gaps, none skipped.";
export const theTurnCrossingByCrossing = (): string => "The turn, step by step";
export const crossing = (d: { readonly crossing: string | number }): string => "Crossing " + d.crossing;
export const swapTheIspairofSelectYes = (d: { readonly isPairOf: 'yes' | 'no' }): string => "swap the " + select(d.isPairOf, { yes: "left", other: "right" }) + " pair";
export const bands = (): string => "Bands";
export const along = (): string => "Along";
export const across = (): string => "Across";
export const turns = (): string => "Turns";
export const balls = (): string => "Balls";
export const before = (): string => "Before";
